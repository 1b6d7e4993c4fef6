import { and, asc, desc, eq } from "drizzle-orm";
import { fail, ok, type Result } from "@/core/lib/result";
import { applySourceEdit, type SourceEditProblem } from "@/core/source/prepare/apply-source-edit";
import { invertSourceEdit } from "@/core/source/prepare/invert-source-edit";
import { mergeSourceEdits } from "@/core/source/prepare/merge-source-edits";
import type { SourceEdit, SourceState } from "@/core/source/prepare/source-edit";
import type { SourceDescription } from "@/core/source/readability/describe-source";
import { db } from "../db/client";
import { sourceEdits, sources } from "../db/schema";
import type { Writer } from "../sets/save-state";
import { moveEvidence, type Reanchored } from "./move-evidence";
import { saveSourceState, stateOf } from "./save-source";

export type EditedSource = { state: SourceState; description: SourceDescription; canUndo: boolean; canRedo: boolean } & Reanchored;
export type SourceProblem = SourceEditProblem | { type: "source-not-found" } | { type: "nothing-to-undo" };

/** Typing that goes on within this time is one step of the history. */
const MERGE_WITHIN_MS = 5000;

/** Applies edits in order, all or none; evidence in every set of the source moves along with its words. */
export function editSource(sourceId: string, wanted: readonly SourceEdit[]): Result<EditedSource, SourceProblem> {
  return db().transaction((tx) => {
    const row = tx.select().from(sources).where(eq(sources.id, sourceId)).get();
    if (!row) return fail({ type: "source-not-found" });
    let state = stateOf(row);
    for (const edit of wanted) {
      const next = applySourceEdit(state, edit);
      if (!next.ok) return next;
      state = next.value;
    }
    saveSourceState(tx, sourceId, state);
    const moved = moveEvidence(tx, sourceId);
    tx.delete(sourceEdits)
      .where(and(eq(sourceEdits.sourceId, sourceId), eq(sourceEdits.undone, true)))
      .run();
    for (const edit of wanted) remember(tx, sourceId, edit);
    return ok({ state, ...describe(tx, sourceId), ...moved });
  });
}

function remember(tx: Writer, sourceId: string, edit: SourceEdit): void {
  const last = tx.select().from(sourceEdits).where(eq(sourceEdits.sourceId, sourceId)).orderBy(desc(sourceEdits.id)).limit(1).get();
  const merged = last && Date.now() - last.at < MERGE_WITHIN_MS ? mergeSourceEdits(last.edit, edit) : undefined;
  if (last && merged) tx.update(sourceEdits).set({ edit: merged, at: Date.now() }).where(eq(sourceEdits.id, last.id)).run();
  else tx.insert(sourceEdits).values({ sourceId, edit, undone: false, at: Date.now() }).run();
}

/** Takes back the last step in Prepare, or makes the last one taken back again. */
export function stepSourceHistory(sourceId: string, direction: "undo" | "redo"): Result<EditedSource, SourceProblem> {
  return db().transaction((tx) => {
    const row = tx.select().from(sources).where(eq(sources.id, sourceId)).get();
    if (!row) return fail({ type: "source-not-found" });
    const undoing = direction === "undo";
    const step = tx
      .select()
      .from(sourceEdits)
      .where(and(eq(sourceEdits.sourceId, sourceId), eq(sourceEdits.undone, !undoing)))
      .orderBy(undoing ? desc(sourceEdits.id) : asc(sourceEdits.id))
      .limit(1)
      .get();
    if (!step) return fail({ type: "nothing-to-undo" });
    const after = applySourceEdit(stateOf(row), undoing ? invertSourceEdit(step.edit) : step.edit);
    // An edit whose block is gone is skipped over, so that history never sticks.
    const state = after.ok ? after.value : stateOf(row);
    saveSourceState(tx, sourceId, state);
    const moved = moveEvidence(tx, sourceId);
    tx.update(sourceEdits).set({ undone: undoing }).where(eq(sourceEdits.id, step.id)).run();
    return ok({ state, ...describe(tx, sourceId), ...moved });
  });
}

function describe(tx: Writer, sourceId: string): Pick<EditedSource, "description" | "canUndo" | "canRedo"> {
  const { description } = tx.select({ description: sources.description }).from(sources).where(eq(sources.id, sourceId)).get()!;
  return { description, ...sourceHistoryOf(tx, sourceId) };
}

export function sourceHistoryOf(reader: Pick<Writer, "select">, sourceId: string): { canUndo: boolean; canRedo: boolean } {
  const has = (undone: boolean) =>
    reader
      .select({ id: sourceEdits.id })
      .from(sourceEdits)
      .where(and(eq(sourceEdits.sourceId, sourceId), eq(sourceEdits.undone, undone)))
      .limit(1)
      .get() !== undefined;
  return { canUndo: has(false), canRedo: has(true) };
}
