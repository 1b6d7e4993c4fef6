import type { QuestionKind } from "../../questions/question";
import { defineRule } from "../define-rule";

/** A page of writing for one point, or ten points for a tick, weighs a test wrongly. */
export const pointsFitTheWork = defineRule({
  id: "points-fit-the-work",
  verdict: "look",
  source: "Points follow the work that is asked (blueprint of the test).",
  about: "Points are in keeping with the work that a kind asks for.",
  appliesTo: "all",
  example: { good: "An essay for 8 points", bad: "An essay for 1 point" },
  messages: { few: "{points} for this kind is little: {least} or more would fit.", many: "{points} points for this kind is much: {most} or fewer would fit." },
  check(question, _, report) {
    const [least, most] = RANGES[question.kind];
    const { points, id: questionId } = question;
    const mend = (to: number) => ({ label: `Give ${to}`, edits: [{ type: "set-points" as const, questionId, from: points, to }] });
    if (points < least) report("few", { points: points === 1 ? "1 point" : `${points} points`, least }, { part: "points" }, mend(least));
    if (points > most) report("many", { points, most }, { part: "points" }, mend(most));
  },
});

/** Fewest and most points that are usual; several gaps or parts count each. */
const RANGES: Record<QuestionKind, [number, number]> = {
  "multiple-choice": [0, 4],
  "select-all": [0, 8],
  "true-false": [0, 3],
  "gap-fill": [0, 26],
  "short-answer": [0, 6],
  number: [0, 5],
  order: [0, 10],
  match: [0, 10],
  "two-part": [0, 8],
  "open-response": [2, 20],
  essay: [4, 60],
  "word-in-context": [0, 4],
  poll: [0, 1],
};
