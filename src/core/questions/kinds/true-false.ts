import type { TrueFalse } from "../question";
import { type KindDefinition, readingMinutes } from "./kind";

export const trueFalse: KindDefinition<TrueFalse> = {
  kind: "true-false",
  name: "True or false",
  createBlank: (id) => ({ kind: "true-false", id, stem: "", points: 1, depth: "recall", evidence: [], key: true }),
  keyText: (question) => (question.key ? "true" : "false"),
  accepted: () => [],
  minutes: (question, grade) => 0.3 + readingMinutes(question.stem, grade),
};
