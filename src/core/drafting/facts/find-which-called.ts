import type { Analysis } from "../../language/analysis";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { nodeText } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareTerm } from "./find-definition";
import { called, LONGEST_TERM } from "./find-named-phrase";

const MOST_OF_SORT = 4;

/** "leaves behind *a poison called ammonia*": what poison? Where the phrase by itself would be no meaning of the term. */
export function findWhichCalled(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  if (!object || clause.negated || clause.shared || clause.imperative || clause.rank !== "main" || clause.complements.some(({ role }) => role === "object2"))
    return [];
  const named = called(object);
  if (!named || !/^(?:indef|num)$/.test(named.meaning.f.det ?? "") || named.meaning.f.num === "pl") return [];
  const sort = nodeText(sentence, named.meaning).replace(/^(?:an?|one) /i, "");
  const head = headTerminal(named.meaning).lemma ?? "";
  if (
    THIN_NOUNS.has(head) ||
    sort.split(" ").length > MOST_OF_SORT ||
    /^(?:first|second|third|last|new|other)\b/.test(sort) ||
    findUnclear(named.meaning, sentence, analysis, phrasing.binder)
  )
    return [];
  if (headTerminal(named.term).cat !== "n" || named.term.end - named.term.start > LONGEST_TERM) return [];
  const rest = phraseRest(phrasing, analysis, [object, ...reasonsOf(clause)]);
  if (isUnclear(rest) || `${phrasing.subject} ${rest}`.trim().split(" ").length < 2) return [];
  const answer = nodeText(sentence, named.term).replace(/^["'“‘]|["'”’]$/g, "");
  const bare = bareTerm(answer);
  return [
    factOf(
      phrasing,
      named.term.start,
      {
        type: "naming",
        stem: askClause(phrasing, `What ${sort}`, rest),
        answer,
        answerNode: named.term,
        accepted: bare === answer ? [] : [bare],
        depth: "recall",
        worth: 2.4,
        pattern: "which-called",
      },
      "definition",
    ),
  ];
}
