import { describe, expect, it } from "vitest";
import { createRandom } from "../../lib/random";
import { timeDistractors } from "./time-distractors";

const SEEDS = Array.from({ length: 20 }, (_, seed) => seed);
const others = (answer: string, seed = 1) => timeDistractors(answer, createRandom(seed));

describe("wrong times", () => {
  it.each([
    ["in March", /^in (?!March|February|April)\p{Lu}\p{L}+$/u],
    ["in early January", /^in early (?!January|December|February)\p{Lu}\p{L}+$/u],
    ["in the autumn", /^in the (?:spring|summer|winter)$/],
    ["in the fall", /^in the (?:spring|summer|winter)$/],
    ["on Saturdays", /^on (?!Saturday)\p{L}+days$/u],
    ["at dawn", /^at (?:noon|sunset|midnight)$/],
    ["in the evening", /^(?:in the morning|at noon|in the afternoon)$/],
    ["at night", /^(?:in the morning|at noon|in the afternoon)$/],
    ["in the nineteenth century", /^in the (?:sixteenth|seventeenth|eighteenth|twentieth|twenty-first) century$/],
    ["at the end of the fifteenth century", /^at the end of the \S+th century$/],
    ["in the 1880s", /^in the (?!1880)\d{3}0s$/],
    ["in the 1700s", /^in the \d\d00s$/],
    ["in the year 79", /^in the year \d+$/],
    ["in 210 BC", /^in \d+ BC$/],
    ["at six o'clock", /^at [a-z]+ o'clock$/],
    ["in March 1861", /^in March 1[89]\d\d$/],
    ["on 15 August 1914", /^on 15 August 19?1?8?\d+$/],
    ["on April 16, 1912", /^on April 16, 1\d{3}$/],
    ["in the summer of 1928", /^in the summer of 19\d\d$/],
    ["on 7 September", /^on \d{1,2} (?!September)\p{Lu}\p{L}+$/u],
  ])("of %j are of its sort, written alike, and not the same", (answer, form) => {
    for (const seed of SEEDS) {
      const found = others(answer, seed);
      expect(found.length).toBeGreaterThanOrEqual(3);
      expect(new Set([...found, answer]).size).toBe(found.length + 1);
      for (const other of found) expect(other).toMatch(form);
    }
  });

  it("lie in no year that is still to come", () => {
    for (const seed of SEEDS) for (const other of others("in March 2019", seed)) expect(Number(other.slice(-4))).toBeLessThanOrEqual(2026);
  });

  it.each(["by noon", "until dawn", "before the war", "after three years", "on dark nights", "when the tide turns", "in its first year", "since the 1990s"])(
    "are none for %j, which other times may fulfil as well or which has none of its sort",
    (answer) => {
      expect(others(answer)).toEqual([]);
    },
  );

  it("are the same for the same seed", () => {
    expect(others("in March", 7)).toEqual(others("in March", 7));
  });
});
