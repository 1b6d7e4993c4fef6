import type { Analysis, Sentence } from "../../language/analysis";
import { likeliestLemmas } from "../../language/likeliest-lemmas";
import { sentenceCase } from "../../language/node-text";
import { pronounOf } from "../../language/subject-pronoun";
import { headTerminal } from "../../language/tree";
import { hasPronounSubject, LEANS_BACK, speaksOfItself } from "../phrasing/opens-clearly";
import type { Said } from "./draft-speakers";
import { followsPronouns } from "./followed-pronouns";
import { FEWEST_OF_POINT, POINTS_BACK, type Point, pointOf, TELLS_NO_MORE, withNamedSubject } from "./point-of-sentence";

/** Words under which a sentence says little by itself. */
const FEWEST_WORDS = 8;
/** "That night", "The next morning", "Two days later": when, in the row of what is told. */
const THAT_TIME =
  /^(?:That|The (?:next|following|same)) (?:night|day|morning|afternoon|evening|week|year|spring|summer|autumn|winter)\b|^(?:An?|One|Two|Three|Four|Five|Six|Seven|A few|Some|Many) (?:minute|hour|day|night|week|month|year)s? later\b/;
const KEEPS_IT = /(?:^|, |day |night |morning |evening )(?:\p{Lu}[\p{L}’'-]* ){1,3}(?:\p{Ll}+ly )?\p{Ll}+ (?:it|them)\b/u;
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
  // "Marlow kept *it* under his bed": what, the sentence before tells.
  if (named && KEEPS_IT.test(named.text)) return undefined;
  if (named) {
    const ahead = named.ahead.slice(joined.length);
    return LEANS_BACK.test(ahead) && !THAT_TIME.test(ahead)
      ? undefined
      : { sentence, text: `${sentenceCase(ahead + named.text)}${/[.!?]$/.exec(plain)?.[0] ?? "."}` };
  }
  const isNamed = [...analysis.persons.values()].some(({ name }) => plain.includes(name));
  // "One morning *the apple* was gone": what the story is called after.
  const isOfTitle = analysis.headingLemmas.has(headTerminal(first.subject).lemma ?? "");
  // "Every Thursday Ines crossed *it*"
  if (KEEPS_IT.test(plain)) return undefined;
  return (isNamed || isOfTitle) && !pronounOf(first.subject) && (!LEANS_BACK.test(plain) || THAT_TIME.test(plain))
    ? { sentence, text: sentenceCase(plain) }
    : undefined;
}

/** The same of whoever tells the story: an event of theirs, or one that is clear by itself. */
export function isEventOfOneself(sentence: Sentence, analysis: Analysis): boolean {
  const [first] = sentence.clauses;
  const plain = sentence.text.replace(JOINS, "");
  if (!sentence.tree || first?.rank !== "main" || sentence.words.length - 1 < FEWEST_OF_POINT) return false;
  return !TELLS_NO_MORE.test(plain) && !POINTS_BACK.test(plain) && !hasPronounSubject(sentence) && followsPronouns(sentence, analysis);
}

/** Words of a speech under which it tells nothing. */
const FEWEST_SAID = 6;

/** What the persons of a story tell one another, as events of it: questions and calls tell nothing. */
export function sayings(said: readonly Said[]): Point[] {
  return said
    .filter(({ words, half }) => half === undefined && !/[?!]$/.test(words) && words.split(" ").length >= FEWEST_SAID)
    .map(({ speaker, words, sentence }) => ({ sentence, text: `${sentenceCase(speaker)} says: “${words}.”` }));
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
function centralityOf(sentence: Sentence, { lemmaCounts, headingLemmas }: Analysis): number {
  const { text, indexInBlock } = sentence;
  const lemmas = likeliestLemmas(sentence, /^(?:n|pn)$/);
  if (lemmas.size === 0) return 0;
  const often = [...lemmas].reduce((sum, lemma) => sum + Math.log(Math.max(1, lemmaCounts.get(lemma) ?? 1)), 0) / Math.sqrt(lemmas.size);
  const inTitle = [...lemmas].some((lemma) => headingLemmas.has(lemma)) ? 0.3 : 0;
  const isThin = text.split(" ").length < FEWEST_WORDS ? 0.8 : 0;
  return Math.min(1.6, often / 2) + inTitle + (indexInBlock === 0 ? 0.3 : 0) - isThin;
}
