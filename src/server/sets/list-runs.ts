import { desc, eq } from "drizzle-orm";
import { db } from "../db/client";
import { runs } from "../db/schema";

export type RunLine = { id: string; seed: number; status: string; drafts: number; asked: number; startedAt: number };

/** The drafting runs of a set, newest first. */
export function listRuns(setId: string): RunLine[] {
  const rows = db().select().from(runs).where(eq(runs.setId, setId)).orderBy(desc(runs.startedAt)).limit(20).all();
  return rows.map((run) => ({
    id: run.id,
    seed: run.seed,
    status: run.status,
    drafts: run.produced.length,
    asked: run.plan.rows.reduce((sum, row) => sum + row.count, 0),
    startedAt: run.startedAt,
  }));
}
