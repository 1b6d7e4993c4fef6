import { z } from "zod";
import { planSchema } from "../drafting/plan";
import { spanSchema } from "../source/schema";
import {
  depthSchema,
  essayKeySchema,
  gapFillSchema,
  matchSchema,
  multipleChoiceSchema,
  numberKeySchema,
  openKeySchema,
  optionSchema,
  orderSchema,
  questionSchema,
  twoPartSchema,
} from "./question";

/** Where a question stands in the teacher's judgement. */
export const statusSchema = z.enum(["draft", "kept", "aside"]);
export type Status = z.infer<typeof statusSchema>;

/** Why a draft was set aside; said with one key, or not at all. */
export const asideReasonSchema = z.enum(["not-worth-asking", "too-easy", "too-hard", "badly-worded", "key-doubtful", "not-taught"]);
export type AsideReason = z.infer<typeof asideReasonSchema>;

/** A question in a set, with what the teacher and the engine say of it. */
export const slipSchema = z.object({
  question: questionSchema,
  status: statusSchema,
  asideReason: asideReasonSchema.optional(),
  lookAgain: z.boolean(),
  /** Rules whose doubt the teacher has answered, with the words they were answered for. */
  answered: z.record(z.string(), z.string()).default({}),
  origin: z.object({ runId: z.string(), factId: z.string(), pattern: z.string(), score: z.number(), matched: z.string().optional() }).optional(),
});
export type Slip = z.infer<typeof slipSchema>;

export const paperSettingsSchema = z.object({
  title: z.string().max(200),
  directions: z.string().max(2000),
  labels: z.enum(["letters", "numbers"]),
  showPassage: z.boolean(),
  showPoints: z.boolean(),
});
export type PaperSettings = z.infer<typeof paperSettingsSchema>;

/** All of a set that edits change. The order of `slips` is the order on the paper. */
export const setStateSchema = z.object({ title: z.string(), plan: planSchema, paper: paperSettingsSchema, slips: z.array(slipSchema) });
export type SetState = z.infer<typeof setStateSchema>;

export const partsSchema = z.union([
  orderSchema.pick({ items: true, key: true }),
  matchSchema.pick({ left: true, right: true, key: true }),
  twoPartSchema.pick({ options: true, proofStem: true, proofs: true, key: true }),
  /** Gap fill: what its gaps take, and the words to choose from. */
  gapFillSchema.pick({ key: true, accepted: true, choices: true, more: true, bank: true }),
  /** Multiple choice: its options in another order. */
  multipleChoiceSchema.pick({ options: true, key: true }),
]);
export type Parts = z.infer<typeof partsSchema>;

const at = { questionId: z.string() };
const change = <T extends z.ZodType>(value: T) => ({ ...at, from: value, to: value });

/**
 * Every change of a set, as data. Each carries what it replaces, so that it can be undone, and so
 * that applying it to something else is noticed.
 */
export const editSchema = z.discriminatedUnion("type", [
  z.object({ type: z.literal("set-stem"), ...change(z.string().max(4000)) }),
  z.object({ type: z.literal("set-option"), optionId: z.string(), ...change(z.string().max(2000)) }),
  z.object({ type: z.literal("add-option"), index: z.number().int().nonnegative(), option: optionSchema, ...at }),
  z.object({ type: z.literal("remove-option"), index: z.number().int().nonnegative(), option: optionSchema, ...at }),
  z.object({
    type: z.literal("set-key"),
    ...change(z.union([z.string().max(4000), z.boolean(), numberKeySchema, openKeySchema, essayKeySchema, z.array(z.string())])),
  }),
  /** Items and their order, or the two columns and what belongs together: always whole, so that no part points to one that is gone. */
  z.object({ type: z.literal("set-parts"), ...change(partsSchema) }),
  z.object({ type: z.literal("set-accepted"), ...change(z.array(z.string().max(500)).max(60)) }),
  z.object({ type: z.literal("set-points"), ...change(z.number().min(0).max(100)) }),
  /** What stands beside a question: its explanation, the outcome it serves. */
  z.object({ type: z.literal("set-note"), field: z.enum(["explanation", "outcome"]), ...change(z.string().max(2000)) }),
  z.object({ type: z.literal("set-depth"), ...change(depthSchema) }),
  z.object({ type: z.literal("set-evidence"), ...change(z.array(spanSchema).max(12)) }),
  z.object({
    type: z.literal("set-status"),
    ...change(statusSchema),
    /** Why it was set aside before, and why it is now. */
    reason: z.object({ from: asideReasonSchema.nullable(), to: asideReasonSchema.nullable() }).optional(),
  }),
  z.object({ type: z.literal("set-look-again"), ...change(z.boolean()) }),
  z.object({ type: z.literal("answer-doubt"), rule: z.string(), ...change(z.string().nullable()) }),
  z.object({ type: z.literal("add-question"), index: z.number().int().nonnegative(), slip: slipSchema }),
  z.object({ type: z.literal("remove-question"), index: z.number().int().nonnegative(), slip: slipSchema }),
  z.object({ type: z.literal("move-question"), ...change(z.number().int().nonnegative()) }),
  z.object({ type: z.literal("set-plan"), from: planSchema, to: planSchema }),
  z.object({ type: z.literal("set-paper"), from: paperSettingsSchema, to: paperSettingsSchema }),
  z.object({ type: z.literal("set-title"), from: z.string().max(200), to: z.string().max(200) }),
]);
export type Edit = z.infer<typeof editSchema>;
