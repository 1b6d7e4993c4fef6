import { asc, desc, eq } from "drizzle-orm";
import type { SetState, Slip } from "@/core/questions/edit";
import { joinSources } from "@/core/source/join-sources";
import type { Block } from "@/core/source/schema";
import { type Db, db } from "../db/client";
import { runs, setSources, sets, slips, sources } from "../db/schema";

export type LoadedSet = {
  id: string;
  state: SetState;
  /** In their order; at least one. */
  sources: (typeof sources.$inferSelect)[];
  /** The blocks of all sources, as one text. */
  blocks: Block[];
  lastRun?: Pick<typeof runs.$inferSelect, "id" | "status" | "report" | "seed">;
};

/** A set with its sources; undefined where there is none of that id. */
export function loadSet(setId: string): LoadedSet | undefined {
  const state = loadState(db(), setId);
  if (!state) return undefined;
  const { sources: found, blocks } = loadSetSources(db(), setId);
  if (found.length === 0) return undefined;
  const lastRun = db()
    .select({ id: runs.id, status: runs.status, report: runs.report, seed: runs.seed })
    .from(runs)
    .where(eq(runs.setId, setId))
    .orderBy(desc(runs.startedAt))
    .get();
  return { id: setId, state, sources: found, blocks, ...(lastRun ? { lastRun } : {}) };
}

type Reader = Pick<Db, "select">;

/** The sources of a set in their order, and their blocks as one text. */
export function loadSetSources(reader: Reader, setId: string): Pick<LoadedSet, "sources" | "blocks"> {
  const rows = reader
    .select({ source: sources })
    .from(setSources)
    .innerJoin(sources, eq(sources.id, setSources.sourceId))
    .where(eq(setSources.setId, setId))
    .orderBy(asc(setSources.position))
    .all();
  const found = rows.map((row) => row.source);
  return { sources: found, blocks: found.length > 0 ? joinSources(found) : [] };
}

export function loadState(reader: Reader, setId: string): SetState | undefined {
  const set = reader.select().from(sets).where(eq(sets.id, setId)).get();
  if (!set) return undefined;
  const rows = reader.select().from(slips).where(eq(slips.setId, setId)).orderBy(asc(slips.position)).all();
  return { title: set.title, plan: set.plan, paper: set.paper, slips: rows.map(toSlip) };
}

function toSlip(row: typeof slips.$inferSelect): Slip {
  const { question, status, lookAgain, answered, origin, asideReason } = row;
  return { question, status, lookAgain, answered, ...(asideReason ? { asideReason } : {}), ...(origin ? { origin } : {}) };
}
