import type { Analysis } from "../../language/analysis";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { nodeText } from "../../language/node-text";
import { coreOf, headTerminal } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { reasonsOf } from "./find-cause";
import { bareForms } from "./find-participant";

/** "The seeds need *a signal* to wake up", "The ovens need *an hour* to get hot": what, or how long, do they need for it? */
export function findNeededFor(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  if (clause.verb.lemma !== "need" || !object || clause.negated || clause.shared || clause.imperative || clause.passive || clause.rank !== "main") return [];
  const deed = [...clause.complements, ...clause.adjuncts]
    .map(({ node }) => node)
    .find((node) => node.cat === "vp" && node.f.form === "to" && node.start === object.end);
  const head = headTerminal(coreOf(object));
  if (!deed || object.f.det === "pron" || object.f.det === "quant" || head.cat !== "n" || THIN_NOUNS.has(head.lemma ?? "")) return [];
  if ([object, deed].some((node) => findUnclear(node, sentence, analysis, phrasing.binder, false))) return [];
  if (phraseRest(phrasing, analysis, [object, deed, ...reasonsOf(clause)]) !== "") return [];
  const isTime = /\b(?:seconds?|minutes?|hours?|days?|weeks?|months?|years?|decades?|centur(?:y|ies))$/.test(nodeText(sentence, object));
  if (!isTime && (object.role === "quantity" || object.f.det === "num")) return [];
  const answer = nodeText(sentence, object);
  return [
    factOf(phrasing, object.start, {
      type: isTime ? "frequency" : "thing",
      stem: askClause(phrasing, isTime ? "How long" : "What", nodeText(sentence, deed)),
      answer,
      answerNode: coreOf(object),
      accepted: bareForms(answer),
      depth: "recall",
      worth: 2.2,
      pattern: isTime ? "how-long" : "what-object",
    }),
  ];
}
