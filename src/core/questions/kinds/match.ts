import type { MatchQuestion } from "../question";
import { type KindDefinition, readingMinutes } from "./kind";

const NUMBERS = [1, 2, 3];

export const match: KindDefinition<MatchQuestion> = {
  kind: "match",
  name: "Match",
  createBlank: (id) => ({
    kind: "match",
    id,
    stem: "",
    points: 3,
    depth: "recall",
    evidence: [],
    left: NUMBERS.map((number) => ({ id: `l${number}`, text: "" })),
    right: NUMBERS.map((number) => ({ id: `r${number}`, text: "" })),
    key: NUMBERS.map((number) => [`l${number}`, `r${number}`]),
  }),
  keyText: ({ left, right, key }) => {
    const textOf = (items: readonly { id: string; text: string }[], id: string) => items.find((item) => item.id === id)?.text ?? "";
    return key.map(([from, to]) => `${textOf(left, from)} – ${textOf(right, to)}`).join("; ");
  },
  accepted: () => [],
  minutes: (question, grade) => 0.5 + readingMinutes([question.stem, ...[...question.left, ...question.right].map((item) => item.text)].join(" "), grade) * 1.6,
};
