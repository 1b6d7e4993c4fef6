import { describe, expect, it } from "vitest";
import { numberValue } from "../phrasing/number-forms";
import { numberDistractors, yearDistractors } from "./number-distractors";

const SEEDS = Array.from({ length: 40 }, (_, seed) => seed);

describe("wrong numbers", () => {
  it.each(["two", "four", "eleven", "forty-one", "94", "340", "1,016", "300,000", "3.5"])(
    "of %s are different, positive, and not the number itself",
    (answer) => {
      for (const seed of SEEDS) {
        const found = numberDistractors(answer, [], 3, seed).map((text) => numberValue(text)!);
        expect(found).toHaveLength(3);
        expect(new Set([...found, numberValue(answer)]).size).toBe(4);
        for (const value of found) expect(value).toBeGreaterThan(0);
      }
    },
  );
  it("are written the way the number is", () => {
    for (const text of numberDistractors("forty-one", [], 3, 1)) expect(text).toMatch(/^[a-z-]+$/);
    for (const text of numberDistractors("300,000", [], 3, 1)) expect(text).toMatch(/^\d{1,3},\d{3}$/);
  });
  it("lie now below, now above, so that the place of the key is no clue", () => {
    const places = new Set(SEEDS.map((seed) => numberDistractors("340", [], 3, seed).filter((text) => numberValue(text)! < 340).length));
    expect(places.size).toBeGreaterThanOrEqual(3);
  });
  it("are as round as the number", () => {
    for (const seed of SEEDS) for (const text of numberDistractors("300,000", [], 3, seed)) expect(numberValue(text)! % 100_000).toBe(0);
  });
  it("are none for what is no number", () => {
    expect(numberDistractors("more than three", [], 3, 1)).toEqual([]);
  });
  it("are the same for the same seed", () => {
    expect(numberDistractors("94", [90, 99], 3, 5)).toEqual(numberDistractors("94", [90, 99], 3, 5));
  });
});

describe("wrong years", () => {
  it("take the source's own first", () => {
    expect(new Set(yearDistractors("1871", ["1822", "1954", "1871", "1200"], 2, 1))).toEqual(new Set(["1822", "1954"]));
  });
  it("never lie in the future", () => {
    for (const seed of SEEDS) for (const year of yearDistractors("2021", [], 3, seed)) expect(Number(year)).toBeLessThanOrEqual(2026);
  });
});
