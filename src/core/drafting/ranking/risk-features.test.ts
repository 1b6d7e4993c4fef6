import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { plainCandidate } from "../../../../tests/support/plain-candidate";
import type { Candidate } from "../candidate";
import { featuresOf } from "./features";
import { LEARNT, predict } from "./model";
import { riskFeatures } from "./risk-features";

const analysis = analyse(
  "# The lamp\n\nThe lamp burns oil. When the wind was high, the keepers, who were tired, lit the lamp or the horn (or both), but it went out: “Again!” said Ida.",
  "markdown",
);
const [, plain, tangled] = analysis.sentences;

const features = (more: Partial<Candidate> = {}) => {
  const candidate = plainCandidate(plain!, more);
  return riskFeatures(candidate, featuresOf(candidate, analysis));
};

describe("what may make a draft wrong", () => {
  it.each([
    ["commas of its sentence", { evidence: [tangled!] }, "sentence's commas", 4 / 3],
    ["a colon", { evidence: [tangled!] }, "sentence has a colon or dash", 1],
    ["words that somebody says", { evidence: [tangled!] }, "sentence quotes", 1],
    ["brackets", { evidence: [tangled!] }, "sentence has brackets", 1],
    ["a choice", { evidence: [tangled!] }, "sentence has or", 1],
    ["an objection", { evidence: [tangled!] }, "sentence has but", 1],
    ["what it opens with", { evidence: [tangled!] }, "sentence opens with when", 1],
    ["proof in another sentence", { evidence: [plain!, tangled!] }, "more sentences of proof", 1],
    ["words from elsewhere", { stem: "What does the lamp burn every winter evening?" }, "words not of the sentence", 2],
    ["a little word that decides", { stem: "Until when does the lamp burn?" }, "stem says until", 1],
    ["a sentence to read first", { stem: "Read: “It is dark.” What does the lamp burn?" }, "stem quotes a sentence", 1],
    ["what the key opens with", { key: "To see" }, "key opens with to", 1],
  ] as const)("%s", (_, more, name, wanted) => {
    expect(features(more as Partial<Candidate>)[name]).toBeCloseTo(wanted);
  });
  it("has none of these in a plain sentence", () => {
    expect(features()).toMatchObject({
      "sentence's commas": 0,
      "sentence has a colon or dash": 0,
      "sentence quotes": 0,
      "sentence has or": 0,
      "sentence opens with the": 1,
      "more sentences of proof": 0,
      "words not of the sentence": 1,
      "key opens with another word": 1,
    });
  });
  it("names no passage and no topic", () => {
    for (const name of Object.keys(features({ evidence: [tangled!] }))) expect(name).not.toMatch(/lamp|Ida|wind|horn|\d/);
  });
});

describe("what was learnt of drafts that had to be mended", () => {
  const risk = (more: Partial<Candidate>) => predict(LEARNT.mended, features(more));
  it("is of thousands of drafts, of which one in eight had to be", () => {
    expect(LEARNT.trainedOn.shownThen).toBeGreaterThan(4000);
    expect(LEARNT.mended.share).toBeGreaterThan(0.08);
    expect(LEARNT.mended.share).toBeLessThan(0.2);
  });
  it("knows nothing of the kind, which the plan decides", () => {
    expect(Object.keys(LEARNT.mended.weights).filter((name) => name.startsWith("kind "))).toEqual([]);
  });
  it("fears a question out of a tangled sentence more than a plain one", () => {
    expect(risk({ evidence: [tangled!] })).toBeGreaterThan(risk({}));
  });
  it("fears what hangs on a word", () => {
    for (const word of ["until", "as", "all", "most"]) expect(risk({ stem: `What does the lamp ${word} burn?` })).toBeGreaterThan(risk({}));
  });
});
