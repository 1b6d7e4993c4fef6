import { describe, expect, it } from "vitest";
import { tools } from "../../../tests/support/language-tools";
import { choice, evidence, LOG, short } from "../../../tests/support/rule-tester";
import type { Slip } from "../questions/edit";
import type { Question } from "../questions/question";
import { surveySet } from "./survey-set";

const rope = { evidence: evidence("Wet rope is harder to untie than dry rope.") };
const slip = (question: Question, id: string, status: Slip["status"]): Slip => ({ question: { ...question, id }, status, lookAgain: false, answered: {} });
const state = {
  plan: { grade: 5, rows: [{ kind: "multiple-choice" as const, count: 3, depth: "any" as const, points: 1 }] },
  slips: [
    slip(choice("What does the lens float on?", ["mercury", "oil", "water"]), "a", "kept"),
    slip(choice("How often did the keepers wind the clockwork?", ["every hour", "every four hours", "every day"], 1), "b", "draft"),
    slip(short("Which rope is harder to untie?", "wet rope", { ...rope, points: 2, outcome: "Describe ropes" }), "c", "kept"),
    slip(short("Which rope is easier to untie?", "dry rope", rope), "d", "aside"),
  ],
};
const survey = surveySet(state, LOG, tools().lexicon);

describe("a set as a whole", () => {
  it("says which paragraphs are asked about, by kept and by draft questions", () => {
    expect(survey.coverage.map(({ kept, drafts }) => [kept, drafts])).toEqual([
      [["a"], ["b"]],
      [["c"], []],
    ]);
  });
  it("sets planned beside kept, by kind and depth", () => {
    expect(survey.specification.map(({ kind, planned, kept, byDepth }) => [kind, planned, kept, byDepth.recall])).toEqual([
      ["multiple-choice", 3, 1, ["a"]],
      ["short-answer", 0, 1, ["c"]],
    ]);
  });
  it("counts where keys stand, and leaves out what is set aside", () => {
    expect(survey.keyPlaces).toEqual([
      { label: "A", ids: ["a"] },
      { label: "B", ids: ["b"] },
    ]);
  });
  it("adds up points and outcomes of what is kept", () => {
    expect(survey.points).toBe(3);
    expect(survey.byOutcome).toEqual([{ outcome: "Describe ropes", ids: ["c"] }]);
  });
});
