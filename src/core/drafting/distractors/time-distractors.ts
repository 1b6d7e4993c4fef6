import { MONTHS } from "../../language/data/noun-classes";
import type { Random } from "../../lib/random";
import { numberValue, writeLike } from "../phrasing/number-forms";
import { LATEST } from "./number-distractors";

const SEASONS = ["spring", "summer", "autumn", "winter"];
const FALLS = ["spring", "summer", "fall", "winter"];
const WEEKDAYS = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"];
const ORDINALS =
  "first second third fourth fifth sixth seventh eighth ninth tenth eleventh twelfth thirteenth fourteenth fifteenth sixteenth seventeenth eighteenth nineteenth twentieth twenty-first".split(
    " ",
  );
const MONTH = [...MONTHS].join("|");
const TIMES_OF_DAY = ["at dawn", "at noon", "at sunset", "at midnight"];
/** What nobody would take for the same: the evening is no night, and yet near to it. */
const PARTS_OF_DAY: Record<string, readonly string[]> = {
  "in the morning": ["in the afternoon", "in the evening", "at night"],
  "in the afternoon": ["in the morning", "in the evening", "at night"],
  "in the evening": ["in the morning", "at noon", "in the afternoon"],
  "at night": ["in the morning", "at noon", "in the afternoon"],
};
type Family = { pattern: RegExp; others: (match: RegExpExecArray, random: Random) => string[] };

/** Each sort of time, with others of its sort written alike. */
const FAMILIES: readonly Family[] = [
  // "on 15 August 1914", "in March 1861", "in the autumn of 1870": the year is what is learnt.
  {
    pattern:
      /^((?:on|in) (?:(?:the )?(?:early|late|spring|summer|autumn|fall|winter|evening|morning|night)? ?(?:of )?)?[^\d]*(?:\d{1,2},? )?[^\d]*)(1\d{3}|20[0-2]\d)$/i,
    others: ([, before, year], random) => random.shuffle(yearsFrom(year!, [-21, -14, -8, -5, 4, 7, 12, 19])).map((other) => `${before}${other}`),
  },
  {
    pattern: new RegExp(`^(in (?:early |late |mid-)?)(${MONTH})$`, "i"),
    others: ([, before, month], random) => turned([...MONTHS], month!, random).map((other) => `${before}${other}`),
  },
  {
    pattern: new RegExp(`^(on )(\\d{1,2}) (${MONTH})$`, "i"),
    others: ([, before, day, month], random) =>
      random
        .shuffle(turned([...MONTHS], month!, random).map((other) => `${before}${random.below(27) + 1} ${other}`))
        .filter((other) => !other.includes(` ${day} `)),
  },
  {
    pattern: /^(in (?:the |early |late )?)(spring|summer|autumn|winter)$/i,
    others: ([, before, season]) => without(SEASONS, season!).map((other) => `${before}${other}`),
  },
  { pattern: /^(in (?:the |early |late )?)(fall)$/i, others: ([, before, season]) => without(FALLS, season!).map((other) => `${before}${other}`) },
  {
    pattern: new RegExp(`^(on )(${WEEKDAYS.join("|")})(s?)$`, "i"),
    others: ([, before, day, many], random) => random.shuffle(without(WEEKDAYS, day!)).map((other) => `${before}${other}${many}`),
  },
  { pattern: /^(at (?:dawn|noon|sunset|midnight))$/i, others: ([, own]) => without(TIMES_OF_DAY, own!) },
  { pattern: /^(in the (?:morning|afternoon|evening)|at night)$/i, others: ([, own]) => [...(PARTS_OF_DAY[own!.toLowerCase()] ?? [])] },
  {
    pattern: /^((?:in|at the beginning of|at the end of|in the middle of|early in|late in) the (?:early |late )?)(\S+)( century)$/i,
    others: ([, before, century, behind]) =>
      stepped(ORDINALS.indexOf(century!.toLowerCase()), [-3, -2, -1, 1, 2], ORDINALS.length).map((index) => `${before}${ORDINALS[index]}${behind}`),
  },
  // "in the 1700s": a century, and not its first ten years.
  {
    pattern: /^(in the (?:early |late )?)(\d\d00)(s)$/i,
    others: ([, before, years, behind]) => yearsFrom(years!, [-300, -200, -100, 100, 200]).map((other) => `${before}${other}${behind}`),
  },
  {
    pattern: /^(in the (?:early |late )?)(\d{3}0)(s)$/i,
    others: ([, before, decade, behind]) => yearsFrom(decade!, [-30, -20, -10, 10, 20]).map((other) => `${before}${other}${behind}`),
  },
  {
    pattern: /^(in (?:about )?(?:the year )?)(\d{2,4})( BC| AD)?$/i,
    others: ([, before, year, behind]) => farYears(Number(year)).map((other) => `${before}${other}${behind ?? ""}`),
  },
  {
    pattern: /^(at )(\S+)( o['’]clock)$/i,
    others: ([, before, hour, behind]) =>
      stepped(numberValue(hour!) ?? -1, [-3, -2, -1, 1, 2, 3], 12).flatMap((other) => (other > 0 ? [`${before}${writeLike(other, hour!)}${behind}`] : [])),
  },
];

/** Other times of the answer's own sort, written alike and excluding it: months, seasons, days, hours, centuries, dates. None for what is no such time. */
export function timeDistractors(answer: string, random: Random): string[] {
  for (const { pattern, others } of FAMILIES) {
    const match = pattern.exec(answer);
    if (match) return random.shuffle(others(match, random).filter((other) => other.toLowerCase() !== answer.toLowerCase()));
  }
  return [];
}

function yearsFrom(year: string, steps: readonly number[]): number[] {
  return steps.map((step) => Number(year) + step).filter((other) => other <= LATEST);
}

function without(all: readonly string[], own: string): string[] {
  return all.filter((other) => other.toLowerCase() !== own.toLowerCase());
}

/** Months, not the two beside the right one: what goes on in March may still go on in April. */
function turned(all: readonly string[], own: string, random: Random): string[] {
  const at = all.findIndex((other) => other.toLowerCase() === own.toLowerCase());
  return random.shuffle(all.filter((_, index) => Math.min((index - at + all.length) % all.length, (at - index + all.length) % all.length) > 1));
}

function stepped(at: number, steps: readonly number[], length: number): number[] {
  return at < 0 ? [] : steps.map((step) => at + step).filter((index) => index >= 0 && index < length);
}

function farYears(year: number): number[] {
  const unit = year >= 1000 ? 100 : year >= 200 ? 50 : 20;
  return [-2, -1, 1, 2, 3].map((step) => year + step * unit).filter((other) => other > 0);
}
