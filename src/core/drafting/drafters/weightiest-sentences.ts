import { type Analysis, positionKey, type Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { sentenceCase, wordsText } from "../../language/node-text";
import { pronounOf } from "../../language/subject-pronoun";
import { literally } from "../../lib/literally";
import { unlike } from "../../lib/plain-wording";
import type { Fact } from "../facts/fact";
import { isUnclear } from "../facts/find-cause";
import { LEANS_BACK, opensClearly, speaksOfItself } from "../phrasing/opens-clearly";
import { phraseRest } from "../phrasing/phrase-rest";
import { phrasingOf } from "../phrasing/phrasings";

/** A sentence of the source that a good answer holds, and its words with the noun that an opening pronoun stands for. */
export type Point = { sentence: Sentence; text: string };

/** Sentences as they stand. */
export function asPoints(sentences: readonly Sentence[]): Point[] {
  return sentences.map((sentence) => ({ sentence, text: sentence.text }));
}

/** Words under which a sentence says little by itself. */
const FEWEST_WORDS = 8;
/** Words under which a sentence is no point at all. */
const FEWEST_OF_POINT = 5;
/** Points under which a task is too thin. */
const FEWEST_OF_ALL = 4;
/** What points at something that another sentence told. */
const POINTS_BACK = /\b(?:this|these|those|such|here|there|another|the other|the same|then|instead|therefore)\b/i;
/** An example of what another sentence says. */
const EXAMPLE = /\bfor (?:instance|example)\b/i;
/** What joins a point to the one before, and says nothing itself. */
const LINK = /^(?:Furthermore|Moreover|In addition|Besides|However|Also|In return|In fact|Of course), (?=\S)/;
/** "did not agree", "soon the outbreak ended": with what, and which, the sentences before say. */
const TELLS_NO_MORE = /\b(?:agree|refuse|accept|object|help|work|end|happen|begin|start|stop|continue|follow)(?:d|ed|s)?[.!]$/i;

/** What a sentence is worth of which no fact is asked. */
const PLAIN_WORTH = 1;

/** The `count` weightiest of some sentences, by their facts and by what they speak of, spread over the paragraphs and in the order of the text, each clear by itself. */
export function weightiestPoints(sentences: readonly Sentence[], facts: readonly Fact[], count: number, analysis: Analysis): Point[] {
  const worth = new Map<Sentence, number>();
  for (const fact of facts) worth.set(fact.sentence, Math.max(fact.worth, worth.get(fact.sentence) ?? 0));
  const points = sentences.flatMap((sentence) => pointOf(sentence, analysis) ?? []);
  const byWeight = points
    .map((point) => ({ point, weight: (worth.get(point.sentence) ?? PLAIN_WORTH) + centralityOf(point.sentence, analysis) }))
    .sort((a, b) => b.weight - a.weight)
    .map(({ point }) => point);
  const chosen: Point[] = [];
  const perBlock = new Map<string, number>();
  // One of every paragraph before a second of any, and more only where there are few paragraphs.
  const isShort = new Set(points.map(({ sentence }) => sentence.block.id)).size * 2 < FEWEST_OF_ALL;
  for (const most of isShort ? [1, 2, count] : [1, 2]) {
    for (const point of unlike(byWeight, ({ text }) => text)) {
      const used = perBlock.get(point.sentence.block.id) ?? 0;
      if (chosen.length === count || used >= most || chosen.includes(point)) continue;
      perBlock.set(point.sentence.block.id, used + 1);
      chosen.push(point);
    }
  }
  return chosen.sort((a, b) => a.sentence.index - b.sentence.index);
}

/** The sentence as a point, where it is clear by itself or by the nouns of its pronouns. */
export function pointOf(sentence: Sentence, analysis: Analysis): Point | undefined {
  const { clauses, text, words } = sentence;
  if (!sentence.tree || clauses.length === 0 || speaksOfItself(sentence) || TELLS_NO_MORE.test(text) || POINTS_BACK.test(text) || EXAMPLE.test(text))
    return undefined;
  const isClear = (clause: Clause) => {
    const phrasing = phrasingOf(clause, analysis);
    return typeof phrasing !== "string" && !isUnclear(phraseRest(phrasing, analysis));
  };
  // "The crowd cheered."
  if (words.length - 1 < FEWEST_OF_POINT) return undefined;
  const main = clauses.filter(({ rank }) => rank === "main");
  // "Second, turn off screens": what a reader should do is no summary of a text that explains.
  if (!main.every(isClear) || (analysis.sort === "expository" && main.some(({ imperative }) => imperative))) return undefined;
  const stop = /[.!?]$/.exec(text)?.[0] ?? ".";
  if (opensClearly(sentence))
    return { sentence, text: isNamedTwice(sentence) ? sentenceCase(text.replace(LINK, "")) : `${wordsText(sentence, 0, words.length)}${stop}` };
  const named = withNamedSubject(sentence, analysis);
  if (named && new RegExp(`\\b${literally(named.noun)}\\b`).test(named.ahead)) return { sentence, text };
  return named === undefined || LEANS_BACK.test(named.ahead) ? undefined : { sentence, text: `${sentenceCase(named.ahead + named.text)}${stop}` };
}

/** "told Wren what he thought of *her*": her name again would be another's; where no pronoun has a noun, nothing is named. */
function isNamedTwice({ resolved, text }: Sentence): boolean {
  const nouns = [...(resolved?.values() ?? [])].map((noun) => noun.text);
  return nouns.length === 0 || nouns.some((noun, index) => text.includes(noun) || nouns.indexOf(noun) !== index);
}

/** A sentence whose first subject is a pronoun, with its noun, and what stands ahead of it. */
function withNamedSubject(sentence: Sentence, analysis: Analysis): { ahead: string; noun: string; text: string } | undefined {
  const { clauses, words } = sentence;
  const [first] = [...clauses].sort((a, b) => a.start - b.start);
  const noun = first && analysis.antecedents.get(positionKey(sentence, first.subject.start));
  if (!first || !noun || !pronounOf(first.subject)) return undefined;
  const { start, end } = first.subject;
  const ahead = start > 0 ? sentence.block.text.slice(sentence.start, words[start]!.tokens[0]!.start) : "";
  return { ahead, noun: noun.text, text: `${noun.text} ${wordsText(sentence, end, words.length)}` };
}

/** "That night": when, in the row of what is told. */
const THAT_TIME = /^That (?:night|day|morning|afternoon|evening|week|year|spring|summer|autumn|winter)\b/;
/** What joins an event to the one before. */
const JOINS = /^(?:Then|But|And|So|At once|Soon|Next|Now),? (?=\S)/;

/** A sentence as an event of a retelling, beside those before it: who does it must be clear, not each thing that it speaks of. */
export function eventOf(sentence: Sentence, analysis: Analysis): Point | undefined {
  const point = pointOf(sentence, analysis);
  if (point) return point;
  const [first] = sentence.clauses;
  if (!sentence.tree || first?.rank !== "main" || speaksOfItself(sentence) || TELLS_NO_MORE.test(sentence.text)) return undefined;
  const joined = JOINS.exec(sentence.text)?.[0] ?? "";
  const plain = sentence.text.slice(joined.length);
  if (sentence.words.length - 1 < FEWEST_OF_POINT || POINTS_BACK.test(plain)) return undefined;
  const named = withNamedSubject(sentence, analysis);
  if (named) {
    const ahead = named.ahead.slice(joined.length);
    return LEANS_BACK.test(ahead) && !THAT_TIME.test(ahead)
      ? undefined
      : { sentence, text: `${sentenceCase(ahead + named.text)}${/[.!?]$/.exec(plain)?.[0] ?? "."}` };
  }
  const isNamed = [...analysis.persons.values()].some(({ name }) => plain.includes(name));
  return isNamed && !pronounOf(first.subject) && (!LEANS_BACK.test(plain) || THAT_TIME.test(plain)) ? { sentence, text: sentenceCase(plain) } : undefined;
}

/** From the first to the last: of each stretch of the story the event that says most. */
export function heaviestEvents(events: readonly Point[], count: number, analysis: Analysis): Point[] {
  const names = [...analysis.persons.values()].map(({ name }) => name);
  const weights = new Map(events.map((event) => [event, weightOfEvent(event, names, analysis)]));
  return Array.from({ length: count }, (_, index) => {
    const stretch = events.slice(Math.floor((index * events.length) / count), Math.floor(((index + 1) * events.length) / count));
    return stretch.reduce((best, event) => (weights.get(event)! > weights.get(best)! ? event : best));
  });
}

/** Words from which an event is told at length. */
const AT_LENGTH = 16;

function weightOfEvent({ sentence, text }: Point, names: readonly string[], analysis: Analysis): number {
  const isNamed = names.some((name) => text.includes(name)) ? 0.5 : 0;
  const pointsOut = /\b(?:it|them|him|her|they|one)\b/i.test(text) ? 0.4 : 0;
  return Math.min(AT_LENGTH, text.split(" ").length) / AT_LENGTH + isNamed + centralityOf(sentence, analysis) * 0.4 - pointsOut;
}

/** How much of what a sentence speaks of is what the whole text speaks of: 0 to about 2. */
function centralityOf({ words, text, indexInBlock }: Sentence, { lemmaCounts, headingLemmas }: Analysis): number {
  const lemmas = new Set(
    words.flatMap(({ candidates }) => candidates.slice(0, 1).flatMap(({ cat, lemma }) => (/^(?:n|pn)$/.test(cat) && lemma ? [lemma.toLowerCase()] : []))),
  );
  if (lemmas.size === 0) return 0;
  const often = [...lemmas].reduce((sum, lemma) => sum + Math.log(Math.max(1, lemmaCounts.get(lemma) ?? 1)), 0) / Math.sqrt(lemmas.size);
  const inTitle = [...lemmas].some((lemma) => headingLemmas.has(lemma)) ? 0.3 : 0;
  const isThin = text.split(" ").length < FEWEST_WORDS ? 0.8 : 0;
  return Math.min(1.6, often / 2) + inTitle + (indexInBlock === 0 ? 0.3 : 0) - isThin;
}
