import { sentenceCase } from "../../language/node-text";
import type { Candidate } from "../candidate";
import { evidenceOf } from "../facts/fact";
import { LONGEST_LIST } from "../gates";
import type { SourceStock } from "../source-stock";

const LONGEST_KEY = 18;

/** Every fact as an open question with its whole answer. */
export function draftShortAnswers(stock: SourceStock): Candidate[] {
  return stock.askable
    .filter(({ type, answer }) => answer.split(" ").length <= (type === "list" ? LONGEST_LIST : LONGEST_KEY))
    .map((fact) => ({
      kind: "short-answer",
      stem: fact.stem,
      key: sentenceCase(fact.answer),
      accepted: fact.accepted,
      distractors: [],
      optionOrder: "shuffled",
      evidence: evidenceOf(fact),
      factId: fact.id,
      factType: fact.type,
      pattern: fact.pattern,
      depth: fact.depth,
      worth: fact.worth,
    }));
}
