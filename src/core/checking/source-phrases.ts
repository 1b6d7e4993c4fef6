import { CLOSED_WORDS } from "../language/data/closed-words";
import { singularOf } from "../language/inflect";
import type { Lexicon } from "../language/lexicon";
import { type Token, tokenize } from "../language/tokenize";
import type { Block } from "../source/schema";
import { type SourceSentence, sourceSentences } from "./source-sentences";

/** A noun phrase as it stands in the source, found by its words alone, without a parse. */
export type SourcePhrase = {
  /** For the middle of a sentence. */
  text: string;
  head: string;
  article: "the" | "a" | "";
  plural: boolean;
  isName: boolean;
  /** WordNet's file of the head's first sense: what kind of thing it is. */
  file: number | undefined;
  sentence: SourceSentence;
};

const known = new WeakMap<readonly Block[], SourcePhrase[]>();
const LONGEST = 4;

/** The noun phrases of a source in the order of the text; found once for each version of it. */
export function sourcePhrases(blocks: readonly Block[], lexicon: Lexicon): SourcePhrase[] {
  const found = known.get(blocks) ?? sourceSentences(blocks, lexicon).flatMap((sentence) => phrasesIn(sentence, lexicon));
  known.set(blocks, found);
  return found;
}

/** The noun phrases of one text, such as an option. */
export function phrasesOf(text: string, lexicon: Lexicon): SourcePhrase[] {
  return phrasesIn({ blockId: "", start: 0, end: text.length, text, bases: new Set() }, lexicon);
}

function phrasesIn(sentence: SourceSentence, lexicon: Lexicon): SourcePhrase[] {
  const tokens = tokenize(sentence.text);
  const found: SourcePhrase[] = [];
  for (let at = 0; at < tokens.length; ) {
    const from = at;
    const article = /^(?:an?|the)$/.exec(tokens[at]!.lower)?.[0];
    if (article) at++;
    const words: Token[] = [];
    while (at < tokens.length && words.length < LONGEST && isPart(tokens[at]!, at, lexicon)) words.push(tokens[at++]!);
    while (words.length > 0 && !isHead(words.at(-1)!, lexicon)) words.pop();
    const phrase = words.length > 0 ? toPhrase(tokens[from]!, words, article, sentence, lexicon) : undefined;
    if (phrase) found.push(phrase);
    at = Math.max(at, from + 1);
  }
  return found;
}

function toPhrase(first: Token, words: readonly Token[], article: string | undefined, sentence: SourceSentence, lexicon: Lexicon): SourcePhrase {
  const last = words.at(-1)!;
  const text = sentence.text.slice(first.start, last.end);
  const singular = singularOf(last.lower, (base) => (lexicon.findWord(base)?.noun ?? 0) > 0);
  const head = singular ?? last.lower;
  const isName = isCapital(last) && (last.start > 0 || lexicon.findWord(last.lower) === undefined);
  const sense = lexicon.findWord(head)?.senses[0];
  const opens = first.start === 0 && !(isName && words.length === 1 && !article);
  return {
    text: opens ? text.charAt(0).toLowerCase() + text.slice(1) : text,
    head,
    article: article === undefined ? "" : article === "the" ? "the" : "a",
    plural: singular !== undefined && singular !== last.lower,
    isName,
    file: sense === undefined || isName ? undefined : lexicon.nounFile(sense),
    sentence,
  };
}

function isCapital(token: Token): boolean {
  return /^\p{Lu}/u.test(token.text);
}

/** An adjective or a noun, and no word that joins or points. */
function isPart(token: Token, at: number, lexicon: Lexicon): boolean {
  if (token.kind !== "word" || Object.hasOwn(CLOSED_WORDS, token.lower)) return false;
  if (isCapital(token) && at > 0) return true;
  const own = lexicon.findWord(token.lower);
  return isHead(token, lexicon) || (own !== undefined && own.adjective > own.verb && own.adjective > own.adverb);
}

function isHead(token: Token, lexicon: Lexicon): boolean {
  if (isCapital(token) && token.start > 0) return true;
  const singular = singularOf(token.lower, (base) => (lexicon.findWord(base)?.noun ?? 0) > 0);
  const entry = lexicon.findWord(singular ?? token.lower);
  return entry !== undefined && entry.noun > entry.verb && entry.noun >= entry.adjective && entry.noun > entry.adverb;
}
