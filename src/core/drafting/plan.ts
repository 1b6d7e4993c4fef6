import { z } from "zod";
import { QUESTION_KINDS } from "../questions/kinds";
import { depthSchema, type QuestionKind } from "../questions/question";

/** How gaps are filled: written by hand, taken from a bank under the text, or chosen in the line. */
export const GAP_ANSWERS = ["typed", "bank", "choose"] as const;
/** Which words are left out: those that carry the facts, the teacher's own, or a class of words, for language lessons. */
export const GAP_WORDS = ["facts", "my-words", "past-verbs", "imperfect-verbs", "present-verbs", "prepositions", "articles"] as const;
export type GapWords = (typeof GAP_WORDS)[number];

export const planRowSchema = z.object({
  kind: z.enum(QUESTION_KINDS as [QuestionKind, ...QuestionKind[]]),
  count: z.number().int().min(0).max(60),
  /** "any" leaves the depth to what the text gives. */
  depth: z.union([depthSchema, z.literal("any")]),
  points: z.number().min(0).max(100),
  /** Multiple choice only. */
  optionCount: z.number().int().min(3).max(5).optional(),
  /** Gap fill only. */
  gapAnswer: z.enum(GAP_ANSWERS).optional(),
  gapWords: z.enum(GAP_WORDS).optional(),
});

/** Kinds that use up several facts for one question: single questions on them would give it away. */
export const MADE_OF_MANY: readonly QuestionKind[] = ["order", "match"];

export type PlanRow = z.infer<typeof planRowSchema>;

/** What the drafts should turn to, as the teacher typed it; `readSteer` makes sense of it. */
export const steerSchema = z.object({
  /** "3-6, 9" */
  paragraphs: z.string().max(200).optional(),
  /** Words or phrases, parted by commas or lines. */
  terms: z.string().max(2000).optional(),
  /** Outcomes and essential questions, one a line. */
  outcomes: z.string().max(6000).optional(),
  /** Words that no stem, option or key may hold. */
  avoid: z.string().max(2000).optional(),
  /** The teacher's own words for gap fills. */
  words: z.string().max(4000).optional(),
  /** A question to draft others like. */
  example: z.string().max(2000).optional(),
  /** Wrong options close to the key, or plainly different from it. */
  distractors: z.enum(["near", "far"]).optional(),
});
export type Steer = z.infer<typeof steerSchema>;

export const planSchema = z.object({
  grade: z.number().int().min(1).max(12),
  rows: z.array(planRowSchema).max(40),
  steer: steerSchema.optional(),
});
export type Plan = z.infer<typeof planSchema>;

export function createDefaultPlan(grade: number): Plan {
  return {
    grade,
    rows: [
      { kind: "multiple-choice", count: 4, depth: "any", points: 1, optionCount: 4 },
      { kind: "true-false", count: 3, depth: "any", points: 1 },
      { kind: "gap-fill", count: 3, depth: "any", points: 1 },
      { kind: "short-answer", count: 4, depth: "any", points: 2 },
    ],
  };
}
