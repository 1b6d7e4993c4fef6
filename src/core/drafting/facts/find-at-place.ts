import type { Analysis } from "../../language/analysis";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { inflectVerb } from "../../language/inflect";
import { midSentence, textWithoutAsides } from "../../language/node-text";
import { coreOf, headTerminal } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factOf } from "./fact";
import { bareForms } from "./find-participant";

const PLACING = /^(?:lie|stand|hang|sit|live|grow|hide|rise|be)$/;
/** Prepositions of which the thing at that place is asked for. */
const AT = /^(?:at|on|in|under|above|below|behind|between|inside|around|beside|near|over|beneath|across|through|along|within|on top of)$/;
const SIDES = /^(?:side|half|end|one|other|both|part|place|world|case|fact|time|way|list|picture)$/;
/** Of what, only a phrase behind it says. */
const MIDDLES = /^(?:middle|centre|center|top|bottom|front|back|inside|outside|edge|corner|foot|head)$/;
const MOST_WORDS = 14;
const FEWEST_OF_PLACE = 3;

/** "*At the head of every nephron* is a knot of thin blood vessels": what is at that place? */
export function findAtPlace(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence, verb, subject } = clause;
  if (clause.rank !== "main" || clause.negated || clause.passive || clause.shared || clause.imperative || clause.auxiliaries.length > 0) return [];
  if (verb.start > subject.start || subject.cat === "there" || !PLACING.test(verb.cat === "be" ? "be" : (verb.lemma ?? ""))) return [];
  const [place, ...more] = clause.adjuncts.map(({ node }) => node).filter((node) => node.end <= verb.start);
  if (place?.cat !== "pp" || more.length > 0 || place.f.time || !AT.test(place.f.sub ?? "") || clause.complements.length > 0) return [];
  const spot = headTerminal(place.kids[1] ?? place).lemma ?? "";
  if (SIDES.test(spot) || place.end - place.start < FEWEST_OF_PLACE || (MIDDLES.test(spot) && place.kids[1]?.role !== "postmodifier")) return [];
  const core = coreOf(subject);
  const head = headTerminal(core);
  // One thing, told as it is met; a row of things is asked for as a list.
  const isMet = /^(?:indef|num|bare)$/.test(core.f.det ?? "") && head.cat === "n" && !THIN_NOUNS.has(head.lemma ?? "");
  // "In the tower lives *a keeper*": who?
  if (!isMet || phrasing.binder.human || core.role === "coordination" || findUnclear(core, sentence, analysis)) return [];
  if (findUnclear(place, sentence, analysis)) return [];
  // What stands behind may belong to the thing or to the place.
  if (clause.adjuncts.some(({ node }) => node.start >= subject.end && !node.cat.startsWith("c-"))) return [];
  const answer = midSentence(sentence, core, textWithoutAsides(sentence, core));
  const words = answer.split(" ").length;
  // "*An instrument*": the next sentence says which.
  if (words > MOST_WORDS || words < (core.f.det === "num" ? 2 : 3)) return [];
  const isPast = verb.flags?.includes("past") ?? false;
  const is = verb.cat === "be" ? (isPast ? "was" : "is") : inflectVerb(verb.lemma ?? "", isPast ? "past" : "third");
  const where = midSentence(sentence, place).replace(/,$/, "");
  return [
    factOf(phrasing, subject.start, {
      type: "thing",
      stem: `What ${is} ${where}?`,
      answer,
      answerNode: core,
      accepted: bareForms(answer),
      depth: "recall",
      worth: 2,
      pattern: "what-is-there",
    }),
  ];
}
