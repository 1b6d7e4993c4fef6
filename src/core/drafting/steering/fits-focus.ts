import type { Analysis, Sentence } from "../../language/analysis";
import type { Candidate } from "../candidate";
import { contentLemmas, matchOutcome, type OutcomeMatch } from "./match-outcome";
import type { Focus } from "./read-steer";
import { isLike } from "./recognise-example";

/** How much a draft like the teacher's example is put before all others. */
const LIKE_EXAMPLE = 4;

export type Steered = { gain: number; match?: OutcomeMatch };

/** Whether a candidate is within the teacher's focus, and how much it is wanted; undefined where it is not. */
export function steerCandidate(candidate: Candidate, focus: Focus, analysis: Analysis): Steered | undefined {
  if (focus.places.size > 0 && !candidate.evidence.some((sentence) => focus.places.has(placeNumber(sentence)))) return undefined;
  if (focus.avoid.length > 0 && holdsAny(candidate, focus.avoid, analysis)) return undefined;
  const aboutTerm = focus.terms.length > 0 && speaksOf(candidate, focus.terms, analysis);
  const match = focus.outcomes.length > 0 ? matchOutcome(candidate, focus.outcomes, analysis) : undefined;
  if ((focus.terms.length > 0 || focus.outcomes.length > 0) && !aboutTerm && !match) return undefined;
  const gain = (focus.example && isLike(candidate, focus.example) ? LIKE_EXAMPLE : 0) + (match?.score ?? 0) + (aboutTerm ? 0.5 : 0);
  return { gain, ...(match ? { match } : {}) };
}

/** The number that a teacher sees beside the text: of the paragraph, page, slide or minute. */
export function placeNumber({ block }: Sentence): number {
  const { locator } = block;
  switch (locator.type) {
    case "paragraph":
      return locator.number;
    case "page":
      return locator.page;
    case "slide":
      return locator.slide;
    case "time":
      return Math.floor(locator.startMs / 60_000) + 1;
    default:
      return 0;
  }
}

function speaksOf(candidate: Candidate, terms: readonly string[], { lexicon }: Analysis): boolean {
  const words = contentLemmas([candidate.stem, candidate.key, ...candidate.evidence.slice(0, 2).map((sentence) => sentence.text)].join(" "), lexicon);
  return terms.some((term) => {
    const wanted = [...contentLemmas(term, lexicon)];
    return wanted.length > 0 && term.split(" ").every((word) => [...contentLemmas(word, lexicon)].some((lemma) => words.has(lemma)) || word.length < 3);
  });
}

function holdsAny(candidate: Candidate, avoid: readonly string[], { lexicon }: Analysis): boolean {
  const shown = [candidate.stem, candidate.key, ...candidate.distractors].join(" ");
  const words = contentLemmas(shown, lexicon);
  const lower = shown.toLowerCase();
  return avoid.some((word) => (word.includes(" ") ? lower.includes(word.toLowerCase()) : [...contentLemmas(word, lexicon)].some((lemma) => words.has(lemma))));
}
