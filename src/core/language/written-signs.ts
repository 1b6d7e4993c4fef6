import type { Token } from "./tokenize";

/** Signs of units behind a number, and the noun that each stands for. */
export const UNIT_SIGNS: Readonly<Record<string, string>> = {
  km: "kilometre",
  m: "metre",
  cm: "centimetre",
  mm: "millimetre",
  mi: "mile",
  ft: "foot",
  kg: "kilogram",
  g: "gram",
  mg: "milligram",
  t: "tonne",
  lb: "pound",
  lbs: "pound",
  oz: "ounce",
  l: "litre",
  ml: "millilitre",
  L: "litre",
  mL: "millilitre",
  ha: "hectare",
  kW: "kilowatt",
  MW: "megawatt",
  W: "watt",
  V: "volt",
  p: "penny",
  mph: "mph",
  "km/h": "km/h",
  "m/s": "m/s",
};

/** "12 *km*" → "kilometres", "40 *km/h*" → "km/h"; undefined for what is no sign of a unit. */
export function unitName(sign: string): string | undefined {
  const noun = Object.hasOwn(UNIT_SIGNS, sign) ? UNIT_SIGNS[sign]! : undefined;
  if (noun === undefined || noun === sign) return noun;
  return noun === "penny" ? "pence" : noun === "foot" ? "feet" : `${noun}s`;
}

/** "12 *km*", "500 *ml*": a unit, and no word, since a number stands right before it. */
export function isUnitSign(tokens: readonly Token[], at: number): boolean {
  return Object.hasOwn(UNIT_SIGNS, tokens[at]!.text) && tokens[at - 1]?.kind === "number";
}

/** A dash between words: long, doubled, or a hyphen with a space on both sides. */
export function isDash(tokens: readonly Token[], at: number): boolean {
  const { text, start, end } = tokens[at]!;
  if (text === "–" || text === "--") return true;
  const [before, after] = [tokens[at - 1], tokens[at + 1]];
  return text === "-" && before !== undefined && after !== undefined && before.end < start && after.start > end;
}

/** What stands between the two dashes of a sentence, with the dashes: "The lamp *– it was of brass –* burned". Undefined where there are not just two. */
export function betweenDashes(tokens: readonly Token[]): { from: number; to: number } | undefined {
  const dashes = tokens.flatMap((_, index) => (isDash(tokens, index) ? [index] : []));
  const [from, to, ...more] = dashes;
  return from !== undefined && to !== undefined && more.length === 0 && from > 0 && to < tokens.length - 2 ? { from, to } : undefined;
}

const MOST_OF_DATELINE = 6;

/** How many tokens a dateline takes: "SKERRY BAY –" opens a newspaper's report, and says only where it was written. */
export function datelineLength(tokens: readonly Token[]): number {
  const dash = tokens.findIndex((_, at) => isDash(tokens, at));
  const place = tokens.slice(0, Math.max(0, dash));
  const isPlace = place.length > 0 && place.length <= MOST_OF_DATELINE && place.every(({ text }) => /^(?:\p{Lu}{2,}|,|\.)$/u.test(text));
  return isPlace && dash < tokens.length - 4 ? dash + 1 : 0;
}

/** "Pete Hallam*, 71,* has sold fish": an age between commas behind a name. */
export function isOfAge(tokens: readonly Token[], at: number): boolean {
  const number = [at, at - 1, at + 1].find((place) => /^[1-9]\d?$/.test(tokens[place]?.text ?? ""));
  if (number === undefined || tokens[number - 1]?.text !== "," || tokens[number + 1]?.text !== ",") return false;
  return /^\p{Lu}\p{Ll}/u.test(tokens[number - 2]?.text ?? "") && /^\p{Lu}\p{Ll}/u.test(tokens[number - 3]?.text ?? "");
}
