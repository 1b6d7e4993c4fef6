import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { reasonNode, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** What is done to somebody for a deed. */
const FOR_A_DEED = /^(?:punish|arrest|fine|praise|thank|blame|criticise|criticize|execute|expel|dismiss|scold|imprison|jail|reward|decorate|banish|mock)$/;

/** "was thrown into prison *for having helped a foreigner*": why was she? */
export function findBlame(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const part = clause.adjuncts.find(({ node }) => reasonNode(node).cat === "pp" && reasonNode(node).f.sub === "for" && reasonNode(node).f.form === "ing")?.node;
  const deed = part && reasonNode(part).kids[1];
  if (!part || !deed || !clause.passive || clause.negated || clause.shared || clause.rank !== "main" || !phrasing.binder.human) return [];
  const rest = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  if (isUnclear(rest) || !(FOR_A_DEED.test(clause.verb.lemma ?? "") || /\b(?:prison|jail|gaol|court|exile)$/.test(rest))) return [];
  // "for having helped a foreigner *and died there*": the second may be what came of it.
  if (walkTree(deed).some(({ role }) => role === "coordination") || findUnclear(deed, sentence, analysis, phrasing.binder, false, { isAnswer: true }))
    return [];
  const answer = nodeText(sentence, part);
  return [
    factOf(phrasing, part.start, {
      type: "cause",
      stem: askClause(phrasing, "Why", rest),
      answer,
      answerNode: deed,
      accepted: [nodeText(sentence, deed)],
      depth: "understanding",
      worth: 2.9,
      pattern: "why-for-deed",
    }),
  ];
}
