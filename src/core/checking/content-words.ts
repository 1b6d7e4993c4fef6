import { numberValue } from "../drafting/phrasing/number-forms";
import { CLOSED_WORDS } from "../language/data/closed-words";
import { analyseVerb, singularOf } from "../language/inflect";
import type { Lexicon } from "../language/lexicon";
import { tokenize } from "../language/tokenize";
import type { Block } from "../source/schema";

/** A word that carries meaning, in the form in which it is compared: base form, or a number's value. */
export type ContentWord = { base: string; shown: string; start: number; kind: "word" | "number" | "name" };

const wordsByLexicon = new WeakMap<Lexicon, Map<string, readonly ContentWord[]>>();
/** The stems, keys and evidence of a long set: one question's rules ask for the same ones over and over. */
const MOST_TEXTS_KEPT = 500;
/** Characters; a whole source is asked for once. */
const LONGEST_KEPT = 2000;

/** Content words in order; "forty-one" and "41" are the same number, "wound" and "wind" the same word. */
export function contentWords(text: string, lexicon: Lexicon): readonly ContentWord[] {
  if (text.length > LONGEST_KEPT) return findContentWords(text, lexicon);
  let known = wordsByLexicon.get(lexicon);
  if (!known || known.size > MOST_TEXTS_KEPT) wordsByLexicon.set(lexicon, (known = new Map()));
  const words = known.get(text) ?? findContentWords(text, lexicon);
  known.set(text, words);
  return words;
}

function findContentWords(text: string, lexicon: Lexicon): ContentWord[] {
  return tokenize(text).flatMap((token): ContentWord[] => {
    if (token.kind === "punctuation") return [];
    const value =
      token.kind === "number"
        ? numberValue(token.text.replace(/(?:st|nd|rd|th|s|%)$/, ""))
        : /^(?:[a-z]+-)?[a-z]+$/.test(token.lower) && token.lower !== "a" && token.lower !== "and"
          ? numberValue(token.lower)
          : undefined;
    if (value !== undefined) return [{ base: `#${value}`, shown: token.text, start: token.start, kind: "number" }];
    if (
      Object.hasOwn(CLOSED_WORDS, token.lower) &&
      !/^(?:first|second|third|last|before|after|never|always|not|no|long|far|high|low|deep|early|late|fast|hard|back|like)$/.test(token.lower)
    )
      return [];
    if (token.text.startsWith("'") || token.text === "n't") return [];
    const isName = /^\p{Lu}/u.test(token.text) && token.start > 0 && !/[.!?"“]\s*$/.test(text.slice(0, token.start));
    return [{ base: baseForm(token.lower, lexicon), shown: token.text, start: token.start, kind: isName ? "name" : "word" }];
  });
}

const basesByLexicon = new WeakMap<Lexicon, Map<string, string>>();

/** One base form for a word, whatever its part of speech: the verb's where it is one, else the noun's singular. */
export function baseForm(word: string, lexicon: Lexicon): string {
  let known = basesByLexicon.get(lexicon);
  if (!known || known.size > MOST_BASES_KEPT) basesByLexicon.set(lexicon, (known = new Map()));
  const base = known.get(word) ?? findBase(word, lexicon);
  known.set(word, base);
  return base;
}

/** About the words of a long novel. */
const MOST_BASES_KEPT = 20_000;

function findBase(word: string, lexicon: Lexicon): string {
  const verb = analyseVerb(word, (base) => (lexicon.findWord(base)?.verb ?? 0) > 1).find(({ form }) => form !== "base");
  if (verb) return verb.lemma;
  const singular = singularOf(word, (base) => (lexicon.findWord(base)?.noun ?? 0) > 0);
  if (singular) return singular;
  const comparative = /^(.{3,}?)(?:er|est)$/.exec(word);
  const stems = comparative ? [comparative[1]!, `${comparative[1]}e`, comparative[1]!.replace(/i$/, "y"), comparative[1]!.replace(/(.)\1$/, "$1")] : [];
  return stems.find((stem) => (lexicon.findWord(stem)?.adjective ?? 0) > 1) ?? word;
}

const basesByBlocks = new WeakMap<readonly Block[], Set<string>>();

/** Base forms of a whole source; counted once for each version of it. */
export function sourceBases(blocks: readonly Block[], lexicon: Lexicon): Set<string> {
  const known = basesByBlocks.get(blocks);
  if (known) return known;
  const bases = baseSet(blocks.map((block) => `${block.speaker ?? ""}\n${block.text}`).join("\n"), lexicon);
  basesByBlocks.set(blocks, bases);
  return bases;
}

export function baseSet(text: string, lexicon: Lexicon): Set<string> {
  return new Set(contentWords(text, lexicon).map((word) => word.base));
}

/** Whether a sentence denies something. */
export function isDenial(text: string): boolean {
  return /\b(?:not|never|no|nobody|none|neither|without)\b|n['’]t\b/i.test(text);
}
