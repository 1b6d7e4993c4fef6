import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { nodeText, wordsText } from "../../language/node-text";
import { pronounOf } from "../../language/subject-pronoun";
import { headTerminal } from "../../language/tree";
import { type Phrasing, phraseClause } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factId } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** How a text counts what it has announced: "*First*, it makes laws.", "*The second* is to keep the peace." */
const COUNTED = /^(first|second|third|fourth)(?:ly)?, (.+)$/i;
const NUMBER: Record<string, number> = { two: 2, three: 3, four: 4, five: 5 };
const PLACES = ["first", "second", "third", "fourth"];
/** "Here are *three ways* to sleep better", "There are two kinds of rock" */
const EXISTS = /^(?:here|there) are ((two|three|four|five) (?:\p{Ll}+ ){0,2}?\p{Ll}+s\b.*?)[.:!]$/iu;
const SHORTEST = 4;
const LONGEST = 20;

/** "The council has three main jobs. *First, it makes local laws.* Second, …": what is the first of the three main jobs of the council? */
export function findNumberedItem(sentence: Sentence, analysis: Analysis): Fact[] {
  const counted = COUNTED.exec(sentence.text);
  const [clause] = sentence.clauses;
  if (!counted || !clause || !sentence.tree || sentence.speaker || analysis.sort === "story" || analysis.sort === "opinion") return [];
  const place = counted[1]!.toLowerCase();
  const items = itemsAround(sentence, place, analysis);
  const announcing = items && analysis.sentences[items[0]!.index - 1];
  const announced = announcing && announcing.block === items[0]!.block ? announcedIn(announcing, analysis) : undefined;
  if (!items || !announcing || !announced || announced.count !== items.length) return [];
  const phrasing = phraseClause(clause, analysis);
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

/** The sentences that are counted first, second, …, up to the last of them; a paragraph may tell more between two. */
function itemsAround({ index, block }: Sentence, place: string, { sentences }: Analysis): Sentence[] | undefined {
  const counted = sentences.filter((other) => other.block === block && COUNTED.test(other.text));
  const places = counted.map(({ text }) => COUNTED.exec(text)![1]!.toLowerCase());
  const isInOrder = places.every((one, at) => one === PLACES[at]);
  return isInOrder && counted.length >= 2 && counted.some((other) => other.index === index && places[counted.indexOf(other)] === place) ? counted : undefined;
}

/** "three main jobs of the council", "three ways to sleep better" */
function announcedIn(sentence: Sentence, analysis: Analysis): { things: string; count: number } | undefined {
  const [, exists, number] = EXISTS.exec(sentence.text) ?? [];
  if (exists && number) return { things: exists.charAt(0).toLowerCase() + exists.slice(1), count: NUMBER[number.toLowerCase()]! };
  const [main, ...more] = sentence.clauses.filter(({ rank }) => rank === "main");
  const object = main?.complements.find(({ role }) => role === "object")?.node;
  if (!main || more.length > 0 || main.verb.cat !== "have" || main.negated || !object || main.adjuncts.length > 0) return undefined;
  const phrasing = phraseClause(main, analysis);
  const things = nodeText(sentence, object);
  const count = NUMBER[things.split(" ")[0]!.toLowerCase()];
  if (typeof phrasing === "string" || count === undefined || headTerminal(object).flags?.[0] !== "pl" || findUnclear(object, sentence, analysis))
    return undefined;
  return { things: `${things} of ${phrasing.subject}`, count };
}

/** Told of whom the announcement names, or of things that are clear by themselves. */
function isClear(clause: Clause, announcing: Sentence, analysis: Analysis): boolean {
  const phrasing = phraseClause(clause, analysis);
  const pronoun = clause.imperative ? undefined : pronounOf(clause.subject);
  if (typeof phrasing === "string") return pronoun === "it" && announcing.clauses[0]?.subject.f.num !== "pl";
  return !isUnclear(phraseRest(phrasing, analysis, reasonsOf(clause)));
}

function bare(clause: Clause): Phrasing {
  return { clause, subject: "it", binder: { num: "sg", human: false }, inverted: "does", verbPhrase: "", finite: "" };
}
