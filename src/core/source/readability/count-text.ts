import { daleChall } from "dale-chall";
import { spache } from "spache";
import { syllable } from "syllable";
import { analyseVerb, singularOf } from "../../language/inflect";
import { splitSentences } from "../../language/split-sentences";
import { tokenize } from "../../language/tokenize";

/** The counts every formula is made of. */
export type TextCounts = {
  words: number;
  sentences: number;
  /** Letters and digits of the words. */
  letters: number;
  syllables: number;
  /** Words of three and more syllables, names not counted. */
  longWords: number;
  /** Different from the Dale–Chall list of 3,000 words known in grade 4, names not counted. */
  unfamiliar: number;
  /** Different words that the Spache list does not have, names not counted. */
  unfamiliarInPrimary: number;
};

const daleWords = new Set(daleChall);
const spacheWords = new Set(spache);

/** A sentence of a text with its own counts. */
export type CountedSentence = {
  start: number;
  end: number;
  counts: TextCounts /** Different words that the Spache list does not have. */;
  primary: readonly string[];
};

const NONE: TextCounts = { words: 0, sentences: 0, letters: 0, syllables: 0, longWords: 0, unfamiliar: 0, unfamiliarInPrimary: 0 };

/** Counts over the sentences of each text; a text is one block, and a sentence never crosses two. */
export function countText(texts: readonly string[]): TextCounts {
  const total = { ...NONE };
  const primary = new Set<string>();
  for (const text of texts) {
    for (const { counts, primary: words } of countedSentences(text)) {
      for (const key of Object.keys(total) as (keyof TextCounts)[]) total[key] += counts[key];
      for (const word of words) primary.add(word);
    }
  }
  return { ...total, unfamiliarInPrimary: primary.size };
}

/** A book is counted anew at every change of one of its paragraphs; all others are remembered. */
const REMEMBERED_TEXTS = 20_000;
const remembered = new Map<string, CountedSentence[]>();

export function countedSentences(text: string): CountedSentence[] {
  const known = remembered.get(text);
  if (known) return known;
  const counted = splitSentences(text).flatMap((range) => countSentence(text, range) ?? []);
  if (remembered.size >= REMEMBERED_TEXTS) remembered.clear();
  remembered.set(text, counted);
  return counted;
}

function countSentence(text: string, range: { start: number; end: number }): CountedSentence | undefined {
  const words = tokenize(text, range.start, range.end).filter((token) => token.kind !== "punctuation");
  if (words.length === 0) return undefined;
  const counts = { ...NONE, sentences: 1 };
  const primary = new Set<string>();
  words.forEach((token, index) => {
    if (token.text.startsWith("'") || token.text === "n't") return;
    const isName = index > 0 && /^\p{Lu}/u.test(token.text);
    const beats = token.kind === "number" ? 1 : Math.max(1, syllable(token.text));
    counts.words++;
    counts.letters += token.text.replace(/[^\p{L}\d]/gu, "").length;
    counts.syllables += beats;
    if (isName || token.kind === "number") return;
    if (beats >= 3) counts.longWords++;
    if (!isListed(token.lower, daleWords)) counts.unfamiliar++;
    if (!isListed(token.lower, spacheWords)) primary.add(token.lower);
  });
  return { ...range, counts, primary: [...primary] };
}

/** A listed word counts with its regular endings, as both lists' instructions say. */
function isListed(word: string, list: ReadonlySet<string>): boolean {
  if (list.has(word)) return true;
  const has = (base: string) => list.has(base);
  if (singularOf(word, has)) return true;
  if (word.includes("-")) return word.split("-").every((part) => isListed(part, list));
  return (
    analyseVerb(word, has).some(({ lemma }) => has(lemma)) ||
    (/ly$/.test(word) && has(word.slice(0, -2))) ||
    (/e[rs]t?$/.test(word) && has(word.replace(/e[rs]t?$/, "")))
  );
}
