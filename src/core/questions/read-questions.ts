import { z } from "zod";
import { fail, ok, type Result } from "../lib/result";
import { createSpan } from "../source/create-span";
import type { Block, Span } from "../source/schema";
import { PROOF_STEM } from "./kinds/two-part";
import { depthSchema, gapSchema, optionSchema, PURPOSES, type Question, questionSchema } from "./question";

/** Evidence as `vumo draft --json` prints it, or only its words. */
const evidenceSchema = z.union([
  z.string().min(1),
  z.object({ quote: z.string().min(1), blockId: z.string().optional(), start: z.number().int().nonnegative().optional() }),
]);
const writtenSchema = z.looseObject({
  id: z.string().min(1).optional(),
  kind: z.string(),
  stem: z.string(),
  options: z.array(z.union([optionSchema, z.string()])).optional(),
  items: z.array(optionSchema).optional(),
  left: z.array(optionSchema).optional(),
  right: z.array(optionSchema).optional(),
  parts: z.array(z.object({ stem: z.string(), options: z.array(optionSchema) })).optional(),
  key: z.unknown(),
  accepted: z.array(z.string()).optional(),
  gaps: z.array(gapSchema).optional(),
  bank: z.array(z.string()).optional(),
  evidence: z.union([evidenceSchema, z.array(evidenceSchema)]).optional(),
  points: z.number().optional(),
  depth: depthSchema.optional(),
  correction: z.string().optional(),
  explanation: z.string().optional(),
  purpose: z.enum(PURPOSES).optional(),
});
type Written = z.infer<typeof writtenSchema>;
export const writtenQuestionsSchema = z.union([
  z.array(writtenSchema),
  z.object({ questions: z.array(writtenSchema) }).transform(({ questions }) => questions),
]);

export type ReadProblem = { type: "question-not-understood"; number: number; why: string } | { type: "no-questions" };

/** Questions in the shape that `vumo draft --json` prints, tied to the source's blocks by their words. */
export function readQuestions(json: unknown, blocks: readonly Block[]): Result<Question[], ReadProblem> {
  const written = writtenQuestionsSchema.safeParse(json);
  if (!written.success) return fail({ type: "no-questions" });
  const questions: Question[] = [];
  for (const [index, one] of written.data.entries()) {
    const read = questionSchema.safeParse(shaped(one, index, blocks));
    if (!read.success) {
      const [issue] = read.error.issues;
      return fail({ type: "question-not-understood", number: index + 1, why: `${issue?.path.join(".") || "kind"}: ${issue?.message ?? ""}` });
    }
    questions.push(read.data);
  }
  return ok(questions);
}

/** Fields that a kind keeps under other names in the printed shape. */
function shaped(one: Written, index: number, blocks: readonly Block[]): Record<string, unknown> {
  const { gaps, parts, evidence = [], options, ...rest } = one;
  const base = {
    ...rest,
    id: one.id ?? `q${index + 1}`,
    points: one.points ?? 1,
    depth: one.depth ?? "recall",
    evidence: (Array.isArray(evidence) ? evidence : [evidence]).map((span) => spanOf(span, blocks)),
    ...(options ? { options: options.map((option, at) => (typeof option === "string" ? { id: `o${at + 1}`, text: option } : option)) } : {}),
  };
  switch (one.kind) {
    case "gap-fill": {
      const [first, ...more] = gaps ?? [];
      return first ? { ...base, ...first, ...(more.length > 0 ? { more } : {}) } : { ...base, accepted: one.accepted ?? [] };
    }
    case "short-answer":
      return { ...base, accepted: one.accepted ?? [] };
    case "two-part":
      return { ...base, options: parts?.[0]?.options, proofStem: parts?.[1]?.stem ?? PROOF_STEM, proofs: parts?.[1]?.options };
    case "open-response":
      return { ...base, ...markedBy(one.key) };
    case "essay": {
      const { key, rubric } = markedBy(one.key);
      const { model, ...others } = key as { model?: string | Record<string, string> };
      const models = typeof model === "object" ? Object.entries(model).map(([side, text]) => ({ side, text })) : [{ side: "", text: model ?? "" }];
      return { ...base, purpose: one.purpose ?? (models.length > 1 ? "argue" : "inform"), rubric, key: { ...others, models } };
    }
    default:
      return base;
  }
}

/** The rubric stands inside the printed key, and beside it in a question. */
function markedBy(key: unknown): { key: Record<string, unknown>; rubric?: unknown } {
  const { rubric, ...rest } = (key ?? {}) as Record<string, unknown>;
  return { key: rest, ...(rubric ? { rubric } : {}) };
}

/** Where the words stand: at their offset if they are there, else where they are first found; words that are nowhere stay as they are, and are reported as lost. */
function spanOf(evidence: z.infer<typeof evidenceSchema>, blocks: readonly Block[]): Span {
  const { quote, blockId, start } = typeof evidence === "string" ? { quote: evidence, blockId: undefined, start: undefined } : evidence;
  const home = blocks.find((block) => block.id === blockId);
  if (home && start !== undefined && home.text.startsWith(quote, start)) return createSpan(home, start, start + quote.length);
  const found = blocks.find((block) => !block.leftOut && block.text.includes(quote));
  if (!found) return { blockId: blockId ?? "", start: 0, end: quote.length, quote, prefix: "", suffix: "" };
  const at = found.text.indexOf(quote);
  return createSpan(found, at, at + quote.length);
}
