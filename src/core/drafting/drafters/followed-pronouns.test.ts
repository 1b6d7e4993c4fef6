import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { followsPronouns } from "./followed-pronouns";

/** Of the last sentence of a text. */
const isFollowed = (text: string) => {
  const analysis = analyse(text);
  return followsPronouns(analysis.sentences.at(-1)!, analysis);
};

describe("pronouns of a sentence that is read by itself", () => {
  it.each([
    "In 1800, a farmer who wanted to sell his wheat faced a miserable choice.",
    "A resting heart beats seventy times a minute; during a hard run it may reach 180.",
    "DeWitt Clinton, the governor of New York, believed he had an answer.",
    "Because the walls have to carry the roof, they are thicker than the others.",
    "It is easy to see the stars from the pier.",
    "The keeper oiled the hinge.",
  ])("are followed where a noun ahead agrees: %s", (text) => {
    expect(isFollowed(text)).toBe(true);
  });
  it.each([
    "In the swamps near Syracuse, about a thousand of them fell ill in a single summer.",
    "The right side pushes it to the lungs.",
    "Nothing like it had been tried in America.",
    "The children said that she would never come back.",
  ])("are not where none does: %s", (text) => {
    expect(isFollowed(text)).toBe(false);
  });
});
