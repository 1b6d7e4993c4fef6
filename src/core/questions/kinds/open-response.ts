import type { OpenResponse } from "../question";
import { type KindDefinition, readingMinutes } from "./kind";

/** Words a minute in writing by hand at each grade, 1 to 12: from about 5 to 20 (Graham and others 1998). */
const writingRate = (grade: number) => 4 + grade * 1.3;

export const openResponse: KindDefinition<OpenResponse> = {
  kind: "open-response",
  name: "Open response",
  createBlank: (id) => ({ kind: "open-response", id, stem: "", points: 4, depth: "understanding", evidence: [], key: { model: "", points: [] } }),
  keyText: ({ key }) => key.model,
  accepted: () => [],
  minutes: (question, grade) => 1 + readingMinutes(question.stem, grade) + (question.key.model.split(/\s+/).length * 0.8) / writingRate(grade),
};
