import type { Analysis } from "../../language/analysis";
import { isPersonNoun } from "../../language/find-persons";
import { nodeText, wordsText } from "../../language/node-text";
import { pronounOf } from "../../language/subject-pronoun";
import { headTerminal, type Node } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { standsAlone } from "../phrasing/ask-shared";
import { findUnclear } from "../phrasing/clear-reference";
import { numberForms } from "../phrasing/number-forms";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { isUnitAlone } from "./find-price";
import { countedNoun, quantityFact } from "./find-quantity";

/** "The wave was *nearly eight metres high* at its peak", "shouts *ten times a second*": how many metres, how many times a second? */
export function findMeasure(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  if (clause.rank === "adverbial" || clause.negated || clause.imperative || (clause.shared && !standsAlone(clause))) return [];
  // "*Some* qanats are forty kilometres long": which?
  if (clause.subject.f.det === "quant") return [];
  return [
    ...ofSize(phrasing, analysis),
    ...lessThan(phrasing, analysis),
    ...ofLikeness(phrasing, analysis),
    ...ofOtherSize(phrasing, analysis),
    ...ofRate(phrasing, analysis),
  ];
}

function ofSize(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const predicate = clause.complements.find(({ role }) => role === "predicate")?.node;
  if (clause.verb.cat !== "be" || predicate?.cat !== "ap" || predicate.role !== "measure") return [];
  const [counted, quality] = predicate.kids as [Node, Node];
  const noun = counted.role === "quantity" ? countedNoun(counted, phrasing) : undefined;
  // "was six years old": when?
  if (headTerminal(quality).lemma === "old" && (phrasing.binder.human || clause.verb.flags?.includes("past"))) return [];
  // "about three hundred years older than …"
  if (!noun || !SIZES.has(headTerminal(quality).lemma ?? "") || headTerminal(quality).flags?.includes("comparative")) return [];
  const rest = phraseRest(phrasing, analysis, [predicate, ...reasonsOf(clause)]);
  if (isUnclear(rest)) return [];
  // "The office is *more than eight hundred years old*": how old?
  if (headTerminal(quality).lemma === "old") return [ofAge(phrasing, counted, askClause(withThe(phrasing), "How old", rest))];
  return [quantityFact(phrasing, counted, askClause(phrasing, `How many ${noun} ${nodeText(clause.sentence, quality)}`, rest), noun)];
}

/** "My mother has *a car*. *It* is nineteen years old": no car at all is so old. */
function withThe(phrasing: Phrasing): Phrasing {
  return pronounOf(phrasing.clause.subject) ? { ...phrasing, subject: phrasing.subject.replace(/^an? /i, "the ") } : phrasing;
}

function ofAge(phrasing: Phrasing, counted: Node, stem: string): Fact {
  const answer = nodeText(phrasing.clause.sentence, counted);
  const number = answer.replace(/ years?$/, "");
  return factOf(
    phrasing,
    counted.start,
    {
      type: "frequency",
      stem,
      answer,
      answerNode: counted,
      accepted: [`${answer} old`, ...numberForms(number).flatMap((form) => [form, `${form} years`])].filter((form) => form !== answer),
      depth: "recall",
      worth: 1.9,
      pattern: "how-old",
    },
    "quantity",
  );
}

/** "A butterfly weighs *less than a paper clip*", "… *as much as a small car*": how much? */
function lessThan(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence, verb } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  const answer = object ? nodeText(sentence, object) : "";
  if (
    !/^(?:weigh|cost|earn|pay)$/.test(verb.lemma ?? "") ||
    !object ||
    isUnitAlone(clause.subject) ||
    !/^(?:(?:less|more) than|(?:about |nearly |almost )?(?:twice |half )?as much as) (?:an?|the|one|two) /i.test(answer)
  )
    return [];
  // "A sign costs less than *a lawyer*": nobody's price is known.
  const isPriceless = verb.lemma === "cost" && answer.split(" ").length <= 5 && isPersonNoun(answer.split(" ").at(-1)!, analysis.lexicon);
  if (isPriceless) return [];
  // "as much as a day's wage *at home*": belongs to what it is measured by.
  const tail = clause.adjuncts.find(({ node }) => node.start === object.end && !node.f.time && /^(?:at|in|on|of) /.test(nodeText(sentence, node)))?.node;
  const rest = phraseRest(phrasing, analysis, [object, ...(tail ? [tail] : []), ...reasonsOf(clause)]);
  // "more than a shilling, *about a day's wage*": told again in another way.
  if (isUnclear(rest) || /\babout\b|,/.test(rest) || findUnclear(object, sentence, analysis, phrasing.binder)) return [];
  return [
    factOf(phrasing, object.start, {
      type: "frequency",
      stem: askClause(phrasing, "How much", rest),
      answer: tail ? wordsText(sentence, object.start, tail.end) : answer,
      answerNode: object,
      accepted: [],
      depth: "recall",
      worth: 1.9,
      pattern: "how-much",
    }),
  ];
}

