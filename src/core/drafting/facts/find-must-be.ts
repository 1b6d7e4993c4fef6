import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { coreOf, headTerminal } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms } from "./find-participant";

const [FEWEST_WORDS, MOST_WORDS] = [2, 18];

/** "An auditor *must not be a friend or a relative* of those whose books she checks": what must she not be? Of whoever holds an office. */
export function findMustBe(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const [predicate, ...more] = clause.complements.map(({ node }) => node);
  const [modal] = clause.auxiliaries;
  const isRule = modal?.cat === "modal" && (/^must$/.test(modal.lemma ?? "") || (clause.negated && /^(?:may|can)$/.test(modal.lemma ?? "")));
  if (!isRule || clause.verb.cat !== "be" || clause.passive || clause.rank !== "main" || clause.shared || clause.imperative) return [];
  if (predicate?.cat !== "np" || more.length > 0 || !phrasing.binder.human || !/^(?:indef|bare|proper)$/.test(clause.subject.f.det ?? "")) return [];
  const head = headTerminal(predicate);
  if (/^(?:one|thing|way|person)$/.test(head.lemma ?? "") || findUnclear(predicate, sentence, analysis, phrasing.binder, false)) return [];
  const rest = phraseRest(phrasing, analysis, [predicate, ...reasonsOf(clause)]);
  const answer = nodeText(sentence, predicate);
  const words = answer.split(" ").length;
  if (isUnclear(rest) || words < FEWEST_WORDS || words > MOST_WORDS) return [];
  return [
    factOf(phrasing, predicate.start, {
      type: "function",
      stem: askClause(phrasing, "What", rest),
      answer,
      answerNode: coreOf(predicate),
      accepted: bareForms(answer),
      depth: "understanding",
      worth: 2.6,
      pattern: "what-must-be",
    }),
  ];
}
