import type { Analysis } from "../../language/analysis";
import { wordsText } from "../../language/node-text";
import { headTerminal, type Node, reasonNode } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { bindersIn, findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** "The government cannot ratify a treaty *unless parliament has approved it*": on what condition can it? */
export function findUnless(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const whole = clause.adjuncts.find(({ node }) => reasonNode(node).f.sub === "unless" && node.start >= clause.verb.end)?.node;
  const part = whole && reasonNode(whole);
  const may = /^(?:can|may|could)$/.test(phrasing.inverted) && /^not /.test(phrasing.verbPhrase);
  if (!part || !may || clause.rank !== "main" || clause.shared || clause.imperative) return [];
  const named = clause.complements.flatMap(({ node }) => bindersIn(node, clause.sentence, analysis));
  if (findUnclear(part, clause.sentence, analysis, phrasing.binder, false, { beside: named })) return [];
  const rest = phraseRest(phrasing, analysis, [whole, ...reasonsOf(clause)]);
  if (isUnclear(rest) || /\b(?:any\p{Ll}*|either|yet|ever)\b/u.test(rest)) return [];
  const condition = wordsText(clause.sentence, part.start + 1, part.end);
  return [
    factOf(phrasing, part.start, {
      type: "condition",
      stem: askClause({ ...phrasing, verbPhrase: phrasing.verbPhrase.slice(4) }, "On what condition", rest),
      answer: `only if ${condition}`,
      answerNode: part,
      accepted: [`if ${condition}`, condition],
      depth: "understanding",
      worth: 3,
      pattern: "only-if",
    }),
  ];
}

function isOnlyIf({ cat, f, role, kids }: Node): boolean {
  return cat === "sb" && f.sub === "if" && role === "modifier" && kids[0]?.lemma === "only";
}

/** "Insurance works *only if the risks are separate*": under what condition? */
export function findOnlyIf(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  // "can turn it into law, *but only if two thirds vote for it*": read as one, behind a comma.
  const behind = clause.adjuncts.find(({ node }) => node.cat === "c-sb" && isOnlyIf(reasonNode(node)))?.node;
  const part = behind
    ? reasonNode(behind)
    : clause.adjuncts.find(({ node }) => node.cat === "sb" && node.f.sub === "if" && node.start >= clause.verb.end)?.node;
  // "has an extra day *only if it can be divided*": read as one.
  const isOne = !behind && part !== undefined && isOnlyIf(part);
  const only =
    behind?.kids[0] ??
    (isOne ? part?.kids[0] : undefined) ??
    clause.adjuncts.find(({ node }) => part && node.end === part.start && headTerminal(node).lemma === "only")?.node;
  if (!part || !only || clause.rank !== "main" || clause.negated || clause.imperative || clause.shared) return [];
  const named = clause.complements.flatMap(({ node }) => bindersIn(node, clause.sentence, analysis));
  if (findUnclear(part, clause.sentence, analysis, phrasing.binder, false, { beside: named, isAnswer: true })) return [];
  const rest = phraseRest(phrasing, analysis, [behind ?? part, only, ...reasonsOf(clause)]);
  if (isUnclear(rest)) return [];
  const answer = wordsText(clause.sentence, behind || isOne ? part.start : only.start, part.end);
  return [
    factOf(phrasing, part.start, {
      type: "condition",
      stem: askClause(phrasing, "Under what condition", rest),
      answer,
      answerNode: part,
      accepted: [answer.replace(/^only /, "")],
      depth: "understanding",
      worth: 2.9,
      pattern: "only-if",
    }),
  ];
}
