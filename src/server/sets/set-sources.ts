import { and, eq } from "drizzle-orm";
import { createDefaultPlan } from "@/core/drafting/plan";
import { fail, ok, type Result } from "@/core/lib/result";
import { createPaperSettings } from "@/core/papers/paper";
import { db } from "../db/client";
import { setSources, sets, sources } from "../db/schema";
import { newId } from "../new-id";
import { moveEvidence } from "../sources/move-evidence";

type Problem = { type: "set-not-found" } | { type: "source-not-found" } | { type: "last-source" };

/** A further set on sources that are here already. */
export function createSet(sourceIds: readonly string[]): Result<{ setId: string }, Problem> {
  const rows = sourceIds.flatMap((id) => db().select().from(sources).where(eq(sources.id, id)).get() ?? []);
  if (rows.length === 0 || rows.length < sourceIds.length) return fail({ type: "source-not-found" });
  const [first] = rows;
  const setId = newId("t");
  const now = Date.now();
  const grade = Math.min(12, Math.max(1, Math.round(first!.description.grade?.middle ?? 5)));
  db().transaction((tx) => {
    tx.insert(sets)
      .values({ id: setId, title: first!.title, plan: createDefaultPlan(grade), paper: createPaperSettings(first!.title), createdAt: now, updatedAt: now })
      .run();
    rows.forEach((row, position) => void tx.insert(setSources).values({ setId, sourceId: row.id, position }).run());
  });
  return ok({ setId });
}

export function addSourceToSet(setId: string, sourceId: string): Result<{ setId: string }, Problem> {
  return db().transaction((tx) => {
    if (!tx.select().from(sets).where(eq(sets.id, setId)).get()) return fail({ type: "set-not-found" });
    if (!tx.select().from(sources).where(eq(sources.id, sourceId)).get()) return fail({ type: "source-not-found" });
    const used = tx.select().from(setSources).where(eq(setSources.setId, setId)).all();
    const position = Math.max(-1, ...used.map((row) => row.position)) + 1;
    tx.insert(setSources).values({ setId, sourceId, position }).onConflictDoNothing().run();
    return ok({ setId });
  });
}

/** Takes a source out of a set. Its questions stay, and say that their evidence is gone; adding it again brings the evidence back. */
export function removeSourceFromSet(setId: string, sourceId: string): Result<{ setId: string }, Problem> {
  return db().transaction((tx) => {
    const used = tx.select().from(setSources).where(eq(setSources.setId, setId)).all();
    if (!used.some((row) => row.sourceId === sourceId)) return fail({ type: "source-not-found" });
    if (used.length === 1) return fail({ type: "last-source" });
    tx.delete(setSources)
      .where(and(eq(setSources.setId, setId), eq(setSources.sourceId, sourceId)))
      .run();
    // The first source's blocks carry no prefix, so what is left may have new names.
    moveEvidence(tx, used.find((row) => row.sourceId !== sourceId)!.sourceId);
    return ok({ setId });
  });
}
