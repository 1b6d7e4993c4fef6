import { expect, it } from "vitest";
import { tokenize } from "./tokenize";

const words = (text: string) => tokenize(text).map((token) => token.text);

it.each([
  ["Keepers didn't sleep.", ["Keepers", "did", "n't", "sleep", "."]],
  ["The keeper's lamp held 1,016 prisms.", ["The", "keeper", "'s", "lamp", "held", "1,016", "prisms", "."]],
  ["A first-order lens, 3.5 m tall", ["A", "first-order", "lens", ",", "3.5", "m", "tall"]],
  ["Mr. Marrow came in the 1870s", ["Mr.", "Marrow", "came", "in", "the", "1870s"]],
  ["the light – seen far away – turned", ["the", "light", "–", "seen", "far", "away", "–", "turned"]],
])("takes %j apart", (text, wanted) => {
  expect(words(text)).toEqual(wanted);
});

it("keeps the offsets of curly quotes and clitics", () => {
  const text = "It’s the keeper’s lamp";
  for (const token of tokenize(text)) expect(text.slice(token.start, token.end).replace(/’/g, "'")).toBe(token.text);
});
