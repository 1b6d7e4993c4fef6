import { GAP, type GapFill } from "../question";
import { type KindDefinition, readingMinutes } from "./kind";

export const gapFill: KindDefinition<GapFill> = {
  kind: "gap-fill",
  name: "Gap fill",
  createBlank: (id) => ({ kind: "gap-fill", id, stem: GAP, points: 1, depth: "recall", evidence: [], key: "", accepted: [] }),
  keyText: (question) => question.key,
  accepted: (question) => question.accepted,
  minutes: (question, grade) => 0.4 + readingMinutes(question.stem, grade),
};
