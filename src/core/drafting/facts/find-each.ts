import type { Analysis } from "../../language/analysis";
import { nodeText, stripAsides } from "../../language/node-text";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factOf } from "./fact";
import { predicateOf, SINGLES_OUT } from "./find-definition";
import { hasOpenPronoun } from "./open-pronoun";

const [FEWEST_WORDS, MOST_WORDS] = [4, 20];

/** "Each grain of dry yeast is *a clump of tiny fungi that are asleep*": what is each of them? */
export function findEach(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause, subject } = phrasing;
  const { sentence } = clause;
  const predicate = predicateOf(clause);
  if (!predicate || clause.adjuncts.length > 0 || predicate.f.det !== "indef" || !/^(?:each|every) \p{L}+/iu.test(subject) || subject.split(" ").length > 6)
    return [];
  if (!/^(?:relative|reduced|postmodifier)$/.test(predicate.role)) return [];
  if (findUnclear(stripAsides(predicate), sentence, analysis, phrasing.binder, false) || hasOpenPronoun(predicate, sentence, analysis)) return [];
  const answer = nodeText(sentence, predicate);
  const words = answer.split(" ").length;
  if (words < FEWEST_WORDS || words > MOST_WORDS || SINGLES_OUT.test(answer)) return [];
  return [
    factOf(
      phrasing,
      predicate.start,
      {
        type: "definition",
        stem: `What ${phrasing.inverted} ${subject}?`,
        answer,
        answerNode: predicate,
        accepted: [],
        depth: "understanding",
        worth: 2.6,
        pattern: "what-is-it",
      },
      "definition",
    ),
  ];
}
