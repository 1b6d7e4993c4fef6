import type { Sentence } from "../language/analysis";
import type { Depth, Essay, Gap, QuestionKind } from "../questions/question";
import type { FactType } from "./facts/fact";

/** A question before it has an id, points and its place in a set. */
export type Candidate = {
  kind: QuestionKind;
  stem: string;
  /** Words of the key; for true or false "true" or "false". */
  key: string;
  accepted: string[];
  /** Wrong options, best first. */
  distractors: string[];
  /** Numbers and years stand in order of size; all other options are shuffled. */
  optionOrder: "numeric" | "shuffled";
  evidence: Sentence[];
  /** One fact is asked once in a set. */
  factId: string;
  factType: FactType | "statement";
  pattern: string;
  depth: Depth;
  worth: number;
  correction?: string;
  /** What kinds with more than one part are made of. */
  parts?: CandidateParts;
};

export type CandidateParts =
  | { sort: "number"; value: number; unit: string }
  /** In the right order. */
  | { sort: "order"; items: string[] }
  /** What belongs together. */
  | { sort: "match"; pairs: [string, string][] }
  /** Sentences of the source, the one that proves the answer first. */
  | { sort: "two-part"; proofs: Sentence[] }
  /** Points to look for, and levels from full marks down; `share` is the part of the points that a level earns. */
  | { sort: "open"; points: string[]; levels: { share: number; text: string }[] }
  /** Several right and wrong options. */
  | { sort: "select"; right: string[]; wrong: string[] }
  /** Gaps in the order of the stem, with the words to choose from. */
  | { sort: "gaps"; gaps: Gap[]; bank?: string[] }
  | {
      sort: "essay";
      purpose: Essay["purpose"];
      models: { side: string; text: string }[];
      points: string[];
      levels: { share: number; text: string }[];
    }
  | { sort: "poll"; options: string[] };

/** What asks for several facts at once is known by all of them: none is asked again by itself, in this run or a later one. */
export function joinFacts(ids: readonly string[]): string {
  return ids.join(" + ");
}

export function factsIn(factId: string): string[] {
  return factId.split(" + ");
}

/** Tasks over several sentences, or on a word: they do not use up what a sentence says. */
export const OVER_SENTENCES: ReadonlySet<QuestionKind> = new Set(["open-response", "essay", "poll", "order", "match", "select-all", "word-in-context"]);

/** The sentence that a candidate is about: what stands before it in the evidence only says whom its pronouns mean. */
export function mainSentence({ kind, evidence }: Pick<Candidate, "kind" | "evidence">): Sentence {
  return OVER_SENTENCES.has(kind) ? evidence[0]! : evidence.at(-1)!;
}
