import { describe, expect, it } from "vitest";
import { heaviestWay, sharesOfPieces } from "./weigh-ways";

const word = (start: number, weight = -2) => ({ start, end: start + 1, weight });
const WORDS = [word(0), word(1), word(2)];

describe("ways through three words", () => {
  it("the way that weighs most is the one with the heaviest pieces", () => {
    const pair = { start: 0, end: 2, weight: -1 };
    expect(heaviestWay(3, [...WORDS, pair])).toEqual([pair, WORDS[2]]);
  });
  it("each piece has the share of the ways with it", () => {
    // Word by word e^-6; the first two together e^-3; the last two together e^-3.
    const shares = sharesOfPieces(3, [...WORDS, { start: 0, end: 2, weight: -1 }, { start: 1, end: 3, weight: -1 }]);
    const all = Math.exp(-6) + 2 * Math.exp(-3);
    expect(shares[3]).toBeCloseTo(Math.exp(-3) / all);
    expect(shares[1]).toBeCloseTo(Math.exp(-6) / all);
    expect(shares[0]).toBeCloseTo((Math.exp(-6) + Math.exp(-3)) / all);
  });
  it("the pieces over one word share one", () => {
    const pieces = [...WORDS, { start: 0, end: 3, weight: 0.5 }, { start: 1, end: 3, weight: -1.5 }];
    const shares = sharesOfPieces(3, pieces);
    const over = pieces.flatMap(({ start, end }, index) => (start <= 1 && end > 1 ? [shares[index]!] : []));
    expect(over.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1);
  });
});
