import { z } from "zod";
import { blockSchema, choiceSchema } from "../schema";

/** All of a source that preparing it changes. What was extracted stays in the source's file. */
export const sourceStateSchema = z.object({
  title: z.string(),
  /** ISO 639-1. */
  language: z.string(),
  blocks: z.array(blockSchema),
  choice: choiceSchema.nullable(),
});
export type SourceState = z.infer<typeof sourceStateSchema>;

/** Every change of a source, as data; like a set's edits, each carries what it replaces. */
export const sourceEditSchema = z.discriminatedUnion("type", [
  z.object({ type: z.literal("set-source-title"), from: z.string().max(300), to: z.string().min(1).max(300) }),
  z.object({ type: z.literal("set-language"), from: z.string().max(12), to: z.string().max(12) }),
  z.object({ type: z.literal("set-choice"), from: choiceSchema.nullable(), to: choiceSchema.nullable() }),
  /** Leaves blocks out, with the reason, or brings them back (null). */
  z.object({
    type: z.literal("set-left-out"),
    changes: z.array(z.object({ blockId: z.string(), from: z.string().max(80).nullable(), to: z.string().max(80).nullable() })).min(1),
  }),
  /** A block's own text, kind, struck parts. */
  z.object({ type: z.literal("set-block"), blockId: z.string(), from: blockSchema, to: blockSchema }),
  /** Merging, splitting, and a text fetched anew. */
  z.object({ type: z.literal("replace-blocks"), index: z.number().int().nonnegative(), from: z.array(blockSchema), to: z.array(blockSchema) }),
]);
export type SourceEdit = z.infer<typeof sourceEditSchema>;
