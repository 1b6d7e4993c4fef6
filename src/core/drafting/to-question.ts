import { assertNever } from "../lib/assert-never";
import { createRandom, type Random, seedFrom } from "../lib/random";
import { PROOF_STEM } from "../questions/kinds/two-part";
import { GAP, type Question } from "../questions/question";
import { createSpan } from "../source/create-span";
import type { Candidate, CandidateParts } from "./candidate";
import { LENGTH, lengthAt } from "./drafters/draft-essays";
import { explain } from "./explain-key";
import { leadingNumber } from "./phrasing/number-forms";
import { simplifyStem } from "./phrasing/simplify-stem";
import type { PlanRow } from "./plan";

/** How a candidate is dressed for one row of one plan. */
export type Dress = { row: PlanRow; grade: number; seed: number; near: boolean; outcome?: string };

type Common = Pick<Question, "id" | "stem" | "points" | "depth" | "evidence" | "explanation" | "outcome">;
type Distracted = Pick<Candidate, "key" | "distractors" | "optionOrder">;

/** Kinds whose stem is a question; a statement or a sentence with a gap keeps the words that prove it. */
const ASKED_PLAINLY = new Set<Candidate["kind"]>(["multiple-choice", "short-answer", "number", "two-part"]);

/** A candidate as a question: options in their order, parts shuffled, the key pointing to them. */
export function toQuestion(candidate: Candidate, id: string, dress: Dress): Question {
  const { row, grade, seed, near, outcome } = dress;
  const evidence = candidate.evidence.map((sentence) => createSpan(sentence.block, sentence.start, sentence.end));
  const explanation = explain(candidate);
  const common: Common = {
    id,
    stem: ASKED_PLAINLY.has(candidate.kind) ? simplifyStem(candidate.stem, grade) : candidate.stem,
    points: row.points,
    depth: candidate.depth,
    evidence,
    ...(explanation ? { explanation } : {}),
    ...(outcome ? { outcome } : {}),
  };
  const random = createRandom(seedFrom(candidate.stem, seed));
  switch (candidate.kind) {
    case "multiple-choice":
    case "word-in-context": {
      const options = withIds(orderOptions(candidate, candidate.kind === "multiple-choice" ? (row.optionCount ?? 4) - 1 : 3, random, near), "o");
      return { kind: candidate.kind, ...common, options, key: options.find((option) => option.text === candidate.key)!.id };
    }
    case "true-false":
      return { kind: "true-false", ...common, key: candidate.key === "true", ...(candidate.correction ? { correction: candidate.correction } : {}) };
    case "gap-fill":
      return candidate.parts?.sort === "gaps" ? withParts(candidate, common, dress, random) : oneGap(candidate, common, dress, random);
    case "short-answer":
      return { kind: "short-answer", ...common, key: candidate.key, accepted: candidate.accepted };
    default:
      return withParts(candidate, common, dress, random);
  }
}

const BANK_SIZE = 5;

/** One gap: typed, or with words to choose from where there are any. */
function oneGap(candidate: Candidate, common: Common, { row, near }: Dress, random: Random): Question {
  const isOffered = row.gapAnswer !== undefined && row.gapAnswer !== "typed" && candidate.distractors.length >= 2;
  const offered = isOffered ? orderOptions(candidate, BANK_SIZE - 1, random, near) : undefined;
  const gap = { key: candidate.key, accepted: candidate.accepted };
  if (!offered) return { kind: "gap-fill", ...common, ...gap };
  return row.gapAnswer === "bank" ? { kind: "gap-fill", ...common, ...gap, bank: offered } : { kind: "gap-fill", ...common, ...gap, choices: offered };
}

