import type { WordInContext } from "../question";
import { type KindDefinition, readingMinutes } from "./kind";

export const wordInContext: KindDefinition<WordInContext> = {
  kind: "word-in-context",
  name: "Word in context",
  createBlank: (id) => ({
    kind: "word-in-context",
    id,
    stem: "",
    points: 1,
    depth: "understanding",
    evidence: [],
    options: ["o1", "o2", "o3", "o4"].map((optionId) => ({ id: optionId, text: "" })),
    key: "o1",
  }),
  keyText: (question) => question.options.find((option) => option.id === question.key)?.text ?? "",
  accepted: () => [],
  minutes: (question, grade) => 0.4 + readingMinutes([question.stem, ...question.options.map((option) => option.text)].join(" "), grade),
};
