import type { Analysis } from "../../language/analysis";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { inflectVerb } from "../../language/inflect";
import { midSentence, textWithoutAsides, withoutAside } from "../../language/node-text";
import { coreOf, headTerminal, reasonNode, walkTree } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factOf } from "./fact";
import { bareForms } from "./find-participant";

const PLACING = /^(?:lie|stand|hang|sit|live|grow|hide|rise|be)$/;
/** Prepositions of which the thing at that place is asked for. */
const AT = /^(?:at|on|in|under|above|below|behind|between|inside|around|beside|near|over|beneath|across|through|along|within|ontop)$/;
const SIDES = /^(?:side|half|end|one|other|both|part|place|world|case|fact|time|way|list|picture)$/;
/** Of what, only a phrase behind it says. */
const MIDDLES = /^(?:middle|centre|center|top|bottom|front|back|inside|outside|edge|corner|foot|head)$/;
const MOST_WORDS = 14;
const FEWEST_OF_PLACE = 3;

/** "*At the head of every tube* is a knot of thin threads", "*Around the mould* there was a clear ring": what is at that place? */
export function findAtPlace(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence, verb } = clause;
  if (clause.rank !== "main" || clause.negated || clause.passive || clause.shared || clause.imperative || clause.auxiliaries.length > 0) return [];
  const isThere = clause.subject.cat === "there";
  const subject = isThere ? clause.complements[0]?.node : clause.subject;
  if (subject?.cat !== "np" || verb.start > subject.start || !PLACING.test(verb.cat === "be" ? "be" : (verb.lemma ?? ""))) return [];
  const [where, ...more] = clause.adjuncts.map(({ node }) => reasonNode(node)).filter(({ end }) => end <= verb.start);
  if (where?.cat !== "pp" || more.length > 0 || clause.complements.length > (isThere ? 1 : 0)) return [];
  if (where.f.time || !AT.test(where.f.sub ?? "")) return [];
  const spot = headTerminal(where.kids[1] ?? where).lemma ?? "";
  if (SIDES.test(spot) || where.end - where.start < FEWEST_OF_PLACE || (MIDDLES.test(spot) && where.kids[1]?.role !== "postmodifier")) return [];
  const core = coreOf(subject);
  const head = headTerminal(core);
  // One thing, told as it is met; a row of things is asked for as a list.
  const isMet = /^(?:indef|num|bare)$/.test(core.f.det ?? "") && head.cat === "n" && !THIN_NOUNS.has(head.lemma ?? "");
  // "In the tower lives *a keeper*": who?
  if (
    !isMet ||
    phrasing.binder.human ||
    isPersonNoun(head.lemma ?? "", analysis.lexicon) ||
    core.role === "coordination" ||
    findUnclear(core, sentence, analysis)
  )
    return [];
  // "*In the Bighorn Mountains* there is a spring": there is much else.
  if (findUnclear(where, sentence, analysis) || (isThere && walkTree(where).some(({ cat }) => cat === "pn"))) return [];
  // What stands behind may belong to the thing or to the place.
  if (clause.adjuncts.some(({ node }) => node.start >= subject.end && !node.cat.startsWith("c-"))) return [];
  // "a clear ring *in which no bacteria grew*"
  const told = withoutAside(subject);
  if (findUnclear(told, sentence, analysis)) return [];
  const answer = midSentence(sentence, told, textWithoutAsides(sentence, told));
  const words = answer.split(" ").length;
  // "*An instrument*": the next sentence says which.
  if (words > MOST_WORDS || words < (core.f.det === "num" ? 2 : 3)) return [];
  const isPast = verb.flags?.includes("past") ?? false;
  const is = verb.cat === "be" ? (isPast ? "was" : "is") : inflectVerb(verb.lemma ?? "", isPast ? "past" : "third");
  return [
    factOf(phrasing, subject.start, {
      type: "thing",
      stem: `What ${is} ${midSentence(sentence, where).replace(/,$/, "")}?`,
      answer,
      answerNode: core,
      accepted: bareForms(answer),
      depth: "recall",
      worth: 2,
      pattern: "what-is-there",
    }),
  ];
}
