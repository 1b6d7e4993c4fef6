/** One way through a row of words is a row of pieces without gap or overlap; its weight is the sum of theirs. */
export type Weighed = { start: number; end: number; weight: number };

/**
 * How sure each piece is: the share that the ways with it have of all ways, each by e to its weight
 * (forward and backward over a semi-Markov field: Sarawagi and Cohen 2004). Every single word must be a piece.
 */
export function sharesOfPieces(length: number, pieces: readonly Weighed[]): number[] {
  const ahead = sums(length, pieces, "end");
  const behind = sums(length, pieces, "start");
  return pieces.map(({ start, end, weight }) => Math.exp(ahead[start]! + weight + behind[end]! - ahead[length]!));
}

/** The logarithm of the sum of all ways up to each place (`end`), or from each place on (`start`). */
function sums(length: number, pieces: readonly Weighed[], side: "start" | "end"): number[] {
  const grouped = groupAt(length, pieces, side);
  const other = side === "end" ? "start" : "end";
  const found = new Array<number>(length + 1).fill(Number.NEGATIVE_INFINITY);
  found[side === "end" ? 0 : length] = 0;
  const places = Array.from({ length }, (_, at) => (side === "end" ? at + 1 : length - 1 - at));
  for (const at of places) for (const piece of grouped[at]!) found[at] = logOfSum(found[at]!, found[piece[other]]! + piece.weight);
  return found;
}

/** The pieces of the way that weighs most (Viterbi 1967), in order. */
export function heaviestWay<T extends Weighed>(length: number, pieces: readonly T[]): T[] {
  const ending = groupAt(length, pieces, "end");
  const best: { weight: number; piece?: T }[] = [{ weight: 0 }];
  for (let end = 1; end <= length; end++) {
    best.push({ weight: Number.NEGATIVE_INFINITY });
    for (const piece of ending[end]!) {
      const weight = best[piece.start]!.weight + piece.weight;
      if (weight > best[end]!.weight) best[end] = { weight, piece };
    }
  }
  const way: T[] = [];
  for (let piece = best[length]!.piece; piece; piece = best[piece.start]!.piece) way.unshift(piece);
  return way;
}

function groupAt<T extends Weighed>(length: number, pieces: readonly T[], place: "start" | "end"): T[][] {
  const groups = Array.from({ length: length + 1 }, (): T[] => []);
  for (const piece of pieces) groups[piece[place]]!.push(piece);
  return groups;
}

function logOfSum(a: number, b: number): number {
  const [more, less] = a > b ? [a, b] : [b, a];
  return less === Number.NEGATIVE_INFINITY ? more : more + Math.log1p(Math.exp(less - more));
}
