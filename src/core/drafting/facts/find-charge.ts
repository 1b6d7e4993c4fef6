import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { reasonNode } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest, preverbalAdverbs } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** Verbs of the court, with the word before the deed. */
const COURT: Readonly<Record<string, string>> = { charge: "with", accuse: "of", suspect: "of", convict: "of", acquit: "of" };

/** "was charged with *breaking into a pool hall*": what was he charged with? */
export function findCharge(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const word = clause.passive ? COURT[clause.verb.lemma ?? ""] : undefined;
  const part = clause.adjuncts.find(({ node }) => reasonNode(node).cat === "pp" && reasonNode(node).kids[0]?.lemma === word)?.node;
  const deed = part && reasonNode(part).kids[1];
  if (!word || !part || deed?.cat !== "vp" || clause.shared || clause.negated || clause.rank !== "main") return [];
  const rest = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  if (isUnclear(rest) || findUnclear(deed, clause.sentence, analysis, phrasing.binder, false, { isAnswer: true })) return [];
  const answer = nodeText(clause.sentence, deed);
  return [
    factOf(phrasing, deed.start, {
      type: "aim",
      stem: `${["What", phrasing.inverted, phrasing.subject, preverbalAdverbs(clause), phrasing.verbPhrase, word, rest].filter(Boolean).join(" ")}?`,
      answer,
      answerNode: deed,
      accepted: [],
      depth: "recall",
      worth: 2.6,
      pattern: "what-relation",
    }),
  ];
}
