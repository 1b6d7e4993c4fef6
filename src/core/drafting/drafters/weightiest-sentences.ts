import { type Analysis, positionKey, type Sentence } from "../../language/analysis";
import { likeliestLemmas } from "../../language/likeliest-lemmas";
import { unlike } from "../../lib/plain-wording";
import type { Fact } from "../facts/fact";
import { type Point, pointOf } from "./point-of-sentence";

/** Words under which a sentence says little by itself. */
const FEWEST_WORDS = 8;
/** What a second point of a paragraph counts less, since a summary goes through the whole text. */
const AGAIN = 1;
/** Points under which a task is too thin. */
const FEWEST_OF_ALL = 4;

/** The `count` weightiest of some sentences, by what they share with the others and what facts they hold, spread over the paragraphs and in the order of the text. */
export function weightiestPoints(sentences: readonly Sentence[], facts: readonly Fact[], count: number, analysis: Analysis): Point[] {
  const held = new Map<Sentence, number>();
  for (const fact of facts) held.set(fact.sentence, Math.max(FACT_WEIGHT[fact.type] ?? 0.2, held.get(fact.sentence) ?? 0));
  const shared = sharedWith(sentences, analysis);
  const points = sentences.flatMap((sentence) => pointOf(sentence, analysis) ?? []);
  const weights = new Map(
    points.map((point) => [point, SHARED_WEIGHT * (shared.get(point.sentence) ?? 0) + (held.get(point.sentence) ?? 0) + placeWeight(point, analysis)]),
  );
  const left = new Set(
    unlike(
      [...points].sort((a, b) => weights.get(b)! - weights.get(a)!),
      ({ text }) => text,
    ),
  );
  const chosen: Point[] = [];
  const perBlock = new Map<string, number>();
  // Two of a paragraph, and more only where there are few paragraphs.
  const most = new Set(points.map(({ sentence }) => sentence.block.id)).size * 2 < FEWEST_OF_ALL ? count : 2;
  while (chosen.length < count) {
    const open = [...left].filter(({ sentence }) => (perBlock.get(sentence.block.id) ?? 0) < most);
    const worth = (point: Point) => weights.get(point)! - AGAIN * (perBlock.get(point.sentence.block.id) ?? 0);
    const [best] = open.sort((a, b) => worth(b) - worth(a));
    if (!best) break;
    perBlock.set(best.sentence.block.id, (perBlock.get(best.sentence.block.id) ?? 0) + 1);
    left.delete(best);
    chosen.push(best);
  }
  return chosen.sort((a, b) => a.sentence.index - b.sentence.index);
}

/** What the sentence with the most in common with the others weighs for that. */
const SHARED_WEIGHT = 1.6;
const FACT_WEIGHT: Partial<Record<Fact["type"], number>> = {
  definition: 0.7,
  naming: 0.6,
  cause: 0.5,
  purpose: 0.5,
  condition: 0.3,
  manner: 0.4,
  // "researchers found that each touch sends a signal": what was found, and not how the text came to it.
  report: 0.5,
  quantity: 0.3,
  time: 0.3,
};
/** "Many people groan", "When people think of forests": of nobody in particular. */
const OF_ANYBODY =
  /^(?:(?:When|If|As) )?(?:Many|Most|Some|Few|Other) (?:people|of|others)\b|^(?:When|If) (?:most |many )?people\b|^(?:You|People|Nothing|Nobody|Everyone|Everybody|Anyone|One) /;
/** "What has changed is the path that the light takes": the answer to what was told before. */
const SET_AGAINST = /^What (?:has|have|had) (?:really )?\p{Ll}+ed (?:is|are|was)\b/u;
/** "Students can take part, too", "The growth of ice has its costs as well": what the sentences behind it go into. */
const ANNOUNCES = /(?:, too|\bas well|, also)[.!]$/u;
/** "Several answers have been suggested", "There are two reasons for this": what the sentences behind it go into. */
const COUNTS =
  /^(?:There (?:is|are) )?(?:several|many|some|two|three|four|five|a few|various|different) (?:\p{Ll}+ )?(?:answers?|reasons?|explanations?|theories|ideas|ways|kinds|types|steps|things)\b/iu;
