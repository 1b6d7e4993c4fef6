import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { nodeText, wordsText } from "../../language/node-text";
import { pronounOf } from "../../language/subject-pronoun";
import { headTerminal } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { numberValue } from "../phrasing/number-forms";
import { phraseRest } from "../phrasing/phrase-rest";
import { phrasingOf } from "../phrasing/phrasings";
import { type Fact, factId } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { placeOf } from "./find-numbered-reason";

const PLACES = ["first", "second", "third"];
/** "Here are *three ways* to sleep better", "There are two kinds of rock" */
const EXISTS = /^(?:here|there) are ((two|three|four|five) (?:\p{Ll}+ ){0,2}?\p{Ll}+s\b.*?)[.:!]$/iu;
const SHORTEST = 4;
const LONGEST = 20;

/** "The council has three main jobs. *First, it makes local laws.* Second, …": what is the first of the three main jobs of the council? */
export function findNumberedItem(sentence: Sentence, analysis: Analysis): Fact[] {
  const [clause] = sentence.clauses;
  const place = placeOf(sentence)?.place;
  if (!place || !clause || sentence.speaker || analysis.sort === "story" || analysis.sort === "opinion") return [];
  const items = itemsAround(sentence, analysis);
  const announcing = items && analysis.sentences[items[0]!.index - 1];
  const announced = announcing && announcing.block === items[0]!.block ? announcedIn(announcing, analysis) : undefined;
  if (!items || !announcing || !announced || announced.count !== items.length) return [];
  const phrasing = phrasingOf(clause, analysis);
  const answer = wordsText(sentence, clause.imperative ? clause.verb.start : clause.subject.start, clause.end);
  const words = answer.split(" ").length;
  if (words < SHORTEST || words > LONGEST || !isClear(clause, announcing, analysis)) return [];
  return [
    {
      type: "reason",
      id: factId("reason", sentence, 0),
      sentence,
      support: [announcing],
      clause,
      phrasing: typeof phrasing === "string" ? bare(clause) : phrasing,
      stem: `What is the ${place} of the ${announced.things}?`,
      answer: answer.charAt(0).toLowerCase() + answer.slice(1),
      accepted: [],
      depth: "understanding",
      worth: 2.9,
      pattern: "which-item",
    },
  ];
}

/** The sentences of a paragraph that are counted first, second, and so on up to the last, in this order; it may tell more between two. */
function itemsAround({ block }: Sentence, { sentences }: Analysis): Sentence[] | undefined {
  const counted = sentences.filter((other) => other.block === block && placeOf(other));
  const isInOrder = (other: Sentence, at: number) => {
    const place = placeOf(other)!.place;
    return place === PLACES[at] || (place === "last" && at === counted.length - 1);
  };
  return counted.length >= 2 && counted.every(isInOrder) ? counted : undefined;
}

/** "three main jobs of the council", "three ways to sleep better" */
function announcedIn(sentence: Sentence, analysis: Analysis): { things: string; count: number } | undefined {
  const [, exists, number] = EXISTS.exec(sentence.text) ?? [];
  if (exists && number) return { things: exists.charAt(0).toLowerCase() + exists.slice(1), count: numberValue(number)! };
  const [main, ...more] = sentence.clauses.filter(({ rank }) => rank === "main");
  const object = main?.complements.find(({ role }) => role === "object")?.node;
  if (!main || more.length > 0 || main.verb.cat !== "have" || main.negated || !object || main.adjuncts.length > 0) return undefined;
  const phrasing = phrasingOf(main, analysis);
  const things = nodeText(sentence, object);
  const count = numberValue(things.split(" ")[0]!);
  if (typeof phrasing === "string" || count === undefined || headTerminal(object).flags?.[0] !== "pl" || findUnclear(object, sentence, analysis))
    return undefined;
  return { things: `${things} of ${phrasing.subject}`, count };
}

/** Told of whom the announcement names, or of things that are clear by themselves. */
function isClear(clause: Clause, announcing: Sentence, analysis: Analysis): boolean {
  const phrasing = phrasingOf(clause, analysis);
  const pronoun = clause.imperative ? undefined : pronounOf(clause.subject);
  if (typeof phrasing === "string") return pronoun === "it" && announcing.clauses[0]?.subject.f.num !== "pl";
  return !isUnclear(phraseRest(phrasing, analysis, reasonsOf(clause)));
}

function bare(clause: Clause): Phrasing {
  return { clause, subject: "it", binder: { num: "sg", human: false }, inverted: "does", verbPhrase: "", finite: "" };
}
