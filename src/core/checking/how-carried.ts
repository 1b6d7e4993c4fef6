import { OPPOSITES } from "../drafting/falsification/opposites";
import type { Lexicon } from "../language/lexicon";
import type { Question } from "../questions/question";
import { type ContentWord, contentWords } from "./content-words";
import { provedWords } from "./proved-words";

/** A word of the key that the evidence says in another way: as a synonym, or as a number in digits or words. */
export type Carried = { key: string; evidence: string; how: "synonym" | "number" };

/** What in the key rests on another word of the evidence. Forms of one word (number, tense) are passed over. */
export function howCarried(question: Question, lexicon: Lexicon): Carried[] {
  const said = contentWords(question.evidence.map((span) => span.quote).join(" "), lexicon);
  const shown = new Set(said.map((word) => word.shown.toLowerCase()));
  const found = contentWords(provedWords(question), lexicon).flatMap((word): Carried[] => {
    if (shown.has(word.shown.toLowerCase())) return [];
    const same = said.find((other) => other.base === word.base);
    if (same) return word.kind === "number" ? [{ key: word.shown, evidence: same.shown, how: "number" }] : [];
    const other = synonymOf(word.base, said, lexicon);
    return other ? [{ key: word.shown, evidence: other.shown, how: "synonym" }] : [];
  });
  return found.filter((one, index) => found.findIndex((other) => other.key.toLowerCase() === one.key.toLowerCase()) === index);
}

/** The first of some words that shares one of the two commonest senses of another (WordNet synsets), and does not say its opposite. */
export function synonymOf(base: string, words: readonly ContentWord[], lexicon: Lexicon): ContentWord | undefined {
  const senses = (lexicon.findWord(base)?.senses ?? []).slice(0, 2);
  if (Object.hasOwn(OPPOSITES, base) && words.some((word) => word.base === OPPOSITES[base])) return undefined;
  return senses.length === 0 ? undefined : words.find((word) => lexicon.findWord(word.base)?.senses.some((sense) => senses.includes(sense)));
}
