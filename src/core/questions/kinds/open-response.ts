import type { OpenResponse } from "../question";
import { type KindDefinition, readingMinutes, writingMinutes } from "./kind";

export const openResponse: KindDefinition<OpenResponse> = {
  kind: "open-response",
  name: "Open response",
  createBlank: (id) => ({ kind: "open-response", id, stem: "", points: 4, depth: "understanding", evidence: [], key: { model: "", points: [] } }),
  keyText: ({ key }) => key.model,
  accepted: () => [],
  minutes: (question, grade) => 1 + readingMinutes(question.stem, grade) + writingMinutes(question.key.model.split(/\s+/).length * 0.8, grade),
};
