import { describe, expect, it } from "vitest";
import { QUESTION_KINDS } from "../questions/kinds";
import type { QuestionKind } from "../questions/question";
import { balancePlan } from "./balance-plan";

const supply = (counts: Partial<Record<QuestionKind, number>>) =>
  Object.fromEntries(QUESTION_KINDS.map((kind) => [kind, counts[kind] ?? 0])) as Record<QuestionKind, number>;
const RICH = supply({
  "multiple-choice": 20,
  "true-false": 20,
  "gap-fill": 10,
  "short-answer": 25,
  number: 6,
  order: 1,
  match: 2,
  "two-part": 4,
  "open-response": 3,
});
const counts = (plan: ReturnType<typeof balancePlan>) => Object.fromEntries(plan.rows.map((row) => [row.kind, row.count]));
const total = (plan: ReturnType<typeof balancePlan>) => plan.rows.reduce((sum, row) => sum + row.count, 0);

describe("balancePlan", () => {
  it("gives just as many as are wanted, most of them to be chosen or answered in a line", () => {
    const plan = balancePlan(RICH, 20, 5);
    expect(total(plan)).toBe(20);
    expect(counts(plan)).toMatchObject({ "multiple-choice": expect.any(Number), "short-answer": expect.any(Number), order: 1, match: 1 });
    expect(counts(plan)["multiple-choice"]).toBeGreaterThan(counts(plan)["true-false"]!);
    expect(plan.rows.map((row) => row.kind)).toEqual(QUESTION_KINDS.filter((kind) => RICH[kind] > 0));
  });
  it("never plans what the text cannot bear", () => {
    const plan = balancePlan(supply({ "multiple-choice": 3, "short-answer": 4 }), 20, 5);
    expect(counts(plan)).toEqual({ "multiple-choice": 2, "short-answer": 3 });
  });
  it("plans nothing for a text that supports nothing", () => {
    expect(balancePlan(supply({}), 12, 5).rows).toEqual([]);
  });
  it("gives young readers fewer options", () => {
    expect(balancePlan(RICH, 12, 2).rows[0]!.optionCount).toBe(3);
    expect(balancePlan(RICH, 12, 7).rows[0]!.optionCount).toBe(4);
  });
});
