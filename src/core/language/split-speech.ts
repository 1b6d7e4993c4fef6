import type { LanguageTools } from "./analyse-text";
import { withoutFillers } from "./fillers";
import { type Capitals, type TaggedWord, tagCandidates } from "./tag-candidates";
import type { Token } from "./tokenize";
import type { Node } from "./tree";

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
/** Share of the lines that break where a clause would be cut anyway, from which on the others count too. */
const SHARE_AT_CUTS = 0.4;
const OVER_A_LINE = 1.5;
const AT_A_LINE = 0.6;
/** By how much every way that does not cut at a place must be dearer, for the cut to be sure. */
const MARGIN = 1.2;

/** A clause cut out of speech; `isSure` where no other way of cutting at its two ends comes near. */
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
 * Speech without punctuation, cut where clauses parse: the way of cutting that costs least over the
 * whole (Viterbi over the clauses of the chart, and the same from behind, so that it is known how near
 * the next best way comes). Words between clauses stay outside; nothing is
 * written into the text.
 */
export function splitSpeech(tokens: readonly Token[], tools: LanguageTools, capitals: Capitals, breaks: ReadonlySet<number> = new Set()): Range[] {
  const spoken = withoutFillers(tokens);
  const found: Range[] = [];
  for (let at = 0; at < spoken.length; at += WINDOW) found.push(...cut(spoken.slice(at, at + WINDOW), tools, capitals, breaks));
  return found;
}

type Step = { cost: number; from: number; isClause: boolean };

function cut(tokens: readonly Token[], { lexicon, parser }: LanguageTools, capitals: Capitals, breaks: ReadonlySet<number>): Range[] {
  const words = tagCandidates(tokens, lexicon, capitals);
  const fair = fairClauses(parser.clauses(words, LONGEST_CLAUSE), words);
  const loose = words.map(({ lower }) => (LINKS.has(lower) ? 0.4 : PER_LOOSE_WORD));
  const lines = words.map((word) => breaks.has(word.tokens[0]!.start));
  const clauses = breaksMeanSomething(lines, costsTo(words.length, fair, loose)) ? withinLines(fair, lines) : fair;
  const ahead = costsFrom(words.length, clauses, loose);
  const behind = costsTo(words.length, clauses, loose);
  const least = behind.at(-1)!.cost;
  // The least cost of any way that does not cut before word `at`.
  const uncut = (at: number) => {
    let cost = Number.POSITIVE_INFINITY;
    for (const { start, end, cost: own } of clauses) if (start < at && end > at) cost = Math.min(cost, behind[start]!.cost + own + ahead[end]!);
    return cost;
  };
  const isSureAt = (at: number) => at === 0 || at === words.length || uncut(at) - least >= MARGIN;
  // "… takes up carbon" and a word that belongs to nothing: that word belonged to it.
  const loners = looseWords(behind);
  const isLoose = (at: number) => loners.has(at) && !LINKS.has(words[at]!.lower);
  const ranges: Range[] = [];
  for (let end = words.length; end > 0; ) {
    const { from, isClause } = behind[end]!;
    if (isClause) {
      const [first, last] = [words[from]!.tokens[0]!, words[end - 1]!.tokens.at(-1)!];
      ranges.unshift({ start: first.start, end: last.end, isSure: isSureAt(from) && isSureAt(end) && !isLoose(from - 1) && !isLoose(end) });
    }
    end = from;
  }
  return ranges;
}

/** Lines that break at every tenth word say nothing; lines that break where clauses end say where clauses end. */
function breaksMeanSomething(lines: readonly boolean[], steps: readonly Step[]): boolean {
  const cuts = new Set<number>();
  for (let end = lines.length; end > 0; end = steps[end]!.from) if (steps[end]!.isClause) cuts.add(steps[end]!.from).add(end);
  const broken = lines.flatMap((isBreak, at) => (isBreak && at > 0 ? [at] : []));
  return broken.length >= 3 && broken.filter((at) => cuts.has(at)).length / broken.length >= SHARE_AT_CUTS;
}

/** A clause that runs over the end of a line costs more, one that ends with it less. */
function withinLines(clauses: readonly Spoken[], lines: readonly boolean[]): Spoken[] {
  return clauses.map(({ start, end, cost }) => {
    const over = lines.slice(start + 1, end).filter(Boolean).length;
    const ends = Number(lines[start] === true) + Number(lines[end] === true || end === lines.length);
    return { start, end, cost: cost + over * OVER_A_LINE - ends * AT_A_LINE };
  });
}

/** The words that the cheapest way leaves outside all clauses. */
function looseWords(steps: readonly Step[]): ReadonlySet<number> {
  const loose = new Set<number>();
  for (let end = steps.length - 1; end > 0; end = steps[end]!.from) if (!steps[end]!.isClause) loose.add(end - 1);
  return loose;
}

type Spoken = { start: number; end: number; cost: number };

/** The clauses that are not too dear for their length, with what each costs. */
function fairClauses(found: readonly Map<number, Node>[], words: readonly TaggedWord[]): Spoken[] {
  return found.flatMap((byEnd, start) =>
    [...byEnd].flatMap(([end, { cost }]) =>
      // "the crabs' eyes": nothing ends before the mark of an owner.
      !words[end]?.candidates.some((tag) => tag.cat === "gen") && end - start >= SHORTEST_CLAUSE && cost <= DEAREST_WORD * (end - start) + 2
        ? [{ start, end, cost: cost + PER_CLAUSE }]
        : [],
    ),
  );
}

/** The clauses by the word at which they start or end. */
function groupAt(clauses: readonly Spoken[], place: "start" | "end"): ReadonlyMap<number, readonly Spoken[]> {
  const groups = new Map<number, Spoken[]>();
  for (const clause of clauses) groups.set(clause[place], [...(groups.get(clause[place]) ?? []), clause]);
  return groups;
}

/** The cheapest way from the first word to before each word. */
function costsTo(length: number, clauses: readonly Spoken[], loose: readonly number[]): Step[] {
  const best: Step[] = [{ cost: 0, from: 0, isClause: false }];
  const ending = groupAt(clauses, "end");
  for (let end = 1; end <= length; end++) {
    let step: Step = { cost: best[end - 1]!.cost + loose[end - 1]!, from: end - 1, isClause: false };
    for (const clause of ending.get(end) ?? []) {
      const cost = best[clause.start]!.cost + clause.cost;
      if (cost < step.cost) step = { cost, from: clause.start, isClause: true };
    }
    best.push(step);
  }
  return best;
}

/** The cheapest way from each word to the last. */
function costsFrom(length: number, clauses: readonly Spoken[], loose: readonly number[]): number[] {
  const best: number[] = Array.from({ length: length + 1 }, () => 0);
  const starting = groupAt(clauses, "start");
  for (let start = length - 1; start >= 0; start--) {
    best[start] = loose[start]! + best[start + 1]!;
    for (const clause of starting.get(start) ?? []) best[start] = Math.min(best[start]!, clause.cost + best[clause.end]!);
  }
  return best;
}
