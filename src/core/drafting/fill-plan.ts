import type { Analysis } from "../language/analysis";
import type { QuestionKind } from "../questions/question";
import { kindBehind, roomFor, rowFor, SHARED_KINDS } from "./balance-plan";
import { mainSentence } from "./candidate";
import { countSupply, rankedCandidates } from "./candidates";
import { type DraftInput, type DraftReport, draftQuestions, type Existing, fillByTurns } from "./draft-questions";
import { MADE_OF_MANY, type Plan } from "./plan";

/** A shorter paper has no room for them by right. */
const LEAST_FOR_LISTS = 8;

/** They use up several facts for one question: only where the source has more than the paper needs. */
const TAKES_MANY = new Set<QuestionKind>(["select-all"]);
/** Sentences that can be asked about, for each question wanted. */
const RICH = 1.25;

function countSentences(analysis: Analysis, seed: number): number {
  return new Set(rankedCandidates(analysis, seed).map(({ candidate }) => mainSentence(candidate).index)).size;
}

/** How many places in its share one point of score is worth. */
const SCORE_SHARE = 0.5;

/**
 * A balanced plan of `wanted` questions that can really be drafted. Kinds share the facts of a text, so
 * drafts are tried one at a time, each of the kind that is furthest behind its share and can still be
 * drafted; what came of it is the plan.
 */
export function fillPlan(analysis: Analysis, wanted: number, base: Plan, seed: number, existing?: Existing): Plan {
  const { supply } = countSupply(analysis, seed);
  const rich = countSentences(analysis, seed) >= wanted * RICH;
  const kinds = SHARED_KINDS.filter((kind) => supply[kind] > 0 && (rich || !TAKES_MANY.has(kind)));
  const room = new Map<QuestionKind, number>(kinds.map((kind) => [kind, roomFor(kind, wanted)]));
  const steer = base.steer ? { steer: base.steer } : {};
  const input: Omit<DraftInput, "plan"> = { analysis, seed, ...(existing ? { existing } : {}), newId: String };
  const all: Plan = { grade: base.grade, rows: kinds.map((kind) => rowFor(kind, room.get(kind)!, base.grade)), ...steer };
  const counts = fillByTurns({ ...input, plan: all }, wanted, (open, made) => {
    // What is made of many sentences comes before single questions on them can give it away.
    const first =
      wanted >= LEAST_FOR_LISTS ? MADE_OF_MANY.find((kind) => !made.has(kind) && open.some((turn) => turn.kind === kind && turn.score > 0)) : undefined;
    if (first) return first;
    const scores = new Map(open.map((turn) => [turn.kind, turn.score]));
    return kindBehind(
      [...scores.keys()],
      (kind) => made.get(kind) ?? 0,
      (kind) => scores.get(kind)! * SCORE_SHARE,
    );
  });
  const plan = { ...all, rows: kinds.flatMap((kind) => (counts.get(kind) ? [rowFor(kind, counts.get(kind)!, base.grade)] : [])) };
  return trimmed(plan, tryPlan(draftQuestions({ ...input, plan })));
}

/** Rows ask for what they get. */
function trimmed(plan: Plan, report: DraftReport): Plan {
  return { ...plan, rows: plan.rows.flatMap((row, index) => (report.rows[index]!.drafted > 0 ? [{ ...row, count: report.rows[index]!.drafted }] : [])) };
}

function tryPlan(drafts: Generator<unknown, DraftReport>): DraftReport {
  for (let step = drafts.next(); ; step = drafts.next()) if (step.done) return step.value;
}