/** "If you have ever slept in a tent, …": how a text takes its reader by the hand, and no more. */
const HOOK = /^(?:If|When|Imagine|Have) you\b.*\b(?:ever|know)\b/i;
/** What happens in every life, and not to thousands: it tells little of what somebody is written about for. */
const OF_EVERY_LIFE =
  /\bwas born\b|\b\p{Lu}[\p{L}’'-]+ (?:grew up|died|married|retired)\b|\b(?:went|became|was) (?:blind|deaf|ill|famous|an? (?:hero|heroine|legend))\b|\bin old age\b/u;
/** "had been working at the agency", "went on living there": what goes on behind what is told. */
const GOES_ON = /\b(?:had been|(?:was|were) still|went on|kept(?: on)?) \p{Ll}+ing\b/u;
/** What somebody decides, finds or does to others: the turns of what is told. */
const TURNS = new Set(
  "decide refuse rule order conclude find discover prove show argue warn demand propose invent ban forbid outlaw abolish vote elect sue win lose defeat kill harm destroy save".split(
    " ",
  ),
);
/** Words from which a sentence tells more than one point. */
const LONG = 32;

/** What speaks for a sentence before its words are compared: where it stands, and of what and whom it tells. */
function placeWeight({ sentence, text }: Point, analysis: Analysis): number {
  const { headingLemmas, sentences } = analysis;
  const length = text.split(" ").length;
  const lemmas = lemmasOf(sentence, analysis);
  return (
    (sentence.indexInBlock === 0 ? 0.35 : 0) +
    (lemmas.some((lemma) => headingLemmas.has(lemma)) ? 0.4 : 0) -
    (length < FEWEST_WORDS ? 0.6 : 0) -
    (length > LONG ? 0.3 : 0) -
    (OF_ANYBODY.test(text) ? 0.6 : 0) -
    (SET_AGAINST.test(text) ? 0.8 : 0) -
    (ANNOUNCES.test(text) && length <= FEWEST_WORDS + 2 ? 0.6 : 0) -
    (COUNTS.test(text) ? 0.6 : 0) -
    (HOOK.test(text) ? 0.8 : 0) -
    (OF_EVERY_LIFE.test(text) ? 0.6 : 0) -
    (GOES_ON.test(text) ? 0.6 : 0) +
    (sentence.clauses.some(({ rank, verb, auxiliaries, passive }) => rank === "main" && (passive || auxiliaries.length === 0) && TURNS.has(verb.lemma ?? ""))
      ? 0.4
      : 0) -
    // "A new phone lasts all day": how a text begins, and not yet what it has to say.
    (sentence.index === sentences.findIndex(({ block }) => block.kind !== "heading") && length < FEWEST_WORDS ? 0.6 : 0) -
    // "If a streetlight on your block burns out, …": how a text takes its reader by the hand.
    (/\b(?:you|your)\b/i.test(text) ? 0.5 : 0) -
    // What rounds a text off says little of it.
    (sentence.index === sentences.length - 1 ? 0.4 : 0)
  );
}

/**
 * What each sentence has in common with all others, 0 to 1: the lemmas that it shares with each, over the logarithm
 * of its length (after the degree of a sentence in Mihalcea and Tarau, "TextRank: bringing order into texts", 2004;
 * the length of the others is left out, so that a book costs no more than its words).
 */
function sharedWith(sentences: readonly Sentence[], analysis: Analysis): Map<Sentence, number> {
  const told = sentences.filter(({ tree }) => tree).map((sentence) => ({ sentence, lemmas: lemmasOf(sentence, analysis) }));
  const sentencesWith = new Map<string, number>();
  for (const { lemmas } of told) for (const lemma of lemmas) sentencesWith.set(lemma, (sentencesWith.get(lemma) ?? 0) + 1);
  const sums = told.map(({ sentence, lemmas }) => ({
    sentence,
    sum: lemmas.reduce((sum, lemma) => sum + sentencesWith.get(lemma)! - 1, 0) / Math.log(lemmas.length + 2),
  }));
  const most = sums.reduce((max, { sum }) => Math.max(max, sum), Number.MIN_VALUE);
  return new Map(sums.map(({ sentence, sum }) => [sentence, sum / most]));
}

const CONTENT = /^(?:n|pn|v|adj)$/;
const SAYS_LITTLE = new Set("be have do make get take go come say see use give find keep become know way thing time people year day".split(" "));

/** The nouns, verbs and adjectives of a sentence, in base form, with those of what its subjects stand for. */
function lemmasOf(sentence: Sentence, { antecedents }: Analysis): string[] {
  const named = sentence.clauses.flatMap(({ subject }) => {
    const noun = antecedents.get(positionKey(sentence, subject.start));
    return noun ? [...likeliestLemmas({ words: noun.sentence.words.slice(noun.node.start, noun.node.end) }, CONTENT)] : [];
  });
  return [...new Set([...likeliestLemmas(sentence, CONTENT), ...named])].filter((lemma) => !SAYS_LITTLE.has(lemma));
}
