import type { TaggedWord } from "../tag-candidates";
import { type InnerClause, innerClauses } from "./inner-clauses";
import type { SpokenPiece } from "./spoken-pieces";
import { heaviestWay, sharesOfPieces, type Weighed } from "./weigh-ways";

/** The words of a clause, from one to before another, and where the piece ends that it was taken from. */
export type Cut = { from: number; to: number; end: number; isSure: boolean };

/** The share of all ways of cutting that agree on a clause, from which on it is sure. */
const SURE = 0.9;
const NO_SHARE = 0.001;
/** What opens a spoken clause and belongs to none. */
export const LINKS: ReadonlySet<string> = new Set("so and but or well okay also now then".split(" "));

const EACH = /^(?:every|each)$/;

/** The clauses of the way that weighs most; sure is what nearly all ways have, if need be without what stands at its ends. */
export function cutPieces(words: readonly TaggedWord[], pieces: readonly (SpokenPiece & Weighed)[], sure = SURE): Cut[] {
  const byVerb = clausesByVerb(pieces, sharesOfPieces(words.length, pieces));
  return heaviestWay(words.length, pieces).flatMap(({ start, end, node }): Cut[] => {
    if (!node) return [];
    const found = innerClauses(node).flatMap(({ verb, starts, ends }): Cut[] => {
      const opening = [...starts].filter((from) => !LINKS.has(words[from]!.lower));
      const longest = longestSure(opening, [...ends], byVerb.get(verb), sure);
      return longest && !isOfEach(words, longest) ? [{ ...longest, end, isSure: true }] : [];
    });
    return found.length > 0 ? found : [{ from: withoutLinks(words, start, end), to: end, end, isSure: false }];
  });
}

type Share = InnerClause & { share: number };

/** All clauses with the same verb: they tell the same, with more around it or with less. */
function clausesByVerb(pieces: readonly SpokenPiece[], shares: readonly number[]): ReadonlyMap<number, readonly Share[]> {
  const byVerb = new Map<number, Share[]>();
  for (const [index, { node }] of pieces.entries()) {
    const share = shares[index]!;
    if (!node || share < NO_SHARE) continue;
    for (const clause of innerClauses(node)) byVerb.set(clause.verb, [...(byVerb.get(clause.verb) ?? []), { ...clause, share }]);
  }
  return byVerb;
}

/** The longest part of a clause that nearly all ways of cutting have in theirs. */
function longestSure(starts: readonly number[], ends: readonly number[], others: readonly Share[] = [], sure: number) {
  const inner = starts.flatMap((from) => ends.map((to) => ({ from, to }))).sort((a, b) => b.to - b.from - (a.to - a.from));
  return inner.find(({ from, to }) => {
    const agreeing = others.filter((other) => other.starts.has(from) && other.ends.has(to));
    return agreeing.reduce((sum, { share }) => sum + share, 0) >= sure;
  });
}

/** "*every year* fishermen kill a hundred million sharks": so many, but not without the year. */
function isOfEach(words: readonly TaggedWord[], { from, to }: { from: number; to: number }): boolean {
  const isCounted = words.slice(from, to).some(({ candidates }) => candidates.some(({ cat }) => cat === "num"));
  // "the currents that every animal makes *every year* | fishermen kill …": of which of the two?
  const endsOpen = to < words.length && EACH.test(words[to - 2]?.lower ?? "");
  return endsOpen || (isCounted && (EACH.test(words[from - 2]?.lower ?? "") || EACH.test(words[to]?.lower ?? "")));
}

function withoutLinks(words: readonly TaggedWord[], from: number, to: number): number {
  return from < to - 1 && LINKS.has(words[from]!.lower) ? withoutLinks(words, from + 1, to) : from;
}
