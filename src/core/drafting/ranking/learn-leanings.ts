import type { AsideReason } from "../../questions/edit";
import type { QuestionKind } from "../../questions/question";

/** What a teacher did with a draft: kept as it was, kept after a change of its words, set aside, perhaps with the reason. */
export type Judgement = {
  kind: QuestionKind;
  pattern: string;
  verdict: "kept" | "edited" | "aside";
  reason?: AsideReason;
  /** What was changed before it was kept. */
  changes?: readonly ChangedPart[];
};
export type ChangedPart = "wording" | "options" | "key" | "answers" | "evidence";
/** How one way of asking fared, and by how much its drafts are moved in the ranking (score units, at most ±`REACH`). */
export type Leaning = { kind: QuestionKind; pattern: string; kept: number; edited: number; aside: number; shift: number };

const WORTH: Record<Judgement["verdict"], number> = { kept: 1, edited: 0.5, aside: 0 };
/** A wrong key is nearly as bad as a draft set aside; further accepted answers are a trifle. */
const WORTH_AFTER: Record<ChangedPart, number> = { answers: 0.8, evidence: 0.6, wording: 0.5, options: 0.5, key: 0.1 };
/** What is said of the class and not of the draft: it would be as true of any other question there. */
const SAYS_NOTHING = new Set<AsideReason | undefined>(["not-taught"]);
/** As many judgements as the mean of the kind counts for: two or three drafts set aside prove little. */
const PRIOR = 5;
const REACH = 2;
/** Smaller moves than this change no order worth speaking of. */
export const FELT = 0.15;

/**
 * How a teacher's judgements move each way of asking against the others of its kind: its share of kept
 * drafts, shrunk towards the mean of the kind by its count (Efron and Morris 1975), against that mean.
 */
export function learnLeanings(all: readonly Judgement[]): Leaning[] {
  const judgements = all.filter(({ reason }) => !SAYS_NOTHING.has(reason));
  const ofKind = groupBy(judgements, ({ kind }) => kind);
  return [...groupBy(judgements, leaningKey).values()]
    .map((own): Leaning => {
      const { kind, pattern } = own[0]!;
      const sameKind = ofKind.get(kind)!;
      const mean = worthOf(sameKind) / sameKind.length;
      const shrunk = (worthOf(own) + PRIOR * mean) / (own.length + PRIOR);
      const count = (verdict: Judgement["verdict"]) => own.filter((one) => one.verdict === verdict).length;
      const shift = Math.round((shrunk - mean) * REACH * 100) / 100;
      return { kind, pattern, kept: count("kept"), edited: count("edited"), aside: count("aside"), shift };
    })
    .sort((a, b) => Math.abs(b.shift) - Math.abs(a.shift) || a.pattern.localeCompare(b.pattern));
}

/** The shifts as the drafting takes them, by kind and pattern. */
export function shiftsOf(leanings: readonly Leaning[]): Record<string, number> {
  return Object.fromEntries(leanings.map((leaning) => [leaningKey(leaning), leaning.shift]));
}

export function leaningKey({ kind, pattern }: Pick<Judgement, "kind" | "pattern">): string {
  return `${kind}/${pattern}`;
}

function worthOf(judgements: readonly Judgement[]): number {
  return judgements.reduce((sum, judgement) => sum + worthOfOne(judgement), 0);
}

function worthOfOne({ verdict, changes = [] }: Judgement): number {
  return verdict === "edited" && changes.length > 0 ? Math.min(...changes.map((part) => WORTH_AFTER[part])) : WORTH[verdict];
}

function groupBy<T>(items: readonly T[], keyOf: (item: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const item of items) groups.set(keyOf(item), [...(groups.get(keyOf(item)) ?? []), item]);
  return groups;
}
