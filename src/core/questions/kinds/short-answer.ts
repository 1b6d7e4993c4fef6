import type { ShortAnswer } from "../question";
import { type KindDefinition, readingMinutes } from "./kind";

export const shortAnswer: KindDefinition<ShortAnswer> = {
  kind: "short-answer",
  name: "Short answer",
  createBlank: (id) => ({ kind: "short-answer", id, stem: "", points: 2, depth: "understanding", evidence: [], key: "", accepted: [] }),
  keyText: (question) => question.key,
  accepted: (question) => question.accepted,
  minutes: (question, grade) => 0.6 + readingMinutes(question.stem, grade) + question.key.split(/\s+/).length / (6 + grade),
};