/** Parts stand shuffled on the sheet; the key says where each belongs. */
function withParts(candidate: Candidate, common: Common, { row, grade, near }: Dress, random: Random): Question {
  const parts: CandidateParts = candidate.parts!;
  switch (parts.sort) {
    case "number":
      return { kind: "number", ...common, key: { value: parts.value, tolerance: 0, unit: parts.unit } };
    case "order": {
      const items = withIds(parts.items, "i");
      return { kind: "order", ...common, items: shuffledAway(items, random), key: items.map((item) => item.id) };
    }
    case "match": {
      const left = withIds(
        parts.pairs.map(([text]) => text),
        "l",
      );
      const right = withIds(
        parts.pairs.map(([, text]) => text),
        "r",
      );
      return { kind: "match", ...common, left, right: shuffledAway(right, random), key: left.map((item, index) => [item.id, right[index]!.id]) };
    }
    case "two-part": {
      const options = withIds(orderOptions(candidate, 3, random, near), "o");
      const proofs = withIds(random.shuffle(parts.proofs.map((sentence) => sentence.text)), "p");
      const key: [string, string] = [
        options.find((option) => option.text === candidate.key)!.id,
        proofs.find((proof) => proof.text === parts.proofs[0]!.text)!.id,
      ];
      return { kind: "two-part", ...common, options, proofStem: PROOF_STEM, proofs, key };
    }
    case "open":
      return {
        kind: "open-response",
        ...common,
        key: { model: parts.points.join(" "), points: parts.points },
        rubric: rubricOf(parts.levels, common.points),
      };
    case "essay":
      return {
        kind: "essay",
        ...common,
        stem: common.stem.replace(LENGTH, lengthAt(grade)[parts.purpose]),
        purpose: parts.purpose,
        key: { models: parts.models, points: parts.points },
        rubric: rubricOf(parts.levels, common.points),
      };
    case "select": {
      const options = withIds(random.shuffle([...parts.right, ...parts.wrong]), "o");
      return { kind: "select-all", ...common, options, key: options.filter((option) => parts.right.includes(option.text)).map((option) => option.id) };
    }
    case "gaps": {
      const wantsChoices = row.gapAnswer === "choose" || (row.gapAnswer === undefined && row.gapWords === "articles");
      const wantsBank = row.gapAnswer === "bank" || parts.bank !== undefined || (row.gapAnswer === undefined && row.gapWords === "prepositions");
      const gaps = parts.gaps.map(({ choices, ...gap }) => (wantsChoices && choices ? { ...gap, choices } : gap));
      const [first, ...more] = gaps;
      // A base form in brackets already says which word is meant.
      const bank = wantsBank && !common.stem.includes(`${GAP} (`) ? { bank: random.shuffle([...(parts.bank ?? gaps.map((gap) => gap.key))]) } : {};
      return { kind: "gap-fill", ...common, points: Math.min(100, common.points * gaps.length), ...first!, ...(more.length > 0 ? { more } : {}), ...bank };
    }
    case "poll":
      return { kind: "poll", ...common, options: withIds(parts.options, "o"), key: null };
    default:
      return assertNever(parts);
  }
}

function rubricOf(levels: readonly { share: number; text: string }[], points: number): NonNullable<Question["rubric"]> {
  // Whole points, each level below the one above it; what comes to nothing is no level.
  let above = Number.POSITIVE_INFINITY;
  return levels.flatMap(({ share, text }) => {
    const earned = Math.min(Math.max(1, Math.round(points * share)), above - 1);
    above = earned;
    return earned > 0 ? [{ points: earned, text }] : [];
  });
}

function withIds(texts: readonly string[], prefix: string): { id: string; text: string }[] {
  return texts.map((text, index) => ({ id: `${prefix}${index + 1}`, text }));
}

/** Another order than the right one, or there would be nothing to do. */
function shuffledAway<T>(items: readonly T[], random: Random): T[] {
  const shuffled = random.shuffle([...items]);
  return shuffled.every((item, index) => item === items[index]) ? [...shuffled.slice(1), shuffled[0]!] : shuffled;
}

/** Near: those most like the key. Far: those least like it, of all that are fair. */
function orderOptions(candidate: Distracted, wrong: number, random: Random, near: boolean): string[] {
  const chosen = near ? candidate.distractors.slice(0, wrong) : candidate.distractors.slice(-wrong);
  const texts = [candidate.key, ...chosen];
  if (candidate.optionOrder === "shuffled") return random.shuffle(texts);
  return texts.sort((a, b) => (leadingNumber(a) ?? 0) - (leadingNumber(b) ?? 0));
}
