import { kindOf, QUESTION_KINDS } from "../questions/kinds";
import type { QuestionKind } from "../questions/question";
import type { Plan, PlanRow } from "./plan";

/**
 * The share of each kind in a paper that climbs from choosing to writing: about half of the questions
 * are chosen, a third written in a word or a line, the rest put together or told at length.
 */
const SHARES: Record<QuestionKind, number> = {
  "multiple-choice": 0.22,
  "select-all": 0.05,
  "true-false": 0.12,
  "gap-fill": 0.1,
  "short-answer": 0.2,
  number: 0.08,
  order: 0.05,
  match: 0.05,
  "two-part": 0.06,
  "open-response": 0.06,
  essay: 0.02,
  "word-in-context": 0.03,
  // Planned by hand: a poll is no question of a paper.
  poll: 0,
};
/** A text bears one or two of these at most, and each takes its time. */
const MOST: Partial<Record<QuestionKind, number>> = {
  order: 2,
  match: 2,
  "two-part": 3,
  "open-response": 2,
  "select-all": 2,
  essay: 1,
  "word-in-context": 2,
  poll: 0,
};

/**
 * Rows for `wanted` questions within what the text supports. Kinds share the facts of a text, so no
 * kind is given more than two thirds of what it could have alone, unless it may use up all.
 */
export function balancePlan(supply: Record<QuestionKind, number>, wanted: number, grade: number, uses: "a share" | "all" = "a share"): Plan {
  const shared = (kind: QuestionKind) => (supply[kind] <= 2 || uses === "all" ? supply[kind] : Math.ceil((supply[kind] * 2) / 3));
  const room = (kind: QuestionKind) => Math.min(roomFor(kind, wanted), shared(kind));
  const counts = new Map<QuestionKind, number>(QUESTION_KINDS.map((kind) => [kind, 0]));
  // The kind that is furthest behind its share comes next, until enough are planned or nothing is left.
  for (let planned = 0; planned < wanted; planned++) {
    const open = SHARED_KINDS.filter((kind) => counts.get(kind)! < room(kind));
    if (open.length === 0) break;
    const next = kindBehind(open, (kind) => counts.get(kind)!);
    counts.set(next, counts.get(next)! + 1);
  }
  return { grade, rows: QUESTION_KINDS.filter((kind) => counts.get(kind)! > 0).map((kind) => rowFor(kind, counts.get(kind)!, grade)) };
}

/** The kinds that a balanced plan is made of. */
export const SHARED_KINDS: readonly QuestionKind[] = QUESTION_KINDS.filter((kind) => SHARES[kind] > 0);

/** How many of a kind a paper of `wanted` questions may hold at most. */
export function roomFor(kind: QuestionKind, wanted: number): number {
  return kind === "true-false" || kind === "gap-fill" ? Math.max(2, Math.ceil(wanted / 3)) : (MOST[kind] ?? wanted);
}

/** Which of the open kinds is furthest behind its share; `bonus` weighs in how good its next draft would be. */
export function kindBehind(open: readonly QuestionKind[], made: (kind: QuestionKind) => number, bonus: (kind: QuestionKind) => number = () => 0): QuestionKind {
  const planned = SHARED_KINDS.reduce((sum, kind) => sum + made(kind), 0);
  const behind = (kind: QuestionKind) => SHARES[kind] * (planned + 1) - made(kind) + bonus(kind);
  return open.reduce((best, kind) => (behind(kind) > behind(best) ? kind : best));
}

export function rowFor(kind: QuestionKind, count: number, grade: number): PlanRow {
  const { points } = kindOf(kind).createBlank("blank");
  return { kind, count, depth: "any", points, ...(kind === "multiple-choice" ? { optionCount: grade <= 3 ? 3 : 4 } : {}) };
}
