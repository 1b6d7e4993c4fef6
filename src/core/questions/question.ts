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
/** choiceInteraction with any number of right choices. The key is the ids of all that are right. */
export const selectAllSchema = z.object({ kind: z.literal("select-all"), ...common, options: z.array(optionSchema), key: z.array(z.string()) });
/** choiceInteraction on what a word means where it stands. */
export const wordInContextSchema = z.object({ kind: z.literal("word-in-context"), ...common, options: z.array(optionSchema), key: z.string() });
/** choiceInteraction without a right choice. */
export const pollSchema = z.object({ kind: z.literal("poll"), ...common, options: z.array(optionSchema), key: z.null() });
/** choiceInteraction with two fixed choices. */
export const trueFalseSchema = z.object({ kind: z.literal("true-false"), ...common, key: z.boolean(), correction: z.string().optional() });
/** What one gap takes: typed, or (inlineChoiceInteraction) one of its choices. */
export const gapSchema = z.object({
  key: z.string().max(500),
  accepted: z.array(z.string().max(500)).max(60),
  choices: z.array(z.string().max(500)).max(8).optional(),
});
export type Gap = z.infer<typeof gapSchema>;
/** textEntryInteraction; each gap in the stem is GAP. `key` belongs to the first gap, `more` to those after it. */
export const gapFillSchema = z.object({
  kind: z.literal("gap-fill"),
  ...common,
  ...gapSchema.shape,
  more: z.array(gapSchema).max(12).optional(),
  /** Words to choose from, printed under the sentence, for all gaps together. */
  bank: z.array(z.string().max(500)).max(24).optional(),
});
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

export const PURPOSES = ["inform", "argue", "tell"] as const;
/** One model answer, or one for each side of an argument. */
export const essayKeySchema = z.object({
  models: z
    .array(z.object({ side: z.string().max(60), text: z.string().max(8000) }))
    .min(1)
    .max(2),
  points: z.array(z.string().max(1000)).max(12),
});
/** extendedTextInteraction of several paragraphs. */
export const essaySchema = z.object({ kind: z.literal("essay"), ...common, purpose: z.enum(PURPOSES), key: essayKeySchema });

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
  selectAllSchema,
  trueFalseSchema,
  gapFillSchema,
  shortAnswerSchema,
  numberSchema,
  orderSchema,
  matchSchema,
  twoPartSchema,
  openResponseSchema,
  essaySchema,
  wordInContextSchema,
  pollSchema,
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

export type SelectAll = z.infer<typeof selectAllSchema>;
export type Essay = z.infer<typeof essaySchema>;
export type WordInContext = z.infer<typeof wordInContextSchema>;
export type Poll = z.infer<typeof pollSchema>;
/** Kinds with a list of options to choose from. */
export type Choice = MultipleChoice | SelectAll | WordInContext | Poll;

export function isChoice(question: Question): question is Choice {
  return question.kind === "multiple-choice" || question.kind === "select-all" || question.kind === "word-in-context" || question.kind === "poll";
}

/** Whether an option is one of the right ones. */
export function isKeyed(question: Choice, optionId: string): boolean {
  return question.key !== null && (typeof question.key === "string" ? question.key === optionId : question.key.includes(optionId));
}

/** All gaps of a gap fill, in the order of the stem. */
export function gapsOf({ key, accepted, choices, more = [] }: GapFill): Gap[] {
  return [{ key, accepted, ...(choices ? { choices } : {}) }, ...more];
}

export const GAP = "____";
export const MAX_OPTIONS = 8;
export const MAX_PARTS = 8;
