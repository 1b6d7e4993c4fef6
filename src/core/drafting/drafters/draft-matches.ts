import { sentenceCase } from "../../language/node-text";
import { type Candidate, joinFacts } from "../candidate";
import type { Fact } from "../facts/fact";
import { isUnclear, reasonsOf } from "../facts/find-cause";
import { bareTerm } from "../facts/find-definition";
import { isAlikeForMatching } from "../facts/term-sort";
import { stateClause } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import type { SourceStock } from "../source-stock";
import { datedFacts } from "./dated-facts";
import { senseOf } from "./draft-words-in-context";
import { asAsked, findTaughtWords, sharesWord, type TaughtWord } from "./taught-words";

const FEWEST = 3;
const MOST = 5;
/** Of words that the source does not explain. */
const FEWEST_WORDS = 4;

type Pair = { fact: Pick<Fact, "id" | "sentence" | "type">; left: string; right: string };

/** Parallel facts side by side: terms and meanings, years and events, persons and deeds, parts and what they do, effects and causes. Each left item fits one right item only. */
export function draftMatches(stock: SourceStock): Candidate[] {
  return [
    ...toCandidates("Match each term with its meaning.", terms(stock), "match-terms", "recall", 3.3),
    ...toCandidates("Match each year with what happened in it.", years(stock), "match-years", "recall", 2.4),
    ...toCandidates("Match each person with what he or she did.", deeds(stock), "match-deeds", "recall", 2.8),
    ...toCandidates("Match each of these with what the passage says it does.", functions(stock), "match-functions", "understanding", 3),
    ...toCandidates("Match each effect with its cause.", causes(stock), "match-causes", "understanding", 3.1),
    ...toCandidates("Match each word of the passage with its meaning.", words(stock), "match-words", "understanding", 2.2),
  ];
}

/** The largest group of terms of one sort: persons or the rest, one or many, or some would be matched without reading. */
function terms({ facts, analysis }: SourceStock): Pair[] {
  const all = facts.filter((fact) => fact.term && fact.definiens && (fact.type === "definition" || fact.type === "naming"));
  const groups = all.map((fact) => all.filter((other) => isAlikeForMatching(fact, other, analysis.lexicon)));
  const largest = groups.reduce<typeof all>((best, group) => (group.length > best.length ? group : best), []);
  return largest.map((fact) => ({ fact, left: sentenceCase(bareTerm(fact.term!)), right: fact.definiens! }));
}

function years({ facts }: SourceStock): Pair[] {
  return datedFacts(facts).map((fact) => ({ fact, left: fact.answer, right: `${sentenceCase(fact.statement!)}.` }));
}

/** Persons by name, each with one deed: what the question about the doer asks, without its *who*. */
function deeds({ facts, analysis }: SourceStock): Pair[] {
  return facts.flatMap((fact): Pair[] => {
    const deed = /^Who (.+)\?$/.exec(fact.stem)?.[1];
    const isNamed = fact.type === "person" && analysis.persons.has(fact.answer);
    return deed && isNamed && !fact.clause.passive ? [{ fact, left: fact.answer, right: deed }] : [];
  });
}

/** Parts that are all one, or all many, since the verb would tell them apart. */
function functions({ facts }: SourceStock): Pair[] {
  const all = facts.filter((fact) => fact.pattern === "what-does-it-do");
  const one = all.filter((fact) => fact.clause.verb.flags?.[0] === "third");
  const many = all.filter((fact) => !one.includes(fact));
  return (one.length >= many.length ? one : many).map((fact) => ({ fact, left: sentenceCase(fact.phrasing.subject), right: fact.answer }));
}

const TAKES_UP = /\b(?:it|they|he|she|them|him|her|his|its|their|this|these|those|that way)\b/i;

/** Effects and causes that are clear without each other. */
function causes({ facts, analysis }: SourceStock): Pair[] {
  return facts.flatMap((fact): Pair[] => {
    const cause = fact.accepted[0];
    if (fact.type !== "cause" || !cause || TAKES_UP.test(cause)) return [];
    const rest = phraseRest(fact.phrasing, analysis, reasonsOf(fact.clause));
    if (isUnclear(rest)) return [];
    const effect = stateClause(fact.phrasing, rest);
    return TAKES_UP.test(effect) || effect.split(" ").length < 3 ? [] : [{ fact, left: `${sentenceCase(effect)}.`, right: `${sentenceCase(cause)}.` }];
  });
}

/** What every reader knows from about grade 5 on needs no matching. */
const KNOWN_TO_ALL = 4.5;

/** Words of one class that are taught, the rarest first, of meanings that are not near each other. */
function words(stock: SourceStock): Pair[] {
  const { lexicon } = stock.analysis;
  const taught = findTaughtWords(stock).filter(({ known }) => lexicon.zipf(known.word) <= KNOWN_TO_ALL);
  const byRarity = [...taught].sort((a, b) => lexicon.zipf(a.known.word) - lexicon.zipf(b.known.word));
  // Nouns of several sorts would be told apart by "a person who" and "a place where".
  const groups = [...new Set(taught.map(sortOf))].map((sort) => {
    const apart: TaughtWord[] = [];
    for (const word of byRarity) if (sortOf(word) === sort && apart.every((other) => isFarFrom(other, word))) apart.push(word);
    return apart;
  });
  const largest = groups.reduce((best, group) => (group.length > best.length ? group : best), []);
  if (largest.length < FEWEST_WORDS) return [];
  return largest.slice(0, MOST).map(({ known, sentence }) => {
    const { word, meaning } = asAsked(known);
    return { fact: { id: senseOf(known), sentence, type: "definition" }, left: word, right: meaning };
  });
}

function sortOf({ known: { pos, section } }: TaughtWord): string {
  return pos === "n" ? section : pos;
}

function isFarFrom({ known: one }: TaughtWord, { known: other }: TaughtWord): boolean {
  return one.block !== other.block && !sharesWord(one.meaning, other.meaning);
}

function toCandidates(stem: string, pairs: readonly Pair[], pattern: string, depth: Candidate["depth"], worth: number): Candidate[] {
  const once = (key: (pair: Pair) => string) => (pair: Pair, index: number, all: readonly Pair[]) =>
    all.findIndex((other) => key(other) === key(pair)) === index;
  const distinct = pairs
    .filter(once((pair) => pair.left.toLowerCase()))
    .filter(once((pair) => pair.right.toLowerCase()))
    .filter(once((pair) => pair.fact.id));
  // A meaning that names another of the terms would be matched by its words.
  const fair = distinct.filter((pair) => !distinct.some((other) => other !== pair && pair.right.toLowerCase().includes(other.left.toLowerCase())));
  const chosen = fair.slice(0, MOST);
  if (chosen.length < FEWEST) return [];
  return [
    {
      kind: "match",
      stem,
      key: chosen.map(({ left, right }) => `${left}: ${right}`).join(" "),
      accepted: [],
      distractors: [],
      optionOrder: "shuffled",
      evidence: [...new Set(chosen.map(({ fact }) => fact.sentence))],
      factId: joinFacts(chosen.map(({ fact }) => fact.id)),
      factType: chosen[0]!.fact.type,
      pattern,
      depth,
      worth,
      parts: { sort: "match", pairs: chosen.map(({ left, right }) => [left, right]) },
    },
  ];
}
