import { describe, expect, it } from "vitest";
import { numberValue } from "../phrasing/number-forms";
import { aboutDistractors, lengthDistractors, mostThereCanBe, numberDistractors, shareDistractors, yearDistractors } from "./number-distractors";

const SEEDS = Array.from({ length: 40 }, (_, seed) => seed);

it.each([
  ["How many days of each year did she spend there?", 365],
  ["How many hours a day does it run?", 24],
  ["How many days a week is the shop open?", 7],
  ["How many months of the year is it shut?", 12],
  ["What per cent of it is salt?", 100],
  ["How many days did the ship sail?", Number.POSITIVE_INFINITY],
])("“%s” can be answered by %s at most", (stem, most) => {
  expect(mostThereCanBe(stem)).toBe(most);
});

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

describe("wrong amounts", () => {
  it.each(["about 1,500", "nearly two", "only about a thousand", "almost 300"])("of %s keep its words and are at least twice or half of it", (answer) => {
    const before = answer.replace(/\S+(?: thousand)?$/, "");
    const value = numberValue(answer.slice(before.length))!;
    for (const seed of SEEDS) {
      const found = aboutDistractors(answer, 3, seed);
      expect(found).toHaveLength(3);
      for (const other of found) {
        expect(other.startsWith(before)).toBe(true);
        const size = numberValue(other.slice(before.length))! / value;
        expect(size >= 2 || size <= 0.5).toBe(true);
      }
    }
  });
  it.each(["more than forty", "at least three", "forty", "about as many"])("are none for %j", (answer) => {
    expect(aboutDistractors(answer, 3, 1)).toEqual([]);
  });
});

describe("wrong shares", () => {
  it.each(["half", "about two thirds", "a third", "65 per cent"])("of %s are so far from it and from each other that none is about the same", (answer) => {
    for (const seed of SEEDS) {
      const found = shareDistractors(answer, 3, seed);
      expect(found).toHaveLength(3);
      expect(new Set([answer, ...found]).size).toBe(4);
      if (answer.startsWith("about")) for (const other of found) expect(other).toMatch(/^about /);
    }
  });
  it("never put a third beside a quarter, or half beside 45 per cent", () => {
    for (const seed of SEEDS) {
      expect(shareDistractors("a third", 3, seed)).not.toContain("a quarter");
      expect(shareDistractors("50 per cent", 3, seed)).not.toContain("45 per cent");
    }
  });
  it("are none for what is no share", () => {
    expect(shareDistractors("a few", 3, 1)).toEqual([]);
  });
});

describe("wrong lengths", () => {
  it.each(["twenty minutes", "about four years", "three weeks"])("of %s are in the same unit", (answer) => {
    const unit = answer.split(" ").at(-1)!;
    for (const seed of SEEDS) {
      const found = lengthDistractors(answer, 3, seed);
      expect(found.length).toBeGreaterThanOrEqual(2);
      for (const other of found) expect(other.endsWith(` ${unit}`)).toBe(true);
    }
  });
  it.each(["a month", "weeks", "only a few days", "less than a year"])("are none for %j", (answer) => {
    expect(lengthDistractors(answer, 3, 1)).toEqual([]);
  });
});

it("offers smaller numbers beside a round hundred, and no multiples that nobody would believe", () => {
  const found = aboutDistractors("almost a hundred", 3, 1);
  expect(found).toHaveLength(3);
  for (const text of found) expect(text).toMatch(/^almost (?:thirty|fifty|sixty|two hundred)$/);
});
