import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";

const SPOKEN =
  "okay so today the keeper turns the lens and the lens throws the light far out to sea the ships see the light at night um then the captain counts the seconds and he knows the name of the lighthouse the light never stops because a clockwork motor turns it";

describe("speech without full stops", () => {
  const { sentences, blocks } = analyse(SPOKEN);
  it("is cut where clauses parse", () => {
    const texts = sentences.map(({ text }) => text);
    expect(texts).toContain("the ships see the light at night");
    expect(texts.length).toBeGreaterThanOrEqual(4);
  });
  it("stays as it is in the source", () => {
    for (const { text, start, end } of sentences) expect(blocks[0]!.text.slice(start, end)).toBe(text);
  });
  it("leaves out what opens a clause and belongs to none", () => {
    for (const { text } of sentences) expect(text).not.toMatch(/^(?:okay|um|so)\b/);
  });
  it("counts its sentences in order", () => {
    expect(sentences.map(({ index }) => index)).toEqual(sentences.map((_, index) => index));
  });
  it("is left alone where it has full stops", () => {
    expect(analyse("The keeper turns the lens. The lens throws the light far out to sea.").sentences.every((sentence) => !sentence.unpunctuated)).toBe(true);
  });
});

it("a long sentence that somebody wrote, with its commas and its stop, stays whole", () => {
  const long =
    "After the long war of the two towns over the herring grounds, the council of Skerry Bay, which had lost most of its boats and nearly all of its money, asked the fishermen of the northern islands to lend it twelve boats, and promised them a share of every catch until the debt was paid.";
  expect(analyse(long).sentences.map(({ text }) => text)).toEqual([long]);
});