const LIKENESS =
  /^as (long|tall|high|big|large|small|heavy|wide|thick|thin|deep|fast|strong|hot|cold|loud|hard|bright|old) as (?:an? |(?:minus )?\d|(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)\b|the \p{Ll}+ (?:is|are) (?:long|wide|high|tall|broad|deep)\b)/iu;

/** "A strider is *about as long as a fingernail*": how long, by what everybody knows. */
function ofLikeness(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const predicate = clause.complements.find(({ role }) => role === "predicate")?.node;
  const quality = predicate && LIKENESS.exec(nodeText(sentence, predicate))?.[1];
  if (clause.verb.cat !== "be" || !predicate || !quality || findUnclear(predicate, sentence, analysis, phrasing.binder)) return [];
  // "*about* as long as": what stands right before it belongs to the answer.
  const about = clause.adjuncts.find(({ node }) => node.end === predicate.start && node.start >= clause.verb.end)?.node;
  // "twice as long": see find-multiple.ts
  if (about && /^(?:twice|half)$/.test(nodeText(sentence, about))) return [];
  const rest = phraseRest(phrasing, analysis, [predicate, ...(about ? [about] : []), ...reasonsOf(clause)]);
  if (isUnclear(rest)) return [];
  const answer = wordsText(sentence, about?.start ?? predicate.start, predicate.end);
  return [
    factOf(phrasing, predicate.start, {
      type: "quantity",
      stem: askClause(phrasing, `How ${quality.toLowerCase()}`, rest),
      answer,
      answerNode: predicate,
      accepted: [nodeText(sentence, predicate)].filter((form) => form !== answer),
      depth: "recall",
      worth: 2,
      pattern: "how-far",
    }),
  ];
}

/** "The whiskers are *about as long as the cat is wide*": read as how long, and a clause. */
function ofOtherSize(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const predicate = clause.complements.find(({ role }) => role === "predicate")?.node;
  const size = predicate && clause.adjuncts.find(({ node }) => node.start === predicate.end && node.cat === "sb" && node.f.sub === "as")?.node;
  if (clause.verb.cat !== "be" || !predicate || !size || clause.negated) return [];
  const about = clause.adjuncts.find(({ node }) => node.end === predicate.start && node.start >= clause.verb.end)?.node;
  const answer = wordsText(sentence, about?.start ?? predicate.start, size.end);
  const asked = LIKENESS.exec(answer.replace(/^(?:about|almost|nearly|just) /, ""))?.[1];
  const rest = phraseRest(phrasing, analysis, [predicate, size, ...(about ? [about] : []), ...reasonsOf(clause)]);
  if (!asked || isUnclear(rest) || findUnclear(size, sentence, analysis, phrasing.binder, false)) return [];
  return [
    factOf(phrasing, predicate.start, {
      type: "quantity",
      stem: askClause(phrasing, `How ${asked.toLowerCase()}`, rest),
      answer,
      answerNode: size,
      accepted: [wordsText(sentence, predicate.start, size.end)].filter((form) => form !== answer),
      depth: "recall",
      worth: 2.2,
      pattern: "how-far",
    }),
  ];
}

const SIZES = new Set("long wide high tall deep thick old across broad".split(" "));

/** [about ten times] [a second] */
function ofRate(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  for (const { node } of clause.adjuncts) {
    const np = node.cat === "pp" && node.f.sub === "about" ? node.kids[1] : node.cat === "advp" ? node.kids[0] : node;
    // "ten times a second" in one phrase or in two
    const [whole, inside] = np?.role === "postmodifier" ? np.kids : [np, undefined];
    const span = inside ?? clause.adjuncts.find((other) => other.node.start === node.end)?.node;
    if (!isTimes(whole) || !span || !SPANS.test(nodeText(sentence, span))) continue;
    const rest = phraseRest(phrasing, analysis, [node, span, ...reasonsOf(clause)]);
    const rate = `times ${nodeText(sentence, span)}`;
    // "ninety times a minute at rest *and up to two hundred times* in a race": two rates.
    if (isUnclear(rest) || /\btimes\b/.test(rest) || `${phrasing.subject} ${phrasing.verbPhrase}`.split(" ").length < 2) continue;
    const fact = quantityFact(phrasing, whole, askClause(phrasing, `How many ${rate}`, rest), rate);
    // "*about* ten times", where the about stands before the whole phrase.
    return [node.cat === "pp" ? { ...fact, answer: `about ${fact.answer}`, accepted: [`about ${fact.answer} times`, fact.answer, ...fact.accepted] } : fact];
  }
  return [];
}

/** "fifty crowns *a month*" */
export const SPANS = /^an? (?:second|minute|hour|day|week|month|year)$/;

function isTimes(np: Node | undefined): np is Node {
  return np?.cat === "np" && np.role === "quantity" && headTerminal(np).lemma === "time" && headTerminal(np).flags?.[0] === "pl";
}
