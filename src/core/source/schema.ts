import { z } from "zod";

/** Where a block stands, as a reader would say it. Pages, slides and times come with their importers. */
export const locatorSchema = z.discriminatedUnion("type", [
  z.object({ type: z.literal("heading"), number: z.number().int().positive() }),
  z.object({ type: z.literal("paragraph"), number: z.number().int().positive() }),
  z.object({ type: z.literal("page"), page: z.number().int().positive(), paragraph: z.number().int().positive() }),
  z.object({ type: z.literal("slide"), slide: z.number().int().positive(), part: z.enum(["title", "text", "notes"]) }),
  z.object({ type: z.literal("time"), startMs: z.number().int().nonnegative(), endMs: z.number().int().nonnegative() }),
]);
export type Locator = z.infer<typeof locatorSchema>;

export const blockSchema = z.object({
  id: z.string(),
  kind: z.enum(["heading", "paragraph", "list-item", "quotation", "table-row", "caption", "cue"]),
  /** Heading depth, 1 for the title. */
  level: z.number().int().min(1).max(6).optional(),
  /** White space is single spaces; every offset in the product counts UTF-16 units of this text. */
  text: z.string().min(1),
  locator: locatorSchema,
  /** Why the block is not part of the passage, when it is left out. */
  leftOut: z.string().optional(),
});
export type Block = z.infer<typeof blockSchema>;

/**
 * A stretch of one block. Position and quotation together, as in the W3C Web Annotation
 * TextPositionSelector and TextQuoteSelector, so that it is found again after the text is edited.
 */
export const spanSchema = z.object({
  blockId: z.string(),
  start: z.number().int().nonnegative(),
  end: z.number().int().positive(),
  quote: z.string().min(1),
  prefix: z.string(),
  suffix: z.string(),
});
export type Span = z.infer<typeof spanSchema>;

export const sourceSchema = z.object({
  id: z.string(),
  title: z.string(),
  kind: z.enum(["text", "markdown"]),
  language: z.string(),
  blocks: z.array(blockSchema),
});
export type Source = z.infer<typeof sourceSchema>;

export const MAX_SOURCE_CHARACTERS = 300_000;
