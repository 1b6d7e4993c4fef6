import type { Poll } from "../question";
import { type KindDefinition, readingMinutes } from "./kind";

export const poll: KindDefinition<Poll> = {
  kind: "poll",
  name: "Opinion poll",
  createBlank: (id) => ({
    kind: "poll",
    id,
    stem: "",
    points: 0,
    depth: "reasoning",
    evidence: [],
    options: ["o1", "o2", "o3"].map((optionId) => ({ id: optionId, text: "" })),
    key: null,
  }),
  keyText: () => "no key: an opinion",
  accepted: () => [],
  minutes: (question, grade) => 0.3 + readingMinutes([question.stem, ...question.options.map((option) => option.text)].join(" "), grade),
};
