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

/** No year that is still to come. */
export const LATEST = 2026;

const MOST_OF: readonly (readonly [RegExp, number])[] = [
  [/\bper ?cent|%/i, 100],
  [/\bhours\b.*\bday\b|\bday is\b/i, 24],
  [/\bminutes\b.*\b(?:an|every|each|per) hour\b/i, 60],
  [/\bdays\b.*\b(?:a|every|each|per|of the|of each|of every) week\b/i, 7],
  [/\bmonths\b.*\b(?:a|every|each|per|of the|of each|of every) year\b/i, 12],
  [/\bdays\b.*\b(?:a|every|each|per|of the|of each|of every) year\b/i, 365],
];

/** No more per cent than a hundred, no more hours than a day has, and no more days than a year. */
export function mostThereCanBe(text: string): number {
  return MOST_OF.find(([of]) => of.test(text))?.[1] ?? Number.POSITIVE_INFINITY;
}

/** Years near a year; the source's other years first, since a careless reader takes those. */
export function yearDistractors(year: string, others: readonly string[], count: number, seed: number): string[] {
  const value = Number(year);
  const random = createRandom(seedFrom(year, seed));
  const near = others.filter((other) => other !== year && Math.abs(Number(other) - value) <= 120);
  const made = [-26, -17, -12, -8, -4, 5, 9, 14, 21, 33]
    .map((step) => value + step)
    .filter((other) => other <= LATEST)
    .map(String);
  return [...new Set([...random.shuffle(near), ...random.shuffle(made)])].slice(0, count);
}

/** So far from *about* so many that nobody would still call it that. */
const FAR = [1 / 3, 1 / 2, 2, 3, 4];
/** A round hundred has no third that is written like it; smaller ones are as likely. */
const HUNDRED: readonly string[] = ["thirty", "fifty", "sixty", "two hundred"];
const ABOUT = /^((?:only )?(?:about|almost|nearly|roughly|around) )(.+)$/i;

/** "about 1,500" → "about 500", "about 3,000", …: written alike, each too far off to be meant. */
export function aboutDistractors(answer: string, count: number, seed: number): string[] {
  const match = ABOUT.exec(answer);
  const value = match ? numberValue(match[2]!) : undefined;
  if (!match || value === undefined || value < 2) return [];
  const random = createRandom(seedFrom(answer, seed));
  if (/^(?:a|one) hundred$/i.test(match[2]!)) return HUNDRED.slice(0, count).map((other) => `${match[1]}${other}`);
  const far = FAR.map((times) => value * times).filter((other) => Number.isInteger(other) && other > 1);
  return random
    .shuffle(far)
    .slice(0, count)
    .map((other) => `${match[1]}${writeLike(other, match[2]!)}`);
}

const SHARES: readonly (readonly [number, string])[] = [
  [0.1, "a tenth"],
  [0.2, "a fifth"],
  [0.25, "a quarter"],
  [0.333, "a third"],
  [0.5, "half"],
  [0.667, "two thirds"],
  [0.75, "three quarters"],
  [0.8, "four fifths"],
  [0.9, "nine tenths"],
];
/** Shares nearer to each other could both be called about the same. */
const APART = 0.15;

/** "about two thirds" → "about a quarter", "about half", …; "65 per cent" → other per cents. */
export function shareDistractors(answer: string, count: number, seed: number): string[] {
  const random = createRandom(seedFrom(answer, seed));
  const percent = /^((?:about |roughly |nearly |almost |only )*)([\w.-]+)( per ?cent|%)$/i.exec(answer);
  const value = percent ? numberValue(percent[2]!) : undefined;
  if (percent && value !== undefined) {
    const others = [5, 10, 15, 20, 25, 30, 40, 45, 50, 60, 65, 70, 75, 80, 85, 90, 95].filter((other) => Math.abs(other - value) >= APART * 100);
    return random
      .shuffle(others)
      .slice(0, count)
      .map((other) => `${percent[1]}${writeLike(other, percent[2]!)}${percent[3]}`);
  }
  const [, before, share] = /^((?:about |roughly |nearly |almost |only )*)(.+)$/i.exec(answer)!;
  const own = SHARES.find(([, words]) => words === share!.toLowerCase() || words.replace(/^a /, "one ") === share!.toLowerCase());
  if (!own) return [];
  // Taken one by one they may leave no room for a third: then in another order.
  for (let attempt = 0; attempt < 20; attempt++) {
    const chosen: (readonly [number, string])[] = [own];
    for (const other of random.shuffle([...SHARES])) if (chosen.every(([size]) => Math.abs(size - other[0]) >= APART)) chosen.push(other);
    if (chosen.length > count) return chosen.slice(1, count + 1).map(([, words]) => `${before}${words}`);
  }
  return [];
}

/** "twenty minutes", "about four years" → other lengths in the same unit. */
export function lengthDistractors(answer: string, count: number, seed: number): string[] {
  const [, number, unit] = /^(.+) ((?:second|minute|hour|day|week|month|year|decade|centur)(?:s|ies))$/i.exec(answer) ?? [];
  if (!number || !unit) return [];
  const others = ABOUT.test(number) ? aboutDistractors(number, count, seed) : numberDistractors(number, [], count + 1, seed);
  return others
    .filter((other) => numberValue(other) !== 1)
    .slice(0, count)
    .map((other) => `${other} ${unit}`);
}
