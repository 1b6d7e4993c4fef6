import type { NumberQuestion } from "../question";
import { type KindDefinition, readingMinutes } from "./kind";

export const number: KindDefinition<NumberQuestion> = {
  kind: "number",
  name: "Number",
  createBlank: (id) => ({ kind: "number", id, stem: "", points: 1, depth: "recall", evidence: [], key: { value: 0, tolerance: 0, unit: "" } }),
  keyText: ({ key }) =>
    [key.value.toLocaleString("en-US", { useGrouping: key.unit !== "" }), key.unit, key.tolerance > 0 ? `(± ${key.tolerance})` : ""].filter(Boolean).join(" "),
  accepted: () => [],
  minutes: (question, grade) => 0.5 + readingMinutes(question.stem, grade) + (question.depth === "recall" ? 0 : 0.7),
};
