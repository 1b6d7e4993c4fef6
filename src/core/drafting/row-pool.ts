import type { QuestionKind } from "../questions/question";
import { type Candidate, mainSentence, OVER_SENTENCES } from "./candidate";
import { gapCandidates, rankedCandidates, type Scored } from "./candidates";
import type { DraftInput } from "./draft-questions";
import { LISTED } from "./drafters/draft-term-gaps";
import { gradeCost } from "./grade-cost";
import type { PlanRow } from "./plan";
import { leaningKey } from "./ranking/learn-leanings";
import { steerCandidate } from "./steering/fits-focus";
import type { Focus } from "./steering/read-steer";

/** A candidate as a row wants it. */
export type Wanted = Scored & { outcome?: string; matched?: string /** What is lost of its sentence when it is taken. */; loss?: number };
export type Pool = { inside: Wanted[]; all: number };

/** What a row may take from, with what the focus and the grade make of it. */
export function poolFor(row: PlanRow, { analysis, plan, seed, shifts = {} }: DraftInput, focus: Focus): Pool {
  const own = row.kind === "gap-fill" && row.gapWords !== undefined && row.gapWords !== "facts";
  const source = own ? gapCandidates(analysis, row, focus.words, seed) : rankedCandidates(analysis, seed);
  const fitting = source.filter(({ candidate }) => fits(candidate, row));
  const askedOtherwise = row.kind === "true-false" || row.kind === "multiple-choice" ? sentencesOf(plan.rows, source) : undefined;
  const inside = fitting.flatMap(({ candidate, score }): Wanted[] => {
    const steered = steerCandidate(candidate, focus, analysis);
    if (!steered) return [];
    const { match } = steered;
    const isPoorer = candidate.key === "true" || candidate.pattern === REFERENCE;
    const repeated =
      isPoorer && askedOtherwise?.has(mainSentence(candidate).index) ? (candidate.pattern === "true-definition" ? TWICE_OTHERWISE : OTHERWISE) : 0;
    const value = score - repeated + steered.gain - gradeCost(candidate, plan.grade, analysis) + (shifts[leaningKey(candidate)] ?? 0);
    return [{ candidate, score: value, ...(match ? { outcome: match.outcome, matched: match.reason } : {}) }];
  });
  return { inside, all: fitting.length };
}

/** What a question counts less for the better one that its sentence would bear, as a share of the difference in score. */
const LOSS = 0.9;

/** What an answer to write counts less where its fact has fair options: few facts have, and any can be written. */
const SPARED = 0.7;

/** "How many attempts failed?" where the sentence says why: whatever row it is for, taking it costs the plan the better question. */
export function weighLosses(pools: readonly Wanted[][]): void {
  const best = new Map<number, number>();
  const single = pools.flat().filter(({ candidate }) => !OVER_SENTENCES.has(candidate.kind));
  for (const { candidate, score } of single) {
    const { index } = mainSentence(candidate);
    best.set(index, Math.max(score, best.get(index) ?? Number.NEGATIVE_INFINITY));
  }
  const choosable = new Set(single.filter(({ candidate }) => candidate.kind === "multiple-choice").map(({ candidate }) => candidate.factId));
  for (const wanted of single) {
    const { candidate, score } = wanted;
    const isSpared = candidate.kind === "short-answer" && choosable.has(candidate.factId);
    wanted.loss = LOSS * (best.get(mainSentence(candidate).index)! - score) + (isSpared ? SPARED : 0);
  }
}

/** A sentence told again as a true statement, or asked about for a pronoun in it, where what it says could be asked for instead. */
const OTHERWISE = 0.8;
/** A meaning told again: it is the best that a sentence can be asked for. */
const TWICE_OTHERWISE = 1.6;
const REFERENCE = "what-it-stands-for";
const ASKING = new Set<QuestionKind>(["multiple-choice", "short-answer", "number", "gap-fill"]);

/** The sentences that the other rows of a plan can ask about. */
function sentencesOf(rows: readonly PlanRow[], source: readonly Scored[]): ReadonlySet<number> {
  const kinds = new Set(rows.map(({ kind }) => kind).filter((kind) => ASKING.has(kind)));
  return new Set(
    source.filter(({ candidate }) => kinds.has(candidate.kind) && candidate.pattern !== REFERENCE).map(({ candidate }) => mainSentence(candidate).index),
  );
}

/** Wrong words beside the right one. */
const FEWEST_WORDS = 2;

function fits(candidate: Candidate, row: PlanRow): boolean {
  if (candidate.kind !== row.kind || (row.depth !== "any" && candidate.depth !== row.depth)) return false;
  // A list stands under several sentences: not where a teacher wants words to be written.
  if (candidate.pattern === LISTED && (row.gapAnswer === "typed" || row.gapAnswer === "choose")) return false;
  // Where words to choose from are wanted, a gap without any is none of the row's.
  const isChosen =
    candidate.kind === "gap-fill" &&
    (row.gapWords ?? "facts") === "facts" &&
    (row.gapAnswer === "bank" || row.gapAnswer === "choose") &&
    candidate.parts === undefined;
  if (isChosen && candidate.distractors.length < FEWEST_WORDS) return false;
  return candidate.kind !== "multiple-choice" || candidate.distractors.length >= Math.min(3, (row.optionCount ?? 4) - 1);
}
