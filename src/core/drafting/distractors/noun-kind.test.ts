import { expect, it } from "vitest";
import { tools } from "../../../../tests/support/language-tools";
import { overlaps, wuPalmer } from "./noun-kind";

const { lexicon } = tools();

it("finds a mayor nearer to a captain than to a rope", () => {
  expect(wuPalmer("captain", "mayor", lexicon)).toBeGreaterThan(wuPalmer("captain", "rope", lexicon));
});
it("takes a word, its synonym and its own kind as overlapping", () => {
  expect(overlaps("boat", "boat", lexicon)).toBe(true);
  expect(overlaps("boat", "vessel", lexicon)).toBe(true);
  expect(overlaps("boat", "rope", lexicon)).toBe(false);
});
