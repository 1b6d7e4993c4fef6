import { describe, expect, it } from "vitest";
import { createRandom, seedFrom } from "./random";

describe("chance by seed", () => {
  it("is the same for the same seed and another for another", () => {
    const draw = (seed: number) => Array.from({ length: 5 }, createRandom(seed).next);
    expect(draw(3)).toEqual(draw(3));
    expect(draw(3)).not.toEqual(draw(4));
  });
  it("stays inside its bounds and reaches all of them", () => {
    const random = createRandom(1);
    const drawn = Array.from({ length: 500 }, () => random.below(4));
    expect(new Set(drawn)).toEqual(new Set([0, 1, 2, 3]));
  });
  it("shuffles without loss and without touching what it is given", () => {
    const items = Object.freeze([1, 2, 3, 4, 5, 6]);
    const shuffled = createRandom(9).shuffle(items);
    expect([...shuffled].sort()).toEqual([...items]);
    expect(shuffled).not.toEqual(items);
  });
  it("makes a seed from words", () => {
    expect(seedFrom("lamp", 1)).toBe(seedFrom("lamp", 1));
    expect(new Set([seedFrom("lamp"), seedFrom("lamp", 1), seedFrom("lamps")]).size).toBe(3);
  });
});
