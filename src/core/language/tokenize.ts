import { plainCharacters } from "./text-view";

export type Token = {
  /** With plain quotes and hyphens. */
  text: string;
  lower: string;
  /** Offsets in the block's text. */
  start: number;
  end: number;
  kind: "word" | "number" | "punctuation";
};

const TOKEN =
  /[£$€¥](?:\d{1,3}(?:,\d{3})+|\d+)(?:\.\d+)?(?:m|bn|k)?\b|(?<=\s)[-−]\d+(?:\.\d+)?\b|\bkm\/h\b|\b\d{1,2}\/\d{1,2}\b(?!\/)|\b\p{Lu}{1,3}\d{1,3}\b|\bm\/s\b|\b\d{1,2}:\d{2}\b(?!:)|\b\d{1,4}[-–]\d{1,4}\b(?![-–\d])|(?:\d{1,3}(?:,\d{3})+|\d+)(?:\.\d+)?(?:st|nd|rd|th|s)?\b(?:%)?|(?:[A-Z]\.){2,}|\p{L}+\.(?=\p{L}\.)(?:\p{L}\.)+|[\p{L}\p{M}]+(?:[-'][\p{L}\p{M}\d]+)*|\d+|--|°[CF]\b|[^\s]/gu;
const CLITIC = /^(.+?)(n't|'(?:s|re|ve|ll|d|m))$/i;
const TITLES = new Set(["mr", "mrs", "ms", "dr", "prof", "st", "capt", "col", "gen", "lt", "sgt", "rev", "mt"]);

/** Words, numbers and marks of `text` between two offsets; clitics (*n't*, *'s*) are tokens of their own. */
export function tokenize(text: string, from = 0, to = text.length): Token[] {
  const plain = plainCharacters(text).slice(0, to);
  const tokens: Token[] = [];
  TOKEN.lastIndex = from;
  for (let match = TOKEN.exec(plain); match; match = TOKEN.exec(plain)) {
    const word = match[0];
    const start = match.index;
    const clitic = /^\p{L}/u.test(word) ? CLITIC.exec(word) : null;
    if (clitic) {
      const cut = start + clitic[1]!.length;
      tokens.push(createToken(clitic[1]!, start), createToken(clitic[2]!, cut));
    } else if (TITLES.has(word.toLowerCase()) && plain[start + word.length] === "." && /^\. [A-Z]/.test(plain.slice(start + word.length))) {
      tokens.push(createToken(`${word}.`, start));
      TOKEN.lastIndex = start + word.length + 1;
    } else tokens.push(createToken(word, start));
  }
  return tokens;
}

function createToken(text: string, start: number): Token {
  const kind = /^[£$€¥−-]?\d/.test(text) ? "number" : /^['°\p{L}]/u.test(text) && /\p{L}/u.test(text) ? "word" : "punctuation";
  return { text, lower: text.toLowerCase(), start, end: start + text.length, kind };
}
