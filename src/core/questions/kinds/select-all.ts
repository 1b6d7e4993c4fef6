import type { SelectAll } from "../question";
import { type KindDefinition, readingMinutes } from "./kind";

export const selectAll: KindDefinition<SelectAll> = {
  kind: "select-all",
  name: "Select all",
  createBlank: (id) => ({
    kind: "select-all",
    id,
    stem: "",
    points: 2,
    depth: "recall",
    evidence: [],
    options: ["o1", "o2", "o3", "o4", "o5"].map((optionId) => ({ id: optionId, text: "" })),
    key: ["o1", "o2"],
  }),
  keyText: ({ options, key }) =>
    options
      .filter((option) => key.includes(option.id))
      .map((option) => option.text.replace(/\.$/, ""))
      .join("; "),
  accepted: () => [],
  minutes: (question, grade) => 0.5 + readingMinutes([question.stem, ...question.options.map((option) => option.text)].join(" "), grade) * 1.3,
};
