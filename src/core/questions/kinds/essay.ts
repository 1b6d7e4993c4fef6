import type { Essay } from "../question";
import { type KindDefinition, readingMinutes, writingMinutes } from "./kind";

export const essay: KindDefinition<Essay> = {
  kind: "essay",
  name: "Essay",
  createBlank: (id) => ({
    kind: "essay",
    id,
    stem: "",
    points: 8,
    depth: "reasoning",
    evidence: [],
    purpose: "inform",
    key: { models: [{ side: "", text: "" }], points: [] },
  }),
  keyText: ({ key }) => key.models.map(({ side, text }) => (side ? `${side}: ${text}` : text)).join(" "),
  accepted: () => [],
  minutes: (question, grade) => 5 + readingMinutes(question.stem, grade) + writingMinutes(40 + grade * 12, grade),
};
