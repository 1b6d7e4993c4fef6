import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { wordsText } from "../../language/node-text";
import { pronounOf } from "../../language/subject-pronoun";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** "The eye has to cool slowly, *or it would crack*": why does it have to? */
export function findOtherwise(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const main = sentence.clauses.filter(({ rank }) => rank === "main");
  const next = main[main.indexOf(clause) + 1];
  // "Make sure that the sticks are straight; *otherwise* the kite will spin"
  const isOtherwise =
    next?.linkedBy === "semi" && next.adjuncts.some(({ node }) => headTerminal(node).lemma === "otherwise" && node.end === next.subject.start);
  if (!next || (next.linkedBy !== "or" && !isOtherwise) || next.shared || clause.shared || !isNeeded(clause) || reasonsOf(clause).length > 0) return [];
  const isThreat = next.auxiliaries[0]?.cat === "modal" && /^(?:will|would|could|may|might)$/.test(next.auxiliaries[0].lemma ?? "");
  // The same thing by its pronoun, or another by its name.
  const taken = pronounOf(next.subject);
  const isTaken =
    taken === undefined ? !findUnclear(next.subject, sentence, analysis) : taken === (clause.subject.f.num === "pl" ? "they" : "it") && !phrasing.binder.human;
  const parts = [...next.complements, ...next.adjuncts].map(({ node }) => node).filter((node) => node.start > next.subject.start);
  if (!isThreat || !isTaken || parts.some((node) => findUnclear(node, sentence, analysis, phrasing.binder))) return [];
  const rest = phraseRest(phrasing, analysis);
  if (isUnclear(rest)) return [];
  const answer = `because otherwise ${wordsText(sentence, next.subject.start, next.end)}`;
  return [
    factOf(phrasing, next.subject.start, {
      type: "cause",
      stem: askClause(phrasing, "Why", rest),
      answer,
      accepted: [answer.replace(/^because otherwise /, "")],
      depth: "understanding",
      worth: 3,
      pattern: "why-or-else",
    }),
  ];
}

/** "It has to be *a Tuesday*": which it is, and nothing that it has to be like. */
function isNamedOnly(infinitive: Node): boolean {
  const be = walkTree(infinitive).find(({ cat, role }) => cat === "vp" && role === "predicate");
  return headTerminal(infinitive).cat === "be" && be?.kids[1]?.cat === "np";
}

/** Must, should, has to, needs to, or a command. */
function isNeeded({ auxiliaries, verb, complements, imperative }: Clause): boolean {
  const isModal = auxiliaries[0]?.cat === "modal" && /^(?:must|should)$/.test(auxiliaries[0].lemma ?? "");
  const hasTo = (verb.cat === "have" || verb.lemma === "need") && complements.some(({ role, node }) => role === "infinitive" && !isNamedOnly(node));
  return isModal || hasTo || imperative;
}
