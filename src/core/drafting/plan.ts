import { z } from "zod";
import { QUESTION_KINDS } from "../questions/kinds";
import { depthSchema, type QuestionKind } from "../questions/question";

export const planRowSchema = z.object({
  kind: z.enum(QUESTION_KINDS as [QuestionKind, ...QuestionKind[]]),
  count: z.number().int().min(0).max(60),
  /** "any" leaves the depth to what the text gives. */
  depth: z.union([depthSchema, z.literal("any")]),
  points: z.number().min(0).max(100),
  /** Multiple choice only. */
  optionCount: z.number().int().min(3).max(5).optional(),
});
export type PlanRow = z.infer<typeof planRowSchema>;

export const planSchema = z.object({ grade: z.number().int().min(1).max(12), rows: z.array(planRowSchema).max(40) });
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
