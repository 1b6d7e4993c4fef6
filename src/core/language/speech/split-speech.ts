import type { LanguageTools } from "../analyse-text";
import { withoutFillers } from "../fillers";
import { type Capitals, type TaggedWord, tagCandidates } from "../tag-candidates";
import type { Token } from "../tokenize";
import { type Cut, cutPieces } from "./cut-pieces";
import { type SpokenPiece, spokenPieces } from "./spoken-pieces";
import { weightOf } from "./weigh-piece";
import { heaviestWay, type Weighed } from "./weigh-ways";

/** From this many words on, a text without a single full stop is speech that somebody wrote down. */
const LONG_WITHOUT_STOPS = 40;
const LONG_IN_CAPTIONS = 25;
const VERY_LONG = 80;
/** So many words are taken at a time, so that the chart stays small; the next begin where a clause ends before the last few. */
export const WINDOW = 160;
const LAST_FEW = 24;
/** Share of the lines that break where a clause would be cut anyway, from which on the others count too. */
const SHARE_AT_CUTS = 0.4;
const OVER_A_LINE = 3;
const AT_A_LINE = 1;

/** A clause cut out of speech; `isSure` where nearly all ways of cutting agree on it. */
export type Range = { start: number; end: number; isSure: boolean };

/** `isCaption`: a full stop at its end was set by whoever put the captions together, and says nothing. */
export function isUnpunctuated(tokens: readonly Token[], isCaption = false): boolean {
  if (isCaption) return tokens.length >= LONG_IN_CAPTIONS && !tokens.slice(0, -1).some((token) => /^[.!?;,]$/.test(token.text));
  if (tokens.length < LONG_WITHOUT_STOPS || tokens.slice(0, -1).some((token) => /^[.!?;]$/.test(token.text))) return false;
  // A long sentence that somebody wrote has its commas and its full stop.
  const isClosed = /^[.!?]$/.test(tokens.at(-1)!.text) || /["')\]]/.test(tokens.at(-1)!.text);
  return !isClosed || (tokens.length >= VERY_LONG && !tokens.some((token) => token.text === ","));
}

/**
 * Speech without punctuation, cut where clauses parse: all ways of cutting are weighed, and a clause is
 * sure where nearly all agree on it, if need be without what may belong to the clause beside it. Words
 * between clauses stay outside; nothing is written into the text.
 */
export function splitSpeech(tokens: readonly Token[], tools: LanguageTools, capitals: Capitals, breaks: ReadonlySet<number> = new Set()): Range[] {
  const words = tagCandidates(withoutFillers(tokens), tools.lexicon, capitals);
  const found: Range[] = [];
  for (let at = 0; at < words.length; ) {
    const taken = words.slice(at, at + WINDOW);
    const isLast = at + WINDOW >= words.length;
    const cuts = cutWindow(taken, tools, breaks);
    const kept = isLast ? cuts : cuts.filter(({ end }) => end <= WINDOW - LAST_FEW);
    for (const { from, to, isSure } of kept) found.push({ start: taken[from]!.tokens[0]!.start, end: taken[to - 1]!.tokens.at(-1)!.end, isSure });
    at += isLast ? WINDOW : (kept.at(-1)?.end ?? WINDOW);
  }
  return found;
}

function cutWindow(words: readonly TaggedWord[], { parser }: LanguageTools, breaks: ReadonlySet<number>): Cut[] {
  const plain = spokenPieces(words, parser).map((piece) => ({ ...piece, weight: weightOf(piece) }));
  const lines = words.map((word) => breaks.has(word.tokens[0]!.start));
  const pieces = breaksMeanSomething(lines, heaviestWay(words.length, plain)) ? withinLines(plain, lines) : plain;
  return cutPieces(words, pieces);
}

/** Lines that break at every tenth word say nothing; lines that break where clauses end say where clauses end. */
function breaksMeanSomething(lines: readonly boolean[], way: readonly SpokenPiece[]): boolean {
  const cuts = new Set(way.flatMap(({ node, start, end }) => (node ? [start, end] : [])));
  const broken = lines.flatMap((isBreak, at) => (isBreak && at > 0 ? [at] : []));
  return broken.length >= 3 && broken.filter((at) => cuts.has(at)).length / broken.length >= SHARE_AT_CUTS;
}

/** A clause that runs over the end of a line weighs less, one that ends with it more. */
function withinLines<T extends SpokenPiece & Weighed>(pieces: readonly T[], lines: readonly boolean[]): T[] {
  return pieces.map((piece) => {
    if (!piece.node) return piece;
    const over = lines.slice(piece.start + 1, piece.end).filter(Boolean).length;
    const ends = Number(lines[piece.start] === true) + Number(lines[piece.end] === true || piece.end === lines.length);
    return { ...piece, weight: piece.weight - over * OVER_A_LINE + ends * AT_A_LINE };
  });
}
