import type { FactType } from "../facts/fact";
import type { Steer } from "../plan";
import { type ExamplePattern, recogniseExample } from "./recognise-example";

/** What the teacher typed, as the drafting takes it. */
export type Focus = {
  /** Numbers of paragraphs, pages, slides or minutes; empty where all are meant. */
  places: ReadonlySet<number>;
  terms: readonly string[];
  outcomes: readonly string[];
  avoid: readonly string[];
  words: readonly string[];
  example?: ExamplePattern;
  distractors: "near" | "far";
};

export type { FactType };

export function readSteer(steer: Steer = {}): Focus {
  const example = steer.example?.trim() ? recogniseExample(steer.example) : undefined;
  return {
    places: new Set(readRanges(steer.paragraphs ?? "")),
    terms: listOf(steer.terms),
    outcomes: linesOf(steer.outcomes),
    avoid: listOf(steer.avoid),
    words: [...new Set(listOf(steer.words))],
    ...(example ? { example } : {}),
    distractors: steer.distractors ?? "near",
  };
}

/** "3-6, 9" → 3, 4, 5, 6, 9. What is no number is passed over. */
export function readRanges(text: string): number[] {
  return text.split(/[,;\s]+/).flatMap((part) => {
    const [, from, to] = /^(\d{1,4})(?:[-–](\d{1,4}))?$/.exec(part) ?? [];
    if (!from) return [];
    const [first, last] = [Number(from), Number(to ?? from)];
    return Array.from({ length: Math.max(0, Math.min(last - first + 1, 2000)) }, (_, index) => first + index);
  });
}

/** What stands in a field of ranges and is no range: "six to nine" → "six", "to", "nine". */
export function notRanges(text: string): string[] {
  return text.split(/[,;\s]+/).filter((part) => part !== "" && readRanges(part).length === 0);
}

function listOf(text = ""): string[] {
  return text
    .split(/[,;\n]+/)
    .map((part) => part.trim())
    .filter(Boolean);
}

function linesOf(text = ""): string[] {
  return text
    .split("\n")
    .map((line) => line.replace(/^[-*•\d.)\s]+/, "").trim())
    .filter(Boolean);
}
