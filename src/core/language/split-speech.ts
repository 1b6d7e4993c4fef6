import type { LanguageTools } from "./analyse-text";
import { withoutFillers } from "./fillers";
import { type Capitals, tagCandidates } from "./tag-candidates";
import type { Token } from "./tokenize";

/** From this many words on, a text without a single full stop is speech that somebody wrote down. */
const LONG_WITHOUT_STOPS = 40;
const LONG_IN_CAPTIONS = 25;
const VERY_LONG = 80;
const LONGEST_CLAUSE = 22;
const SHORTEST_CLAUSE = 4;
/** More words than this are taken piece by piece, so that the chart stays small. */
const WINDOW = 160;
/** What a clause, and a word outside any clause, costs beside the grammar's own cost. */
const PER_CLAUSE = 1.2;
const PER_LOOSE_WORD = 2.2;
/** What opens a spoken clause and belongs to none. */
const LINKS = new Set("so and now then but well okay um uh also because".split(" "));
const DEAREST_WORD = 0.6;

export type Range = { start: number; end: number };

/** `isCaption`: a full stop at its end was set by whoever put the captions together, and says nothing. */
export function isUnpunctuated(tokens: readonly Token[], isCaption = false): boolean {
  if (isCaption) return tokens.length >= LONG_IN_CAPTIONS && !tokens.slice(0, -1).some((token) => /^[.!?;,]$/.test(token.text));
  if (tokens.length < LONG_WITHOUT_STOPS || tokens.slice(0, -1).some((token) => /^[.!?;]$/.test(token.text))) return false;
  // A long sentence that somebody wrote has its commas and its full stop.
  const isClosed = /^[.!?]$/.test(tokens.at(-1)!.text) || /["')\]]/.test(tokens.at(-1)!.text);
  return !isClosed || (tokens.length >= VERY_LONG && !tokens.some((token) => token.text === ","));
}

/**
 * Speech without punctuation, cut where clauses parse: the way of cutting that costs least over the
 * whole (Viterbi over the clauses of the chart). Words between clauses stay outside; nothing is
 * written into the text.
 */
export function splitSpeech(tokens: readonly Token[], tools: LanguageTools, capitals: Capitals): Range[] {
  const spoken = withoutFillers(tokens);
  const found: Range[] = [];
  for (let at = 0; at < spoken.length; at += WINDOW) found.push(...cut(spoken.slice(at, at + WINDOW), tools, capitals));
  return found;
}

type Step = { cost: number; from: number; isClause: boolean };

function cut(tokens: readonly Token[], { lexicon, parser }: LanguageTools, capitals: Capitals): Range[] {
  const words = tagCandidates(tokens, lexicon, capitals);
  const clauses = parser.clauses(words, LONGEST_CLAUSE);
  const best: Step[] = [{ cost: 0, from: 0, isClause: false }];
  for (let end = 1; end <= words.length; end++) {
    const loose = LINKS.has(words[end - 1]!.lower) ? 0.4 : PER_LOOSE_WORD;
    let step: Step = { cost: best[end - 1]!.cost + loose, from: end - 1, isClause: false };
    for (let start = Math.max(0, end - LONGEST_CLAUSE); start <= end - SHORTEST_CLAUSE; start++) {
      const clause = clauses[start]!.get(end);
      const cost = clause && best[start]!.cost + clause.cost + PER_CLAUSE;
      if (cost !== undefined && clause!.cost <= DEAREST_WORD * (end - start) + 2 && cost < step.cost) step = { cost, from: start, isClause: true };
    }
    best.push(step);
  }
  const ranges: Range[] = [];
  for (let end = words.length; end > 0; ) {
    const { from, isClause } = best[end]!;
    if (isClause) ranges.unshift({ start: words[from]!.tokens[0]!.start, end: words[end - 1]!.tokens.at(-1)!.end });
    end = from;
  }
  return ranges;
}
