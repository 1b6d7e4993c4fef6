import { expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import type { Candidate } from "./candidate";
import { failedGate } from "./gates";

const [sentence] = analyse("The lamp burns.").sentences;
const candidate = (more: Partial<Candidate>): Candidate => ({
  kind: "short-answer",
  stem: "Why did keepers wear linen aprons?",
  key: "Because buttons scratch glass",
  accepted: [],
  distractors: [],
  optionOrder: "shuffled",
  evidence: [sentence!],
  factId: "0",
  factType: "cause",
  pattern: "p",
  depth: "recall",
  worth: 1,
  ...more,
});

it.each([
  [undefined, {}],
  ["stem-too-thin", { stem: "What happened?" }],
  ["stem-too-long", { stem: `Why did ${"the old keepers of the light and ".repeat(6)}sleep?` }],
  ["key-too-long", { key: "word ".repeat(21).trim() }],
  ["opens-badly", { stem: "why did keepers wear linen aprons?" }],
  ["ends-badly", { key: "Because buttons could scratch the glass while" }],
  ["ends-badly", { stem: "How many pupils came to her lesson more than to the mate's?", key: "Fourteen" }],
  ["ends-badly", { pattern: "what-does-it-do", stem: "What do seed-eaters like the chaffinch do?", key: "Tend to be late" }],
  ["ends-badly", { stem: "What does Signe Aalto trust more?", key: "A hole" }],
  ["ends-badly", { kind: "true-false", stem: "The council has not said which towns.", key: "true" }],
  ["doubled-words", { stem: "Why did keepers keepers wear linen aprons?" }],
  ["doubled-words", { kind: "true-false", stem: "The new center feels as if the new center could be anywhere.", key: "true" }],
  ["doubled-words", { kind: "true-false", stem: "Dunmore left a note of his or her own.", key: "true" }],
  ["answer-in-stem", { stem: "Why did the buttons scratch the glass of lamps?", key: "because buttons scratch glass" }],
  ["answer-in-stem", { pattern: "what-did", stem: "What can split the rock in two?", key: "water that freezes in the cracks of a rock" }],
  ["ends-badly", { stem: "What does the writer believe the town council should do?", key: "Say yes" }],
  ["gap-word-elsewhere", { kind: "gap-fill", stem: "The old lamp is called a lamp ____ by all.", key: "old" }],
] as const)("%s", (gate, more) => {
  expect(failedGate(candidate(more))).toBe(gate);
});
