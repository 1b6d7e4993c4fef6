import type { TextCounts } from "./count-text";

export type FormulaGrade = { id: string; name: string; grade: number; source: string };
export type ReadingGrade = {
  formulas: FormulaGrade[];
  /** The middle of the formulas, and how far apart they are. All of them estimate. */
  middle: number;
  lowest: number;
  highest: number;
};

/** School grades by published formulas; undefined for a text without words. */
export function readingGrade(counts: TextCounts): ReadingGrade | undefined {
  if (counts.words === 0 || counts.sentences === 0) return undefined;
  const formulas: FormulaGrade[] = [
    { id: "flesch-kincaid", name: "Flesch–Kincaid", grade: fleschKincaid(counts), source: "Kincaid et al. 1975" },
    { id: "automated-readability", name: "Automated Readability", grade: automatedReadability(counts), source: "Smith and Senter 1967" },
    { id: "coleman-liau", name: "Coleman–Liau", grade: colemanLiau(counts), source: "Coleman and Liau 1975" },
    { id: "dale-chall", name: "Dale–Chall", grade: daleChallGrade(daleChallScore(counts)), source: "Dale and Chall 1948" },
  ];
  const early = spacheGrade(counts);
  if (median(formulas.map((formula) => formula.grade)) < 4) formulas.push({ id: "spache", name: "Spache", grade: early, source: "Spache 1953, revised 1974" });
  const grades = formulas.map((formula) => formula.grade);
  return { formulas, middle: median(grades), lowest: Math.min(...grades), highest: Math.max(...grades) };
}

export function fleschKincaid({ words, sentences, syllables }: TextCounts): number {
  return 0.39 * (words / sentences) + 11.8 * (syllables / words) - 15.59;
}

export function automatedReadability({ words, sentences, letters }: TextCounts): number {
  return 4.71 * (letters / words) + 0.5 * (words / sentences) - 21.43;
}

export function colemanLiau({ words, sentences, letters }: TextCounts): number {
  return 0.0588 * ((letters / words) * 100) - 0.296 * ((sentences / words) * 100) - 15.8;
}

/** The raw score; 3.6365 is added where more than 5 % of the words are unfamiliar. */
export function daleChallScore({ words, sentences, unfamiliar }: TextCounts): number {
  const percent = (unfamiliar / words) * 100;
  return 0.1579 * percent + 0.0496 * (words / sentences) + (percent > 5 ? 3.6365 : 0);
}

/** Dale and Chall give bands ("5.0 to 5.9: grades 5–6"); inside a band the grade is taken in proportion. */
export function daleChallGrade(score: number): number {
  const bands: [number, number, number][] = [
    [0, 4.9, 4],
    [5, 5.9, 5],
    [6, 6.9, 7],
    [7, 7.9, 9],
    [8, 8.9, 11],
    [9, 9.9, 13],
  ];
  if (score < 5) return Math.max(1, (score / 5) * 4);
  for (const [from, to, grade] of bands) if (score >= from && score <= to + 0.1) return Math.min(16, grade + ((score - from) / (to - from)) * 2 - 0.5);
  return 16;
}

export function spacheGrade({ words, sentences, unfamiliarInPrimary }: TextCounts): number {
  return 0.121 * (words / sentences) + 0.082 * ((unfamiliarInPrimary / words) * 100) + 0.659;
}

export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  return sorted.length % 2 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
}
