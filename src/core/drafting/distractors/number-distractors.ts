import { createRandom, seedFrom } from "../../lib/random";
import { numberValue, writeLike } from "../phrasing/number-forms";

/** Wrong numbers near a right one, written alike; those of the source first where they are near. */
export function numberDistractors(answer: string, others: readonly number[], count: number, seed: number): string[] {
  const value = numberValue(answer);
  if (value === undefined || value <= 0) return [];
  const random = createRandom(seedFrom(answer, seed));
  const fromSource = others.filter(
    (other) => other !== value && other >= value / 3 && other <= value * 3 && Number.isInteger(other) === Number.isInteger(value),
  );
  const made = random.shuffle(steps(value)).filter((other) => other > 0 && other !== value);
  const chosen = [...new Set([...random.shuffle(fromSource).slice(0, 1), ...made])].filter((other) => (other === 1 ? value < 4 : true)).slice(0, count);
  return chosen.map((other) => writeLike(other, answer));
}

/** Steps as coarse as the number itself: 4 → 2, 3, 6, 8; 1,016 → 916, 1,106, …; 300,000 → 200,000, … */
function steps(value: number): number[] {
  if (value <= 4) return [value + 1, value + 2, value + 3, value - 1].filter((n) => n >= 2);
  if (value <= 12) return [value - 2, value - 1, value + 1, value + 2, value + 3, value * 2].filter((n) => n >= 2);
  const size = 10 ** Math.floor(Math.log10(value));
  const unit = value % size === 0 ? size : value % (size / 10) === 0 ? size / 10 : Math.max(1, Math.round(size / 10));
  return [value - 2 * unit, value - unit, value + unit, value + 2 * unit, value + 3 * unit].filter((n) => n > 0);
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
