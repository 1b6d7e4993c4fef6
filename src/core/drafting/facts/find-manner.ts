import type { Analysis } from "../../language/analysis";
import { midSentence, nodeText } from "../../language/node-text";
import { askClause, type Phrasing, phraseRest } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factId } from "./fact";
import { isUnclear, reasonNode } from "./find-cause";

/** "*By counting the seconds between flashes*, a captain could tell …": how. */
export function findManner(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const part = clause.adjuncts.find(({ node }) => {
    const inner = reasonNode(node);
    return inner.cat === "pp" && inner.f.form === "ing" && inner.kids[0]?.lemma === "by";
  });
  if (!part || clause.shared || clause.negated) return [];
  const manner = reasonNode(part.node);
  const rest = phraseRest(phrasing, analysis, [part.node]);
  if (isUnclear(rest) || findUnclear(manner, clause.sentence, analysis, phrasing.binder, false)) return [];
  const answer = midSentence(clause.sentence, manner, nodeText(clause.sentence, manner));
  return [
    {
      type: "manner",
      id: factId("manner", clause.sentence, manner.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: askClause(phrasing, "How", rest),
      answer,
      answerNode: manner,
      accepted: [answer.replace(/^by /, "")],
      depth: "understanding",
      worth: 2.6,
      pattern: "how-by",
    },
  ];
}
