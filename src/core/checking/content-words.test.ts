import { describe, expect, it } from "vitest";
import { blocksOf, tools } from "../../../tests/support/language-tools";
import { baseForm, baseSet, contentWords, sourceBases } from "./content-words";

const { lexicon } = tools();
const bases = (text: string) => contentWords(text, lexicon).map((word) => word.base);

describe("words that are compared", () => {
  it.each([
    ["forms of a verb", "wound winding winds", ["wind", "wind", "wind"]],
    ["one and many", "prism prisms ferries", ["prism", "prism", "ferry"]],
    ["more and most", "heavy heavier heaviest", ["heavy", "heavy", "heavy"]],
    ["numbers in words and digits", "forty-one 41 1,016", ["#41", "#41", "#1016"]],
  ])("%s", (_, text, wanted) => {
    expect(bases(text)).toEqual(wanted);
  });
  it("leaves out what carries no meaning, but not the words that deny", () => {
    expect(bases("the lamp did not turn before it was lit")).toEqual(["lamp", "not", "turn", "before", "light"]);
  });
  it("knows names by their capital inside a sentence", () => {
    expect(contentWords("Keepers met Nell there.", lexicon).map((word) => word.kind)).toEqual(["word", "word", "name"]);
  });
  it("remembers the word as it is written, and where", () => {
    const [, word] = contentWords("the Lamp, Keepers slept", lexicon);
    expect(word).toMatchObject({ shown: "Keepers", start: 10 });
  });
});

it("reads a base form whatever the part of speech", () => {
  expect(["lenses", "glass", "brass", "running", "shown"].map((word) => baseForm(word, lexicon))).toEqual(["lens", "glass", "brass", "run", "show"]);
});

it("counts the words of a source once", () => {
  const blocks = blocksOf("The lamp burned.\n\nThe keepers slept.");
  expect(sourceBases(blocks, lexicon)).toBe(sourceBases(blocks, lexicon));
  expect([...baseSet("lamp lamps", lexicon)]).toEqual(["lamp"]);
});
