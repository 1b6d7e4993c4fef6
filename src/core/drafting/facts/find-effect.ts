import type { Analysis } from "../../language/analysis";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { midSentence, nodeText } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import { askClause, askSubject, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms } from "./find-participant";

/** "Every knot makes a rope *weaker*": what effect does every knot have on a rope? */
export function findEffect(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence, verb } = clause;
  const [object, quality, ...more] = clause.complements;
  if (verb.lemma !== "make" || clause.passive || clause.negated || clause.shared || clause.imperative || clause.rank !== "main" || more.length > 0) return [];
  if (object?.role !== "object" || object.node.cat !== "np" || quality?.role !== "predicate" || quality.node.cat !== "ap" || phrasing.binder.human) return [];
  // "*The town* made its buses free": somebody's deed, and no effect.
  if (clause.subject.f.det === "proper" || TOWNS.test(phrasing.subject)) return [];
  if (THIN_NOUNS.has(headTerminal(object.node).lemma ?? "")) return [];
  if (headTerminal(object.node).cat === "pro" || findUnclear(object.node, sentence, analysis, phrasing.binder)) return [];
  // "makes rain *lighter than snow*": weaker than before needs no *than*.
  const unclear = findUnclear(quality.node, sentence, analysis, phrasing.binder);
  if (unclear && unclear !== "comparison-left-open") return [];
  const rest = phraseRest(phrasing, analysis, [object.node, quality.node, ...reasonsOf(clause)]);
  if (isUnclear(rest) || phrasing.verbPhrase !== "make") return [];
  const affected = midSentence(sentence, object.node);
  const effect = nodeText(sentence, quality.node);
  return [
    factOf(phrasing, quality.node.start, {
      type: "function",
      stem: askClause({ ...phrasing, verbPhrase: "have" }, "What effect", [`on ${affected}`, rest].filter(Boolean).join(" ")),
      answer: `${phrasing.binder.num === "pl" ? "they" : "it"} ${phrasing.finite} ${affected} ${effect}`,
      answerNode: quality.node,
      accepted: [effect, `${phrasing.finite} ${affected} ${effect}`],
      depth: "understanding",
      worth: 2.6,
      pattern: "what-effect",
    }),
  ];
}

const TOWNS = /\b(?:town|city|village|country|state|school|government|council|company)\b/i;

/** What is kept from happening, and by what. */
const KEEPING = new Set("keep prevent stop protect save".split(" "));

/** "*The tin* kept the iron from rusting": what kept it from that? */
export function findPreventer(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence, verb } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  const from = clause.adjuncts.find(({ node }) => node.cat === "pp" && node.kids[0]?.lemma === "from" && node.f.form === "ing")?.node;
  if (!KEEPING.has(verb.lemma ?? "") || clause.passive || clause.negated || clause.shared || clause.imperative || clause.rank !== "main") return [];
  if (!object || !from || from.start !== object.end || phrasing.binder.human || headTerminal(object).cat === "pro" || clause.auxiliaries.length > 0) return [];
  if ([object, from].some((node) => findUnclear(node, sentence, analysis, phrasing.binder, false))) return [];
  const rest = phraseRest(phrasing, analysis, [object, from, ...reasonsOf(clause)]);
  if (isUnclear(rest) || clause.subject.f.det === "pron") return [];
  return [
    factOf(phrasing, clause.subject.start, {
      type: "thing",
      stem: askSubject(phrasing, "What", [midSentence(sentence, object), nodeText(sentence, from), rest].filter(Boolean).join(" ")),
      answer: phrasing.subject,
      answerNode: clause.subject,
      accepted: bareForms(phrasing.subject),
      depth: "understanding",
      worth: 2.5,
      pattern: "what-keeps",
    }),
  ];
}
