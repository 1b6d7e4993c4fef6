import type { Plan } from "../drafting/plan";
import type { Lexicon } from "../language/lexicon";
import { workingMinutes } from "../papers/paper";
import type { SetState, Slip } from "../questions/edit";
import { QUESTION_KINDS } from "../questions/kinds";
import { DEPTHS, type Depth, type QuestionKind } from "../questions/question";
import type { Block } from "../source/schema";
import { checkWholeSet } from "./check-whole-set";
import type { SetFinding } from "./define-set-rule";
import { letterOf } from "./option-letters";
import { keyPlaces } from "./set-rules/keys-spread";

/** How much of a block is asked about. */
export type CoveredBlock = { block: Block; kept: string[]; drafts: string[] };
/** One row of the table of specifications: a kind, planned and kept, by depth. */
export type SpecificationRow = { kind: QuestionKind; planned: number; kept: number; byDepth: Record<Depth, string[]> };

export type SetSurvey = {
  coverage: CoveredBlock[];
  specification: SpecificationRow[];
  byOutcome: { outcome: string; ids: string[] }[];
  /** Ids of multiple choices by the place of their key. */
  keyPlaces: { label: string; ids: string[] }[];
  findings: SetFinding[];
  points: number;
  minutes: number;
};

/**
 * A set as a whole: what of the source it asks about, what of the plan it fills (a table of
 * specifications, Bloom, Hastings and Madaus 1971), and what only the questions together show.
 */
export function surveySet(state: Pick<SetState, "slips" | "plan">, blocks: readonly Block[], lexicon: Lexicon): SetSurvey {
  const open = state.slips.filter((slip) => slip.status !== "aside");
  const kept = open.filter((slip) => slip.status === "kept");
  return {
    coverage: coverage(open, blocks),
    specification: specification(open, state.plan),
    byOutcome: byOutcome(kept),
    keyPlaces: placesOfKeys(open),
    findings: checkWholeSet(
      open.map((slip) => slip.question),
      lexicon,
    ),
    points: kept.reduce((sum, slip) => sum + slip.question.points, 0),
    minutes: Math.ceil(workingMinutes(kept, state.plan.grade)),
  };
}

function coverage(slips: readonly Slip[], blocks: readonly Block[]): CoveredBlock[] {
  const on = (block: Block, status: Slip["status"]) =>
    slips.filter((slip) => slip.status === status && slip.question.evidence.some((span) => span.blockId === block.id)).map((slip) => slip.question.id);
  return blocks
    .filter((block) => !block.leftOut && block.kind !== "heading" && block.kind !== "caption")
    .map((block) => ({ block, kept: on(block, "kept"), drafts: on(block, "draft") }));
}

function specification(slips: readonly Slip[], plan: Plan): SpecificationRow[] {
  return QUESTION_KINDS.map((kind): SpecificationRow => {
    const own = slips.filter((slip) => slip.question.kind === kind);
    const kept = own.filter((slip) => slip.status === "kept");
    const byDepth = Object.fromEntries(
      DEPTHS.map((depth) => [depth, kept.filter((slip) => slip.question.depth === depth).map((slip) => slip.question.id)]),
    ) as Record<Depth, string[]>;
    const planned = plan.rows.filter((row) => row.kind === kind).reduce((sum, row) => sum + row.count, 0);
    return { kind, planned, kept: kept.length, byDepth };
  }).filter((row) => row.planned > 0 || row.kept > 0);
}

function byOutcome(kept: readonly Slip[]): SetSurvey["byOutcome"] {
  const outcomes = [...new Set(kept.map((slip) => slip.question.outcome).filter((outcome): outcome is string => Boolean(outcome)))];
  return outcomes.map((outcome) => ({ outcome, ids: kept.filter((slip) => slip.question.outcome === outcome).map((slip) => slip.question.id) }));
}

function placesOfKeys(slips: readonly Slip[]): SetSurvey["keyPlaces"] {
  const places = keyPlaces(slips.map((slip) => slip.question));
  const most = Math.max(-1, ...places.keys());
  return Array.from({ length: most + 1 }, (_, at) => ({ label: letterOf(at), ids: places.get(at) ?? [] }));
}
