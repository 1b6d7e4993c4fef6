import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import type { Node } from "../../language/tree";
import type { Depth } from "../../questions/question";
import type { Phrasing } from "../phrasing/ask-clause";

export type FactType =
  | "definition"
  | "naming"
  | "cause"
  | "purpose"
  | "condition"
  | "quantity"
  | "frequency"
  | "time"
  | "person"
  | "thing"
  | "place"
  | "manner"
  | "occasion"
  | "list"
  | "speaker"
  | "feeling"
  | "function"
  | "report"
  | "aim"
  | "reason"
  | "step";

/** Something the source says, with the question that asks for it and the whole answer. */
export type Fact = {
  type: FactType;
  /** Same sentence and same answer: the same fact, however it is asked. */
  id: string;
  sentence: Sentence;
  /** Further sentences that prove it, before `sentence` in the text. */
  support?: Sentence[];
  clause: Clause;
  phrasing: Phrasing;
  stem: string;
  /** As the source has it, whole, for the middle of a sentence. */
  answer: string;
  /** The answer's node, for distractors of its own sort. */
  answerNode?: Node;
  accepted: string[];
  depth: Depth;
  /** How much a teacher is likely to want it, before the place in the text is counted: 0 to 4. */
  worth: number;
  pattern: string;
  /** Definitions and namings only. */
  term?: string;
  definiens?: string;
  /** The term is plural: "stipes *are* …". */
  plural?: boolean;
  /** What is counted, for quantities. */
  unit?: string;
  /** What happened, without its time, for years. */
  statement?: string;
};

/** Finds facts of one type in one clause. */
export type FactFinder = (phrasing: Phrasing, analysis: Analysis) => Fact[];

/** All sentences that a fact rests on, in the order of the text. */
export function evidenceOf(fact: Fact): Sentence[] {
  return [...(fact.support ?? []), fact.sentence];
}

/** A fact of one clause: everything that follows from the clause is filled in. `at` is the word by which the fact is known. */
export function factOf(phrasing: Phrasing, at: number, parts: Omit<Fact, "id" | "sentence" | "clause" | "phrasing">, known: FactType = parts.type): Fact {
  const { clause } = phrasing;
  return { id: factId(known, clause.sentence, at), sentence: clause.sentence, clause, phrasing, ...parts };
}

export function factId(type: FactType, sentence: Sentence, from: number): string {
  return `${sentence.index}:${type}:${from}`;
}
