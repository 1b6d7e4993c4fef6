import { desc, eq, sql } from "drizzle-orm";
import { db } from "../db/client";
import { setSources, sets, slips, sources } from "../db/schema";
import type { SourceRow } from "./save-source";

export type SourceSet = { id: string; title: string; drafts: number; kept: number; updatedAt: number };
export type SourceQuestion = { id: string; setId: string; stem: string; status: string };

export function loadSource(sourceId: string): SourceRow | undefined {
  return db().select().from(sources).where(eq(sources.id, sourceId)).get();
}

/** The sets a source is used in, latest first. */
export function setsOfSource(sourceId: string): SourceSet[] {
  return db()
    .select({
      id: sets.id,
      title: sets.title,
      updatedAt: sets.updatedAt,
      drafts: sql<number>`(select count(*) from ${slips} where ${slips.setId} = ${sets.id})`,
      kept: sql<number>`(select count(*) from ${slips} where ${slips.setId} = ${sets.id} and ${slips.status} = 'kept')`,
    })
    .from(setSources)
    .innerJoin(sets, eq(sets.id, setSources.setId))
    .where(eq(setSources.sourceId, sourceId))
    .orderBy(desc(sets.updatedAt))
    .all();
}

/** The questions whose evidence stands in this source, not those of its neighbours in a set. */
export function questionsOfSource(sourceId: string): SourceQuestion[] {
  return setsOfSource(sourceId).flatMap(({ id: setId }) => {
    const first = db().select({ id: setSources.sourceId }).from(setSources).where(eq(setSources.setId, setId)).orderBy(setSources.position).get();
    const isOwn = (blockId: string) => (first?.id === sourceId ? !blockId.includes(":") : blockId.startsWith(`${sourceId}:`));
    return db()
      .select()
      .from(slips)
      .where(eq(slips.setId, setId))
      .orderBy(slips.position)
      .all()
      .filter((slip) => slip.question.evidence.some((span) => isOwn(span.blockId)))
      .map((slip) => ({ id: slip.questionId, setId, stem: slip.question.stem, status: slip.status }));
  });
}
