import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { plainCandidate } from "../../../../tests/support/plain-candidate";
import type { Candidate } from "../candidate";
import { featuresOf, topicality } from "./features";

const analysis = analyse(
  "# The lamp\n\nThe lamp burns oil. It was heavy. Ida Marrow cleaned the lamp, and Tom Reyne lit the lamp. A gull slept on a rope.\n\nThe lamp was sold.",
  "markdown",
);
const [, first, second, third, fourth] = analysis.sentences;

const features = (more: Partial<Candidate> = {}) => featuresOf(plainCandidate(first!, more), analysis);

describe("what a candidate is like", () => {
  it.each([
    ["kind", { kind: "number" }, "kind number", 1],
    ["sort of fact", { factType: "cause" }, "fact cause", 1],
    ["family of patterns, whatever proves it", { pattern: "proved-why-because" }, "pattern why-because", 1],
    ["depth", { depth: "reasoning" }, "depth reasoning", 1],
    ["short stem", { stem: "What burns oil?" }, "stem is short", 1],
    ["long stem", { stem: `What does the ${"very ".repeat(20)}old lamp burn?` }, "stem is long", 1],
    ["stem with a pronoun", { stem: "What does it burn every night?" }, "stem has a pronoun", 1],
    ["stem with a clause", { stem: "What burns when the sun has set?" }, "stem has a clause", 1],
    ["stem with a number", { stem: "What was sold in 1902?" }, "stem has a number", 1],
    ["stem with a hedge", { stem: "What does the lamp usually burn?" }, "stem has hedges", 1],
    ["stem with a name", { stem: "What did Ida Marrow clean?" }, "stem has names", 1],
    ["key of one word", { key: "Oil" }, "key is one word", 1],
    ["key with a number", { key: "About 40" }, "key has a number", 1],
    ["few options", { kind: "multiple-choice", distractors: ["coal", "wood"] }, "few options", 1],
    ["place of its sentence", { evidence: [second!] }, "opens its paragraph", 0],
    ["sentence of several clauses", { evidence: [third!] }, "several clauses", 1],
    ["sentence whose pronoun was told", { evidence: [second!] }, "pronoun resolved", 1],
  ] as const)("%s", (_, more, name, wanted) => {
    expect(features(more as unknown as Partial<Candidate>)[name] ?? 0).toBe(wanted);
  });
  it("has nothing that is not so", () => {
    expect(features({ stem: "What does the old lamp burn every night?" })).toMatchObject({
      "stem is short": 0,
      "stem is long": 0,
      "stem has a pronoun": 0,
      "stem has a clause": 0,
      "stem has a number": 0,
      "stem has hedges": 0,
      "stem has names": 0,
      "several clauses": 0,
      "pronoun resolved": 0,
      "opens its paragraph": 1,
      "few options": 0,
    });
  });
  it("counts options of very other lengths, for choices only", () => {
    const distractors = ["a very long answer that gives itself away at once", "coal", "wood"];
    expect(features({ kind: "multiple-choice", distractors })["options differ in length"]).toBeGreaterThan(0.5);
    expect(features({ distractors })["options differ in length"]).toBe(0);
  });
  it("names no passage and no sentence", () => {
    for (const name of Object.keys(features())) expect(name).not.toMatch(/lamp|Marrow|\d/);
  });
  it("is a number between 0 and about 2", () => {
    for (const value of Object.values(features({ stem: `What ${"old ".repeat(40)}lamp burns?`, key: "word ".repeat(60) }))) {
      expect(value).toBeGreaterThanOrEqual(0);
      expect(value).toBeLessThan(3);
    }
  });
});

describe("how much of a source hangs on a sentence", () => {
  it("is all where its nouns stand in the heading", () => {
    expect(topicality(analysis.sentences.at(-1)!, analysis)).toBe(1);
  });
  it("is nothing where they stand nowhere else", () => {
    expect(topicality(fourth!, analysis)).toBe(0);
  });
  it("is a share beside others", () => {
    expect(topicality(first!, analysis)).toBe(0.5);
  });
});
