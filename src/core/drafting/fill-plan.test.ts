import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { draftQuestions } from "./draft-questions";
import { fillPlan } from "./fill-plan";

const TEXT = analyse(
  [
    "# The harbour",
    "",
    "Skerry Bay is located in a valley between two hills. The Norse founded the town in the ninth century. A storm destroyed the old pier in 1902.",
    "",
    "Keepers wore linen aprons because the buttons of a coat could scratch the glass. By trimming the wick, they saved oil. In 1954 an electric motor replaced the clockwork.",
  ].join("\n"),
  "markdown",
);
const BASE = { grade: 6, rows: [] };
const countOf = (plan: ReturnType<typeof fillPlan>) => plan.rows.reduce((sum, row) => sum + row.count, 0);

describe("fillPlan", () => {
  it("asks for what is really drafted, kind by kind", () => {
    const plan = fillPlan(TEXT, 12, BASE, 1);
    const drafts = [...draftQuestions({ analysis: TEXT, plan, seed: 1, newId: String })];
    expect(countOf(plan)).toBeGreaterThanOrEqual(6);
    expect(drafts).toHaveLength(countOf(plan));
    expect(new Set(plan.rows.map((row) => row.kind)).size).toBe(plan.rows.length);
  });
  it("never plans more than is wanted, and the same each time", () => {
    expect(countOf(fillPlan(TEXT, 3, BASE, 1))).toBe(3);
    expect(fillPlan(TEXT, 12, BASE, 4)).toEqual(fillPlan(TEXT, 12, BASE, 4));
  });
  it("leaves out what a set has already", () => {
    const all = [...draftQuestions({ analysis: TEXT, plan: fillPlan(TEXT, 12, BASE, 1), seed: 1, newId: String })];
    const existing = { factIds: all.map(({ origin }) => origin.factId), stems: all.map(({ question }) => question.stem) };
    expect(countOf(fillPlan(TEXT, 12, BASE, 1, existing))).toBeLessThan(all.length);
  });
  it("has nothing for a text without sentences", () => {
    expect(fillPlan(analyse("Lamp. Lens. Rope."), 12, BASE, 1).rows).toEqual([]);
  });
});
