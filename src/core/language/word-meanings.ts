import { ADJECTIVES } from "./data/word-meanings/adjectives";
import { ADVERBS } from "./data/word-meanings/adverbs";
import { NOUNS } from "./data/word-meanings/nouns";
import { VERBS } from "./data/word-meanings/verbs";

/** A word that is taught in school and what it nearly always means in a text for pupils. */
export type WordMeaning = {
  /** The base form, in small letters. */
  word: string;
  pos: WordClass;
  /** In words that are commoner than the word itself; of a verb what stands behind "to". */
  meaning: string;
  /** The words of one section are of one sort, so that the meaning of each could be thought the other's. */
  section: string;
  /** Known by its first word. Meanings of one block are near each other: none of them is plainly wrong for another. */
  block: string;
};

export type WordClass = "n" | "v" | "a" | "r";

/*
 * The tables are lines of "word, word: meaning". A line with "#" opens a section; one with "~" is of the block of the line before.
 * Only words are in them that hardly ever mean anything else: nobody tells senses apart here.
 */
const TABLES: Record<WordClass, string> = { n: NOUNS, v: VERBS, a: ADJECTIVES, r: ADVERBS };

let byKey: Map<string, WordMeaning> | undefined;

function meanings(): Map<string, WordMeaning> {
  byKey ??= new Map((Object.keys(TABLES) as WordClass[]).flatMap((pos) => readTable(TABLES[pos], pos)).map((entry) => [`${entry.pos}:${entry.word}`, entry]));
  return byKey;
}

export function readTable(table: string, pos: WordClass): WordMeaning[] {
  let [section, block] = ["", ""];
  return table.split("\n").flatMap((line) => {
    const [, near, words, meaning] = /^(~ )?([^#:]+): (.+)$/.exec(line) ?? [];
    if (line.startsWith("# ")) section = line.slice(2);
    if (!words || !meaning) return [];
    const [first, ...others] = words.split(", ") as [string, ...string[]];
    if (!near) block = `${pos}:${first}`;
    return [first, ...others].map((word) => ({ word, pos, meaning, section, block }));
  });
}

/** What a word of a class means; undefined where the tables do not have it. */
export function findWordMeaning(lemma: string, pos: WordClass): WordMeaning | undefined {
  return meanings().get(`${pos}:${lemma}`);
}

/** Whether the tables say that a word ("to rely", "steep") means just this: no source need say so. */
export function isTaughtMeaning(word: string, meaning: string): boolean {
  const bare = (text: string) => text.replace(/^to /, "");
  return (Object.keys(TABLES) as WordClass[]).some((pos) => findWordMeaning(bare(word), pos)?.meaning === bare(meaning));
}

/** Words whose meanings are of the same sort, and plainly wrong for this one. */
export function wordsOfOtherMeaning({ pos, section, block }: WordMeaning): WordMeaning[] {
  return [...meanings().values()].filter((other) => other.pos === pos && other.section === section && other.block !== block);
}
