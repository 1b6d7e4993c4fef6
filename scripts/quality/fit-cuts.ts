import { LINKS } from "../../src/core/language/speech/cut-pieces";
import type { SpokenPiece } from "../../src/core/language/speech/spoken-pieces";
import { type CutWeights, weightOf } from "../../src/core/language/speech/weigh-piece";
import { heaviestWay, sharesOfPieces } from "../../src/core/language/speech/weigh-ways";
import { createRandom } from "../../src/core/lib/random";
import type { SpokenWindow } from "./spoken-passages";

const EPOCHS = 12;
const RATE = 0.3;
const RIDGE = 0.9;
/** Features of fewer pieces say nothing, and weights as small as this change nothing. */
const LEAST_PIECES = 40;
const LEAST_WEIGHT = 0.1;
/** What a piece weighs before anything is learnt. */
const AT_FIRST: [RegExp, number][] = [
  [/^cost$|^clause$/, -1],
  [/^loose /, -2],
];

/**
 * The weights under which the true ways of cutting have the largest share of all ways: a conditional
 * random field over pieces (Sarawagi and Cohen 2004), by steps whose length each weight finds for itself
 * (Adagrad: Duchi, Hazan and Singer 2011). The same windows give the same numbers.
 */
export function fitCuts(windows: readonly SpokenWindow[]): CutWeights {
  const names = commonFeatures(windows);
  const first = new Map(names.map((name) => [name, AT_FIRST.find(([pattern]) => pattern.test(name))?.[1] ?? 0]));
  const weights = new Map(first);
  const squares = new Map(names.map((name) => [name, 1e-4]));
  const random = createRandom(7);
  const trues = new Map(windows.map((window) => [window, truePieces(window)]));
  for (let epoch = 0; epoch < EPOCHS; epoch++) {
    for (const window of random.shuffle(windows)) {
      for (const [name, slope] of slopes(window, trues.get(window)!, weights)) {
        const step = slope - (RIDGE * (weights.get(name)! - first.get(name)!)) / windows.length;
        squares.set(name, squares.get(name)! + step * step);
        weights.set(name, weights.get(name)! + (RATE * step) / Math.sqrt(squares.get(name)!));
      }
    }
  }
  return new Map(
    [...weights].map(([name, weight]) => [name, Math.round(weight * 100) / 100] as const).filter(([, weight]) => Math.abs(weight) >= LEAST_WEIGHT),
  );
}

function commonFeatures(windows: readonly SpokenWindow[]): string[] {
  const counts = new Map<string, number>();
  for (const { pieces } of windows) for (const { features } of pieces) for (const [name] of features) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts].flatMap(([name, count]) => (count >= LEAST_PIECES ? [name] : [])).sort();
}

/** The way along the true sentences with the fewest words outside, and of those the one with the fewest clauses. */
function truePieces({ words, bounds, pieces }: SpokenWindow): ReadonlySet<SpokenPiece> {
  const isAcross = ({ start, end }: SpokenPiece) => [...bounds].some((bound) => bound > start && bound < end);
  const weighed = pieces
    .filter((piece) => !isAcross(piece))
    .map((piece) => {
      const { start, node } = piece;
      const isOpening = bounds.has(start) || LINKS.has(words[start - 1]?.lower ?? "");
      const weight = node ? -0.5 - 0.03 * node.cost - (isOpening ? 0 : 0.4) : LINKS.has(words[start]!.lower) ? -0.1 : -1;
      return { start, end: piece.end, weight, piece };
    });
  return new Set(heaviestWay(words.length, weighed).map(({ piece }) => piece));
}

/** How much more of each feature the true way has than all ways, each by its share. */
function slopes({ words, pieces }: SpokenWindow, trues: ReadonlySet<SpokenPiece>, weights: CutWeights): ReadonlyMap<string, number> {
  const shares = sharesOfPieces(
    words.length,
    pieces.map((piece) => ({ start: piece.start, end: piece.end, weight: weightOf(piece, weights) })),
  );
  const found = new Map<string, number>();
  for (const [index, piece] of pieces.entries()) {
    const more = Number(trues.has(piece)) - shares[index]!;
    if (Math.abs(more) < 1e-5) continue;
    for (const [name, value] of piece.features) if (weights.has(name)) found.set(name, (found.get(name) ?? 0) + more * value);
  }
  return found;
}
