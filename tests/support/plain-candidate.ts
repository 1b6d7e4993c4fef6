import type { Candidate } from "@/core/drafting/candidate";
import type { Sentence } from "@/core/language/analysis";

/** "What does the lamp burn?", proved by a sentence; what a test is about is changed. */
export function plainCandidate(sentence: Sentence, more: Partial<Candidate> = {}): Candidate {
  return {
    kind: "short-answer",
    stem: "What does the lamp burn?",
    key: "Oil",
    accepted: [],
    distractors: [],
    optionOrder: "shuffled",
    evidence: [sentence],
    factId: "1:thing:3",
    factType: "thing",
    pattern: "what-object",
    depth: "recall",
    worth: 1.2,
    ...more,
  };
}
