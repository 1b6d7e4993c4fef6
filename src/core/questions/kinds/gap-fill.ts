import { GAP, type GapFill, gapsOf } from "../question";
import { type KindDefinition, readingMinutes } from "./kind";

export const gapFill: KindDefinition<GapFill> = {
  kind: "gap-fill",
  name: "Gap fill",
  createBlank: (id) => ({ kind: "gap-fill", id, stem: GAP, points: 1, depth: "recall", evidence: [], key: "", accepted: [] }),
  keyText: (question) =>
    gapsOf(question)
      .map((gap) => gap.key)
      .join("; "),
  accepted: (question) => (question.more?.length ? [] : question.accepted),
  minutes: (question, grade) => 0.2 + 0.2 * gapsOf(question).length + readingMinutes(question.stem, grade),
};
