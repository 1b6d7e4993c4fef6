import type { Analysis } from "../../language/analysis";
import { midSentence, nodeText } from "../../language/node-text";
import { headTerminal, reasonNode, walkTree } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { askBehind } from "../phrasing/ask-shared";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factId } from "./fact";

/** "*By counting the seconds between flashes*, a captain could tell …": how. */
export function findManner(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const part = clause.adjuncts.find(({ node }) => {
    const inner = reasonNode(node);
    return inner.cat === "pp" && inner.f.form === "ing" && inner.kids[0]?.lemma === "by";
  });
  // "gain *nothing* by shutting their eyes"
  if (!part || clause.negated || clause.complements.some(({ node }) => headTerminal(node).flags?.includes("neg"))) return [];
  // "The body *reacts* by making more cells": to what, the sentence before tells.
  const others = [...clause.complements, ...clause.adjuncts].filter((other) => other !== part && other.node.start >= clause.verb.end);
  if (/^(?:react|respond|begin|start|end|answer|reply)$/.test(clause.verb.lemma ?? "") && others.length === 0) return [];
  const manner = reasonNode(part.node);
  const stem = askBehind(phrasing, analysis, "How", part.node);
  if (!stem || findUnclear(manner, clause.sentence, analysis, phrasing.binder, false)) return [];
  // "by dipping for hundreds of years": how long belongs to the whole.
  const last = walkTree(manner).find((node) => node.cat === "pp" && node.f.time && node.end === manner.end && node.kids[0]?.lemma === "for");
  const answer = midSentence(clause.sentence, manner, nodeText(clause.sentence, last ? { ...manner, end: last.start } : manner));
  return [
    {
      type: "manner",
      id: factId("manner", clause.sentence, manner.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem,
      answer,
      answerNode: manner,
      accepted: [answer.replace(/^by /, "")],
      depth: "understanding",
      worth: 2.6,
      pattern: "how-by",
    },
  ];
}
