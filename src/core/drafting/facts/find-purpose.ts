import { nodeText } from "../../language/node-text";
import type { Node } from "../../language/tree";
import { askClause, phraseRest } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { type FactFinder, factId } from "./fact";
import { isUnclear, reasonNode } from "./find-cause";

/** With these a to-phrase after the object says what it is for. */
const USING = new Set("use build make employ add design set carry fit install".split(" "));

/** "Harbour masters use tide tables *to plan the day*"; "… *so that they do not dry out*." */
export const findPurpose: FactFinder = (phrasing, analysis) => {
  const { clause } = phrasing;
  const used = USING.has(clause.verb.lemma ?? "") ? clause.complements.filter((part) => part.role === "infinitive") : [];
  const part = [...used, ...clause.adjuncts].find(({ node }) => isPurpose(reasonNode(node)) && node.start > clause.verb.start);
  if (!part || clause.shared || clause.passive || clause.verb.cat === "be") return [];
  // A to-phrase belongs to the doer; after an object it may only say what the object is for.
  const purpose = reasonNode(part.node);
  if (findUnclear(purpose, clause.sentence, analysis, phrasing.binder, purpose.cat === "vp")) return [];
  const rest = phraseRest(phrasing, analysis, [part.node]);
  if (isUnclear(rest) || rest === "") return [];
  const answer = nodeText(clause.sentence, purpose);
  if (answer.split(" ").length < 3) return [];
  return [
    {
      type: "purpose",
      id: factId("purpose", clause.sentence, purpose.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: askClause(phrasing, "Why", rest),
      answer,
      answerNode: purpose,
      accepted: [answer.replace(/^(?:in order )?to /, "so as to ").replace(/^so that /, "because then ")],
      depth: "understanding",
      worth: 3,
      pattern: purpose.cat === "vp" ? "why-to" : "why-so-that",
    },
  ];
};

function isPurpose(node: Node): boolean {
  if (node.cat === "sb") return node.f.sub === "purpose";
  return node.cat === "vp" && node.f.form === "to";
}
