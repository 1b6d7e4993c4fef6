import { createRandom, seedFrom } from "../../lib/random";
import { numberValue, writeLike } from "../phrasing/number-forms";

/** Wrong numbers near a right one, written alike; those of the source first where they are near. */
export function numberDistractors(answer: string, others: readonly number[], count: number, seed: number): string[] {
  const value = numberValue(answer);
  if (value === undefined || value <= 0) return [];
  const random = createRandom(seedFrom(answer, seed));
  const near = [
    ...new Set([...others.filter((other) => other >= value / 3 && other <= value * 3 && Number.isInteger(other) === Number.isInteger(value)), ...steps(value)]),
  ].filter((other) => other > 0 && other !== value);
  const below = random.shuffle(near.filter((other) => other < value));
  const above = random.shuffle(near.filter((other) => other > value));
  // The key's place among the numbers must be no clue: now first, now last, now between.
  const fewestBelow = Math.max(0, count - above.length);
  const fromBelow = fewestBelow + random.below(Math.max(1, Math.min(below.length, count) - fewestBelow + 1));
  return [...below.slice(0, fromBelow), ...above.slice(0, count - Math.min(fromBelow, below.length))].map((other) => writeLike(other, answer));
}

/** Steps as coarse as the number itself: 4 → 2, 3, 6, 8; 1,016 → 916, 1,106, …; 300,000 → 200,000, … */
function steps(value: number): number[] {
  if (!Number.isInteger(value)) return [value - 1, value - 0.5, value + 0.5, value + 1, value + 1.5];
  if (value <= 12) return [value - 3, value - 2, value - 1, value + 1, value + 2, value + 3, value * 2];
  const size = 10 ** Math.floor(Math.log10(value));
  const unit = value % size === 0 ? (value === size ? size / 5 : size) : value % (size / 10) === 0 ? size / 10 : Math.max(1, Math.round(size / 10));
  return [value - 3 * unit, value - 2 * unit, value - unit, value + unit, value + 2 * unit, value + 3 * unit];
}

/** Years near a year; the source's other years first, since a careless reader takes those. */
export function yearDistractors(year: string, others: readonly string[], count: number, seed: number): string[] {
  const value = Number(year);
  const random = createRandom(seedFrom(year, seed));
  const near = others.filter((other) => other !== year && Math.abs(Number(other) - value) <= 120);
  const latest = 2026;
  const made = [-26, -17, -12, -8, -4, 5, 9, 14, 21, 33]
    .map((step) => value + step)
    .filter((other) => other <= latest)
    .map(String);
  return [...new Set([...random.shuffle(near), ...random.shuffle(made)])].slice(0, count);
}
