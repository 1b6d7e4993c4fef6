import { z } from "zod";

/** Where a block stands, as a reader would say it. */
export const locatorSchema = z.discriminatedUnion("type", [
  z.object({ type: z.literal("heading"), number: z.number().int().positive() }),
  z.object({ type: z.literal("paragraph"), number: z.number().int().positive() }),
  z.object({ type: z.literal("page"), page: z.number().int().positive(), paragraph: z.number().int().positive() }),
  z.object({ type: z.literal("slide"), slide: z.number().int().positive(), part: z.enum(["title", "text", "notes"]) }),
  z.object({ type: z.literal("time"), startMs: z.number().int().nonnegative(), endMs: z.number().int().nonnegative() }),
]);
export type Locator = z.infer<typeof locatorSchema>;

/** A stretch of a block's text. */
const stretch = { start: z.number().int().nonnegative(), end: z.number().int().nonnegative() };
/** A place on a page or picture, in fractions of its width and height from the top left corner. */
export const boxSchema = z.object({ page: z.number().int().positive(), left: z.number(), top: z.number(), width: z.number(), height: z.number() });
export type Box = z.infer<typeof boxSchema>;
export const timingSchema = z.object({ ...stretch, startMs: z.number().int().nonnegative(), endMs: z.number().int().nonnegative() });
export type Timing = z.infer<typeof timingSchema>;
/** A word read off a picture, with the reader's confidence in percent. */
export const pictureWordSchema = z.object({ ...stretch, box: boxSchema, confidence: z.number() });
export type PictureWord = z.infer<typeof pictureWordSchema>;
export type Stretch = { start: number; end: number };

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
  /** Parts struck out by hand; `readingBlocks` takes them out of the text. */
  struck: z.array(z.object(stretch)).optional(),
  /** Where the block stands on the page or picture it was read from. */
  box: boxSchema.optional(),
  /** Percent; only where the text was read off a picture. */
  confidence: z.number().optional(),
  words: z.array(pictureWordSchema).optional(),
  /** When each sentence is spoken. */
  timings: z.array(timingSchema).optional(),
  /** Full stops and capitals that the captions lacked and we put in. */
  restored: z.array(z.object(stretch)).optional(),
  speaker: z.string().optional(),
  /** The picture that a caption describes: an address under the application's own. */
  picture: z.string().optional(),
  /** Which source of a set the block is from. */
  sourceId: z.string().optional(),
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

export const SOURCE_KINDS = [
  "text",
  "markdown",
  "web-page",
  "html",
  "pdf",
  "docx",
  "odt",
  "rtf",
  "epub",
  "pptx",
  "odp",
  "captions",
  "video",
  "audio",
  "picture",
  "excerpts",
] as const;
export const sourceKindSchema = z.enum(SOURCE_KINDS);
export type SourceKind = z.infer<typeof sourceKindSchema>;

/** The part of a source that is meant: pages or slides by number, time in milliseconds. Both ends belong to it. */
export const choiceSchema = z.object({ unit: z.enum(["page", "slide", "time"]), from: z.number().nonnegative(), to: z.number().nonnegative() });
export type Choice = z.infer<typeof choiceSchema>;

/** Pasted text; what files hold may be longer, since a part of it is chosen afterwards. */
export const MAX_SOURCE_CHARACTERS = 300_000;
export const MAX_IMPORTED_CHARACTERS = 3_000_000;
