import { describe, expect, it } from "vitest";
import { countText, type TextCounts } from "./count-text";
import { automatedReadability, colemanLiau, daleChallGrade, daleChallScore, fleschKincaid, median, readingGrade, spacheGrade } from "./reading-grade";

const counts = (values: Partial<TextCounts>): TextCounts => ({
  words: 100,
  sentences: 5,
  letters: 450,
  syllables: 150,
  longWords: 10,
  unfamiliar: 10,
  unfamiliarInPrimary: 8,
  ...values,
});

describe("published formulas", () => {
  // Coleman and Liau's own example: 537 letters and 4.20 sentences in 100 words give 14.5.
  it("Coleman–Liau on its authors' example", () => {
    expect(colemanLiau(counts({ letters: 537, sentences: 4.2 }))).toBeCloseTo(14.5, 1);
  });
  // Kincaid et al. 1975: 0.39 × 20 + 11.8 × 1.5 − 15.59 = 9.91.
  it("Flesch–Kincaid for 20 words a sentence and 1.5 syllables a word", () => {
    expect(fleschKincaid(counts({}))).toBeCloseTo(9.91, 2);
  });
  // Smith and Senter 1967: 4.71 × 4.5 + 0.5 × 20 − 21.43 = 9.765.
  it("Automated Readability for 4.5 letters a word and 20 words a sentence", () => {
    expect(automatedReadability(counts({}))).toBeCloseTo(9.765, 3);
  });
  // Dale and Chall 1948: 0.1579 × 10 + 0.0496 × 20 + 3.6365 = 6.2075, which is grades 7 to 8.
  it("Dale–Chall with the constant above five per cent", () => {
    expect(daleChallScore(counts({}))).toBeCloseTo(6.2075, 4);
    expect(daleChallGrade(6.2075)).toBeGreaterThanOrEqual(6.5);
    expect(daleChallGrade(6.2075)).toBeLessThan(8);
    expect(daleChallScore(counts({ unfamiliar: 5 }))).toBeCloseTo(0.7895 + 0.992, 3);
  });
  // Spache, revised: 0.121 × 20 + 0.082 × 8 + 0.659 = 3.735.
  it("Spache", () => {
    expect(spacheGrade(counts({}))).toBeCloseTo(3.735, 3);
  });
});

describe("countText", () => {
  it("counts words, sentences, letters and syllables", () => {
    expect(countText(["The keeper lit the lamp. It burned all night."])).toMatchObject({ words: 9, sentences: 2, letters: 35 });
  });
  it("does not count names and numbers as unfamiliar", () => {
    expect(countText(["The boat of Augustin Fresnel came in 1823."]).unfamiliar).toBe(0);
  });
  it("counts a listed word with its regular ending as familiar", () => {
    expect(countText(["Boats were turning."]).unfamiliar).toBe(0);
  });
});

describe("readingGrade", () => {
  it("gives at least four formulas with their middle and their range", () => {
    const grade = readingGrade(counts({}))!;
    expect(grade.formulas.length).toBeGreaterThanOrEqual(4);
    expect(grade.middle).toBe(median(grade.formulas.map((formula) => formula.grade)));
    expect(grade.lowest).toBeLessThanOrEqual(grade.middle);
    expect(grade.highest).toBeGreaterThanOrEqual(grade.middle);
  });
  it("adds Spache for the early grades", () => {
    expect(readingGrade(countText(["The cat sat. The dog ran. It was hot."]))!.formulas.map((formula) => formula.id)).toContain("spache");
  });
  it("has none for a text without words", () => {
    expect(readingGrade(countText([""]))).toBeUndefined();
  });
});
