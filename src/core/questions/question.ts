import { z } from "zod";
import { spanSchema } from "../source/schema";

export const DEPTHS = ["recall", "understanding", "reasoning"] as const;
export const depthSchema = z.enum(DEPTHS);
export type Depth = z.infer<typeof depthSchema>;

/** What every kind has. The optional fields are there for what a question carries besides being asked. */
const common = {
  id: z.string().min(1),
  stem: z.string(),
  points: z.number().min(0).max(100),
  depth: depthSchema,
  evidence: z.array(spanSchema),
  hint: z.string().optional(),
  explanation: z.string().optional(),
  outcome: z.string().optional(),
  /** Expected working time. */
  minutes: z.number().positive().optional(),
  rubric: z.array(z.object({ points: z.number(), text: z.string() })).optional(),
  /** Pictures or sounds shown with the stem, by file. */
  media: z.array(z.string()).optional(),
};

export const optionSchema = z.object({ id: z.string().min(1), text: z.string() });
export type Option = z.infer<typeof optionSchema>;

/** choiceInteraction with one right choice (1EdTech QTI). The key is an option's id. */
export const multipleChoiceSchema = z.object({ kind: z.literal("multiple-choice"), ...common, options: z.array(optionSchema), key: z.string() });
/** choiceInteraction with two fixed choices. */
export const trueFalseSchema = z.object({ kind: z.literal("true-false"), ...common, key: z.boolean(), correction: z.string().optional() });
/** textEntryInteraction; the gap in the stem is GAP. */
export const gapFillSchema = z.object({ kind: z.literal("gap-fill"), ...common, key: z.string(), accepted: z.array(z.string()) });
/** extendedTextInteraction with a model answer. */
export const shortAnswerSchema = z.object({ kind: z.literal("short-answer"), ...common, key: z.string(), accepted: z.array(z.string()) });

export const questionSchema = z.discriminatedUnion("kind", [multipleChoiceSchema, trueFalseSchema, gapFillSchema, shortAnswerSchema]);
export type Question = z.infer<typeof questionSchema>;
export type QuestionKind = Question["kind"];
export type MultipleChoice = z.infer<typeof multipleChoiceSchema>;
export type TrueFalse = z.infer<typeof trueFalseSchema>;
export type GapFill = z.infer<typeof gapFillSchema>;
export type ShortAnswer = z.infer<typeof shortAnswerSchema>;

export const GAP = "____";
export const MAX_OPTIONS = 8;
