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

/** textEntryInteraction with a numeric key: right within `tolerance` of `value`, in `unit`. */
export const numberKeySchema = z.object({ value: z.number(), tolerance: z.number().min(0), unit: z.string().max(60) });
export const numberSchema = z.object({ kind: z.literal("number"), ...common, key: numberKeySchema });
/** orderInteraction; `items` stand as on the sheet, the key is their ids in the right order. */
export const orderSchema = z.object({ kind: z.literal("order"), ...common, items: z.array(optionSchema), key: z.array(z.string()) });
/** matchInteraction; each left item has its right item. */
export const matchSchema = z.object({
  kind: z.literal("match"),
  ...common,
  left: z.array(optionSchema),
  right: z.array(optionSchema),
  key: z.array(z.tuple([z.string(), z.string()])),
});
/** extendedTextInteraction marked by points to look for. */
export const openKeySchema = z.object({ model: z.string().max(8000), points: z.array(z.string().max(1000)).max(12) });
export const openResponseSchema = z.object({ kind: z.literal("open-response"), ...common, key: openKeySchema });

/** Two choiceInteractions: an answer, then the sentence of the source that proves it. The key is one id for each. */
export const twoPartSchema = z.object({
  kind: z.literal("two-part"),
  ...common,
  options: z.array(optionSchema),
  proofStem: z.string(),
  proofs: z.array(optionSchema),
  key: z.tuple([z.string(), z.string()]),
});

export const questionSchema = z.discriminatedUnion("kind", [
  multipleChoiceSchema,
  trueFalseSchema,
  gapFillSchema,
  shortAnswerSchema,
  numberSchema,
  orderSchema,
  matchSchema,
  twoPartSchema,
  openResponseSchema,
]);
export type Question = z.infer<typeof questionSchema>;
export type QuestionKind = Question["kind"];
export type MultipleChoice = z.infer<typeof multipleChoiceSchema>;
export type TrueFalse = z.infer<typeof trueFalseSchema>;
export type GapFill = z.infer<typeof gapFillSchema>;
export type ShortAnswer = z.infer<typeof shortAnswerSchema>;

export type NumberQuestion = z.infer<typeof numberSchema>;
export type OrderQuestion = z.infer<typeof orderSchema>;
export type MatchQuestion = z.infer<typeof matchSchema>;
export type TwoPart = z.infer<typeof twoPartSchema>;
export type OpenResponse = z.infer<typeof openResponseSchema>;

export const GAP = "____";
export const MAX_OPTIONS = 8;
export const MAX_PARTS = 8;
