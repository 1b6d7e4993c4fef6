import { z } from "zod";
import { checkQuestion } from "../checking/check-question";
import { RULES } from "../checking/rules";
import type { Lexicon } from "../language/lexicon";
import { QUESTION_KINDS } from "../questions/kinds";
import { depthSchema, gapSchema, gapsOf, isChoice, numberKeySchema, optionSchema, type Question, type QuestionKind } from "../questions/question";
import { type Block, blockSchema, locatorSchema } from "../source/schema";
import { planSchema } from "./plan";

/** The shape that `vumo draft --json` prints; docs/json.md explains it. It stays stable. */
export const draftedQuestionSchema = z.object({
  id: z.string(),
  kind: z.enum(QUESTION_KINDS as [QuestionKind, ...QuestionKind[]]),
  stem: z.string(),
  options: z.array(optionSchema).optional(),
  /** Put in order. */
  items: z.array(optionSchema).optional(),
  /** Two-part with evidence. */
  parts: z.array(z.object({ stem: z.string(), options: z.array(optionSchema) })).optional(),
  /** Match. */
  left: z.array(optionSchema).optional(),
  right: z.array(optionSchema).optional(),
  key: z.union([
    z.string(),
    z.boolean(),
    numberKeySchema,
    z.array(z.string()),
    z.array(z.tuple([z.string(), z.string()])),
    z.object({
      /** One model answer, or one for each side of an argument. */
      model: z.union([z.string(), z.record(z.string(), z.string())]),
      points: z.array(z.string()),
      rubric: z.array(z.object({ points: z.number(), text: z.string() })),
    }),
    z.null(),
  ]),
  /** Gap fill with several gaps, or with words to choose from. */
  gaps: z.array(gapSchema).optional(),
  bank: z.array(z.string()).optional(),
  /** What the answer rests on, for whoever marks it. */
  explanation: z.string().optional(),
  outcome: z.string().optional(),
  /** With `--explain`: where the draft came from. */
  why: z.object({ fact: z.string(), pattern: z.string(), score: z.number(), made: z.string(), matched: z.string().optional() }).optional(),
  accepted: z.array(z.string()).optional(),
  evidence: z.array(z.object({ quote: z.string(), blockId: z.string(), start: z.number().int(), end: z.number().int(), locator: locatorSchema })),
  points: z.number(),
  depth: depthSchema,
  verdict: z.enum(["sound", "look", "wrong"]),
  checks: z.array(z.object({ rule: z.string(), verdict: z.enum(["sound", "look", "wrong"]), reason: z.string() })),
});
export const draftedSchema = z.object({
  source: z.object({ title: z.string(), blocks: z.array(blockSchema.pick({ id: true, kind: true, text: true, locator: true, leftOut: true })) }),
  plan: planSchema.extend({ seed: z.number().int() }),
  questions: z.array(draftedQuestionSchema),
  notes: z.array(z.string()),
  /** With `--explain`: what was not shown, and the gate that held it back. */
  heldBack: z
    .array(z.object({ kind: z.string(), stem: z.string(), key: z.string(), pattern: z.string(), score: z.number(), heldBack: z.string().optional() }))
    .optional(),
});
export type DraftedQuestion = z.infer<typeof draftedQuestionSchema>;
export type Drafted = z.infer<typeof draftedSchema>;

export function toDraftedQuestion(question: Question, blocks: readonly Block[], others: readonly Question[], grade: number, lexicon: Lexicon): DraftedQuestion {
  const { verdict, findings } = checkQuestion(question, { blocks, others, grade, lexicon });
  const applying = RULES.filter((rule) => rule.appliesTo === "all" || rule.appliesTo.includes(question.kind));
  const checks = applying.flatMap((rule): DraftedQuestion["checks"] => {
    const own = findings.filter((finding) => finding.rule === rule.id);
    return own.length > 0
      ? own.map(({ rule: id, verdict: found, reason }) => ({ rule: id, verdict: found, reason }))
      : [{ rule: rule.id, verdict: "sound" as const, reason: rule.about }];
  });
  return {
    id: question.id,
    kind: question.kind,
    stem: question.stem,
    ...(isChoice(question) ? { options: question.options } : {}),
    ...(question.kind === "order" ? { items: question.items } : {}),
    ...(question.kind === "match" ? { left: question.left, right: question.right } : {}),
    ...(question.kind === "two-part"
      ? {
          parts: [
            { stem: question.stem, options: question.options },
            { stem: question.proofStem, options: question.proofs },
          ],
        }
      : {}),
    key: keyOf(question),
    ...(question.kind === "gap-fill" && (question.more?.length || question.choices) ? { gaps: gapsOf(question) } : {}),
    ...(question.kind === "gap-fill" && question.bank ? { bank: question.bank } : {}),
    ...(question.explanation ? { explanation: question.explanation } : {}),
    ...(question.outcome ? { outcome: question.outcome } : {}),
    ...(question.kind === "gap-fill" || question.kind === "short-answer" ? { accepted: question.accepted } : {}),
    evidence: question.evidence.map(({ quote, blockId, start, end }) => ({
      quote,
      blockId,
      start,
      end,
      locator: blocks.find((block) => block.id === blockId)!.locator,
    })),
    points: question.points,
    depth: question.depth,
    verdict,
    checks,
  };
}

function keyOf(question: Question): DraftedQuestion["key"] {
  const rubric = question.rubric ?? [];
  switch (question.kind) {
    case "open-response":
      return { ...question.key, rubric };
    case "essay": {
      const { models, points } = question.key;
      const model = models.length === 1 ? models[0]!.text : Object.fromEntries(models.map(({ side, text }) => [side, text]));
      return { model, points, rubric };
    }
    case "gap-fill":
      return question.more?.length ? gapsOf(question).map((gap) => gap.key) : question.key;
    default:
      return question.key;
  }
}
