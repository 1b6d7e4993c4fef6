import type { Analysis } from "../language/analysis";
import type { Candidate } from "./candidate";
import { WORD_MEANING, wordAsked } from "./drafters/draft-words-in-context";
import { LED } from "./gates";

/** Words of a stem that a reader of the grade takes in at once. */
const comfortable = (grade: number) => 11 + grade;
/** Zipf frequency below which a word is likely to be new at the grade (van Heuven and others 2014). */
const knownFrom = (grade: number) => (grade <= 3 ? 3.7 : grade <= 5 ? 3.3 : grade <= 8 ? 2.8 : 2.2);
/** A stem of more words suits nobody up to grade 5; what is read out in front of it does not count. */
const MOST_WORDS = 25;
const QUOTING = new Set<Candidate["kind"]>(["gap-fill", "essay", "poll", "word-in-context", "open-response"]);

/** Zipf frequency from which every reader of the grade knows a word already. */
const knownToAll = (grade: number) => (grade <= 3 ? 5 : grade <= 5 ? 4.5 : grade <= 8 ? 4.2 : 3.9);
const TOO_EASY = 1;

/**
 * What speaks against a candidate at a grade: a stem that is too long, words that are likely to be
 * new and that the source does not keep using, and depth beyond small children.
 */
export function gradeCost(candidate: Candidate, grade: number, analysis: Analysis): number {
  const length = QUOTING.has(candidate.kind) ? 0 : Math.max(0, candidate.stem.split(" ").length - comfortable(grade)) * 0.08;
  if (candidate.pattern === WORD_MEANING) return analysis.lexicon.zipf(wordAsked(candidate)) > knownToAll(grade) ? TOO_EASY : 0;
  const lemmas = candidate.stem.toLowerCase().match(/[a-z]{4,}/g) ?? [];
  const unknown = lemmas.filter((word) => {
    const zipf = analysis.lexicon.zipf(word);
    return zipf > 0 && zipf < knownFrom(grade) && (analysis.lemmaCounts.get(word) ?? 0) < 3;
  }).length;
  const words = candidate.stem.replace(LED, "").split(" ").length;
  const tooLong = grade <= 5 && !QUOTING.has(candidate.kind) && words > MOST_WORDS ? 1.5 : 0;
  const deep = grade <= 2 && candidate.depth === "reasoning" ? 0.8 : 0;
  const shallow = grade >= 9 && candidate.depth === "recall" ? 0.3 : 0;
  return Math.min(1.2, length) + tooLong + Math.min(0.9, unknown * 0.25) + deep + shallow;
}
