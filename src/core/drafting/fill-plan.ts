import type { Analysis } from "../language/analysis";
import { balancePlan } from "./balance-plan";
import { countSupply, type Supply } from "./candidates";
import { type DraftReport, draftQuestions, type Existing } from "./draft-questions";
import type { Plan } from "./plan";

const ROUNDS = 4;

/**
 * A balanced plan of `wanted` questions that can really be drafted: kinds share the facts of a text, so
 * what falls short in one is planned anew in the others until the number is reached or nothing is left.
 */
export function fillPlan(analysis: Analysis, wanted: number, base: Plan, seed: number, existing?: Existing): Plan {
  let supply: Supply = countSupply(analysis, seed).supply;
  const steer = base.steer ? { steer: base.steer } : {};
  let best: { plan: Plan; drafted: number } | undefined;
  for (let round = 0; round < ROUNDS; round++) {
    const plan = { ...balancePlan(supply, wanted, base.grade, round > 0 ? "all" : "a share"), ...steer };
    const report = tryPlan(draftQuestions({ analysis, plan, seed, ...(existing ? { existing } : {}), newId: String }));
    const drafted = report.rows.reduce((sum, row) => sum + row.drafted, 0);
    if (!best || drafted > best.drafted) best = { plan: trimmed(plan, report), drafted };
    if (drafted >= wanted) break;
    supply = { ...supply };
    for (const row of report.rows) if (row.drafted < row.asked) supply[row.kind] = row.drafted;
  }
  return best!.plan;
}

/** Rows ask for what they get. */
function trimmed(plan: Plan, report: DraftReport): Plan {
  return { ...plan, rows: plan.rows.flatMap((row, index) => (report.rows[index]!.drafted > 0 ? [{ ...row, count: report.rows[index]!.drafted }] : [])) };
}

function tryPlan(drafts: Generator<unknown, DraftReport>): DraftReport {
  for (let step = drafts.next(); ; step = drafts.next()) if (step.done) return step.value;
}
