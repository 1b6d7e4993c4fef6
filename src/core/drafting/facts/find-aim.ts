import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { askClause, type Phrasing, phraseRest } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factId } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const AIMING = new Set("want hope plan try decide agree refuse promise offer choose expect prepare wish learn attempt volunteer intend".split(" "));

/** "They *decided to split up*", "Engineers *hope to copy* the recipe": what somebody wants, decides or tries. */
export function findAim(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const part = clause.complements.find(({ role, node }) => role === "infinitive" && node.f.form === "to");
  if (!part || clause.passive || clause.imperative || clause.shared || !AIMING.has(clause.verb.lemma ?? "") || clause.complements.length > 1) return [];
  if (findUnclear(part.node, clause.sentence, analysis, phrasing.binder, false)) return [];
  const rest = phraseRest(phrasing, analysis, [part.node, ...reasonsOf(clause)]);
  const answer = nodeText(clause.sentence, part.node).replace(/^to /, "");
  if (isUnclear(rest) || answer.split(" ").length < 2) return [];
  return [
    {
      type: "aim",
      id: factId("aim", clause.sentence, part.node.start),
      sentence: clause.sentence,
      clause,
      phrasing: { ...phrasing, verbPhrase: `${phrasing.verbPhrase} to do` },
      stem: askClause({ ...phrasing, verbPhrase: `${phrasing.verbPhrase} to do` }, "What", rest),
      answer,
      answerNode: part.node,
      accepted: [`to ${answer}`],
      depth: "understanding",
      worth: analysis.sort === "story" ? 2.8 : 2.3,
      pattern: "what-aim",
    },
  ];
}
