import type { TwoPart } from "../question";
import { type KindDefinition, readingMinutes } from "./kind";

export const PROOF_STEM = "Which sentence from the passage best proves your answer?";

const blanks = (prefix: string) => [1, 2, 3, 4].map((number) => ({ id: `${prefix}${number}`, text: "" }));

export const twoPart: KindDefinition<TwoPart> = {
  kind: "two-part",
  name: "Two-part with evidence",
  createBlank: (id) => ({
    kind: "two-part",
    id,
    stem: "",
    points: 2,
    depth: "reasoning",
    evidence: [],
    options: blanks("o"),
    proofStem: PROOF_STEM,
    proofs: blanks("p"),
    key: ["o1", "p1"],
  }),
  keyText: ({ options, proofs, key }) => {
    const textOf = (items: readonly { id: string; text: string }[], id: string) => items.find((item) => item.id === id)?.text ?? "";
    return `${textOf(options, key[0])} – “${textOf(proofs, key[1])}”`;
  },
  accepted: () => [],
  minutes: (question, grade) =>
    0.7 + readingMinutes([question.stem, ...[...question.options, ...question.proofs].map((option) => option.text)].join(" "), grade) * 1.2,
};
