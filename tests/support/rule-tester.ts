import { describe, expect, it } from "vitest";
import { type Rule, runRule } from "@/core/checking/define-rule";
import type {
  Essay,
  GapFill,
  MatchQuestion,
  MultipleChoice,
  NumberQuestion,
  OpenResponse,
  OrderQuestion,
  Question,
  SelectAll,
  ShortAnswer,
  TrueFalse,
  TwoPart,
} from "@/core/questions/question";
import { createSpan } from "@/core/source/create-span";
import type { Block, Span } from "@/core/source/schema";
import { blocksOf, tools } from "./language-tools";

/** The source that examples of rules are about. */
export const LOG: Block[] = blocksOf(
  "The keepers wound the clockwork every four hours. The lens floats on a ring of mercury because mercury is heavy.\n\nWet rope is harder to untie than dry rope. A petition is a letter that many people sign. The light does not turn by day.",
);

export function evidence(quote: string): Span[] {
  const block = LOG.find((other) => other.text.includes(quote));
  if (!block) throw new Error(`Not in the log: ${quote}`);
  const start = block.text.indexOf(quote);
  return [createSpan(block, start, start + quote.length)];
}

/** Evidence from a source of its own. */
export function said(quote: string): Span[] {
  const [block] = blocksOf(quote);
  return [createSpan(block!, 0, quote.length)];
}

const common = { id: "q1", points: 1, depth: "recall" as const, evidence: evidence("The keepers wound the clockwork every four hours.") };

export const choice = (stem: string, options: string[], key = 0, more: Partial<MultipleChoice> = {}): Question => ({
  kind: "multiple-choice",
  ...common,
  stem,
  options: options.map((text, index) => ({ id: `o${index + 1}`, text })),
  key: `o${key + 1}`,
  ...more,
});
export const statement = (stem: string, key: boolean, more: Partial<TrueFalse> = {}): Question => ({ kind: "true-false", ...common, stem, key, ...more });
export const gap = (stem: string, key: string, more: Partial<GapFill> = {}): Question => ({ kind: "gap-fill", ...common, stem, key, accepted: [], ...more });
export const short = (stem: string, key: string, more: Partial<ShortAnswer> = {}): Question => ({
  kind: "short-answer",
  ...common,
  stem,
  key,
  accepted: [],
  ...more,
});

export const number = (stem: string, value: number, unit: string, more: Partial<NumberQuestion> = {}): Question => ({
  kind: "number",
  ...common,
  stem,
  key: { value, tolerance: 0, unit },
  ...more,
});
/** Items given in their right order. */
export const order = (stem: string, items: string[], more: Partial<OrderQuestion> = {}): Question => ({
  kind: "order",
  ...common,
  stem,
  items: items.map((text, index) => ({ id: `i${index + 1}`, text })).reverse(),
  key: items.map((_, index) => `i${index + 1}`),
  ...more,
});
export const match = (stem: string, pairs: [string, string][], more: Partial<MatchQuestion> = {}): Question => ({
  kind: "match",
  ...common,
  stem,
  left: pairs.map(([text], index) => ({ id: `l${index + 1}`, text })),
  right: pairs.map(([, text], index) => ({ id: `r${index + 1}`, text })).reverse(),
  key: pairs.map((_, index) => [`l${index + 1}`, `r${index + 1}`]),
  ...more,
});
export const open = (stem: string, points: string[], more: Partial<OpenResponse> = {}): Question => ({
  kind: "open-response",
  ...common,
  stem,
  key: { model: points.join(" "), points },
  ...more,
});

/** The first `right` options are the key. */
export const selectAll = (stem: string, options: string[], right: number, more: Partial<SelectAll> = {}): Question => ({
  kind: "select-all",
  ...common,
  stem,
  options: options.map((text, index) => ({ id: `o${index + 1}`, text })),
  key: options.slice(0, right).map((_, index) => `o${index + 1}`),
  ...more,
});

export const essay = (stem: string, models: Essay["key"]["models"], points: string[], more: Partial<Essay> = {}): Question => ({
  kind: "essay",
  ...common,
  stem,
  purpose: "argue",
  key: { models, points },
  ...more,
});

/** The first option and the first proof are the key. */
export const twoPart = (stem: string, options: string[], proofs: string[], more: Partial<TwoPart> = {}): Question => ({
  kind: "two-part",
  ...common,
  stem,
  options: options.map((text, index) => ({ id: `o${index + 1}`, text })),
  proofStem: "Which sentence from the passage best proves your answer?",
  proofs: proofs.map((text, index) => ({ id: `p${index + 1}`, text })),
  key: ["o1", "p1"],
  ...more,
});

type Example = { question: Question; others?: Question[]; grade?: number };

/** Good questions pass without a word; bad ones are flagged with just these words. */
export function testRule(rule: Rule, examples: { passes: Record<string, Question | Example>; flags: Record<string, [Question | Example, string]> }): void {
  const findings = (example: Question | Example) => {
    const { question, others = [], grade = 5 } = "question" in example ? example : { question: example };
    return runRule(rule, question, { blocks: LOG, others, grade, lexicon: tools().lexicon });
  };
  describe(rule.id, () => {
    for (const [name, example] of Object.entries(examples.passes)) it(`passes ${name}`, () => expect(findings(example)).toEqual([]));
    for (const [name, [example, reason]] of Object.entries(examples.flags)) {
      it(`flags ${name}`, () => expect(findings(example).map((finding) => finding.reason)).toContain(reason));
    }
  });
}
