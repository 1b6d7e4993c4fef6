import type { Sentence } from "../../language/analysis";
import { isTopicOfText } from "../../language/topic-of-text";
import { type WordMeaning, wordsOfOtherMeaning } from "../../language/word-meanings";
import { createRandom, seedFrom } from "../../lib/random";
import type { Candidate } from "../candidate";
import { bareTerm } from "../facts/find-definition";
import type { SourceStock } from "../source-stock";
import { asAsked, findTaughtWords, sharesWord, type TaughtWord } from "./taught-words";

const WRONG = 3;
/** From here on a word has to be looked for: its sentence is quoted. */
const LONG_SOURCE = 60;
const LONGEST_QUOTE = 25;

/** The pattern of a word whose meaning the source does not say itself. */
export const WORD_MEANING = "word-meaning";

/** Words that mean nearly the same are asked about once. */
export function senseOf({ block }: WordMeaning): string {
  return `sense:${block}`;
}

/** The word whose meaning is asked for. */
export function wordAsked({ stem }: Pick<Candidate, "stem">): string {
  return /“(?:to )?([^”]+)”/.exec(stem)?.[1] ?? "";
}

/** What a term means by the source's own definition, and what other words that are taught mean. */
export function draftWordsInContext(stock: SourceStock, seed: number): Candidate[] {
  return [...fromDefinitions(stock, seed), ...fromTables(stock, seed)];
}

function fromDefinitions(stock: SourceStock, seed: number): Candidate[] {
  const meanings = stock.facts.filter((fact) => fact.definiens && fact.term && (fact.type === "definition" || fact.type === "naming"));
  const once = meanings.filter((fact, index) => meanings.findIndex((other) => other.term === fact.term) === index);
  return once.flatMap((fact) => {
    const others = once.filter((other) => other.id !== fact.id && other.definiens !== fact.definiens).map((other) => other.definiens!);
    if (others.length < WRONG) return [];
    const term = bareTerm(fact.term!);
    return [
      toCandidate(
        `What does “${term}” mean in the passage?`,
        fact.definiens!,
        createRandom(seedFrom(term, seed)).shuffle(others).slice(0, WRONG),
        fact.sentence,
        {
          factId: fact.id,
          pattern: "meaning-by-source",
          worth: fact.type === "definition" && isTopicOfText(fact.clause.subject, stock.analysis.sentences) ? KNOWN_WORTH : 2.7,
        },
      ),
    ];
  });
}

/** "Beavers are large rodents": whoever has read of beavers on every line needs no line to tell what they are. */
const KNOWN_WORTH = 0.8;

function fromTables(stock: SourceStock, seed: number): Candidate[] {
  const found = findTaughtWords(stock);
  return found.flatMap((entry): Candidate[] => {
    const { known, sentence } = entry;
    const wrong = wrongMeanings(entry, found, stock, seed);
    if (wrong.length < WRONG) return [];
    const { word, meaning } = asAsked(known);
    const stem = `What does “${word}” mean in ${placeOf(sentence, stock)}`;
    const zipf = stock.analysis.lexicon.zipf(known.word);
    return [
      toCandidate(
        stem,
        meaning,
        wrong.map((other) => asAsked(other).meaning),
        sentence,
        { factId: senseOf(known), pattern: WORD_MEANING, worth: 1.2 + Math.max(0, 4 - zipf) * 0.2 },
      ),
    ];
  });
}

function placeOf(sentence: Sentence, { analysis }: SourceStock): string {
  const isQuoted = analysis.sentences.length > LONG_SOURCE && sentence.words.length <= LONGEST_QUOTE;
  return isQuoted ? `this sentence? “${sentence.text}”` : "the passage?";
}

/** Meanings of other words of the passage first, then of other words of the sort; of like length, without a word of the right one. */
function wrongMeanings({ known }: TaughtWord, found: readonly TaughtWord[], { analysis }: SourceStock, seed: number): WordMeaning[] {
  const random = createRandom(seedFrom(known.word, seed));
  const length = known.meaning.split(" ").length;
  const fits = ({ meaning }: WordMeaning) => Math.abs(meaning.split(" ").length - length) <= Math.max(2, length / 2) && !sharesWord(meaning, known.meaning);
  const others = wordsOfOtherMeaning(known).filter(fits);
  const near = new Set(found.map((other) => other.known.word));
  const inText = others.filter(({ word }) => near.has(word) || analysis.lemmaCounts.has(word));
  const chosen = new Map<string, WordMeaning>();
  // One of a block: two meanings that are near each other are both seen to be wrong.
  for (const other of [...random.shuffle(inText), ...random.shuffle(others)]) if (!chosen.has(other.block)) chosen.set(other.block, other);
  return [...chosen.values()].slice(0, WRONG);
}

function toCandidate(stem: string, key: string, wrong: string[], sentence: Sentence, more: Pick<Candidate, "factId" | "pattern" | "worth">): Candidate {
  return {
    kind: "word-in-context",
    stem,
    key,
    accepted: [],
    distractors: wrong,
    optionOrder: "shuffled",
    evidence: [sentence],
    factType: "statement",
    depth: "understanding",
    ...more,
  };
}
