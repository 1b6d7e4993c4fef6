import { and, asc, desc, eq, inArray } from "drizzle-orm";
import { fail, ok, type Result } from "@/core/lib/result";
import { applyEdit, type EditProblem } from "@/core/questions/apply-edit";
import type { Edit, SetState } from "@/core/questions/edit";
import { invertEdit } from "@/core/questions/invert-edit";
import { mergeEdits } from "@/core/questions/merge-edits";
import { db } from "../db/client";
import { edits } from "../db/schema";
import { loadState } from "./load-set";
import { saveState, type Writer } from "./save-state";

export type SetProblem = EditProblem | { type: "set-not-found" } | { type: "nothing-to-undo" };
export type EditedSet = { state: SetState; canUndo: boolean; canRedo: boolean; touched: string[] };

/** Typing that goes on within this time is one step of the history. */
const MERGE_WITHIN_MS = 5000;

/** Applies edits in order, all or none, and keeps them in the history. */
export function editSet(setId: string, wanted: readonly Edit[], steps: readonly (string | null)[] = []): Result<EditedSet, SetProblem> {
  return db().transaction((tx) => {
    const before = loadState(tx, setId);
    if (!before) return fail({ type: "set-not-found" });
    let after = before;
    for (const edit of wanted) {
      const next = applyEdit(after, edit);
      if (!next.ok) return next;
      after = next.value;
    }
    saveState(tx, setId, before, after);
    tx.delete(edits)
      .where(and(eq(edits.setId, setId), eq(edits.undone, true)))
      .run();
    for (const [index, edit] of wanted.entries()) remember(tx, setId, edit, steps[index] ?? null);
    return ok({ state: after, ...historyOf(tx, setId), touched: wanted.flatMap(touchedBy) });
  });
}

function remember(tx: Writer, setId: string, edit: Edit, step: string | null): void {
  const last = tx.select().from(edits).where(eq(edits.setId, setId)).orderBy(desc(edits.id)).limit(1).get();
  const merged = last && last.step === step && Date.now() - last.at < MERGE_WITHIN_MS ? mergeEdits(last.edit, edit) : undefined;
  if (last && merged) tx.update(edits).set({ edit: merged, at: Date.now() }).where(eq(edits.id, last.id)).run();
  else tx.insert(edits).values({ setId, edit, undone: false, at: Date.now(), step }).run();
}

/** Takes back the last step, or makes the last one taken back again. */
export function stepHistory(setId: string, direction: "undo" | "redo"): Result<EditedSet, SetProblem> {
  return db().transaction((tx) => {
    const before = loadState(tx, setId);
    if (!before) return fail({ type: "set-not-found" });
    const undoing = direction === "undo";
    const steps = stepFrom(tx, setId, undoing);
    if (steps.length === 0) return fail({ type: "nothing-to-undo" });
    let after = before;
    for (const step of steps) {
      const next = applyEdit(after, undoing ? invertEdit(step.edit) : step.edit);
      // An edit whose question is gone is skipped over, so that history never sticks.
      if (next.ok) after = next.value;
    }
    saveState(tx, setId, before, after);
    tx.update(edits)
      .set({ undone: undoing })
      .where(
        inArray(
          edits.id,
          steps.map(({ id }) => id),
        ),
      )
      .run();
    return ok({ state: after, ...historyOf(tx, setId), touched: steps.flatMap((step) => touchedBy(step.edit)) });
  });
}

/** The edits of the next step back or forward, in the order in which they are taken. */
function stepFrom(reader: Pick<Writer, "select">, setId: string, undoing: boolean): (typeof edits.$inferSelect)[] {
  const next = reader
    .select()
    .from(edits)
    .where(and(eq(edits.setId, setId), eq(edits.undone, !undoing)))
    .orderBy(undoing ? desc(edits.id) : asc(edits.id));
  const [first] = next.limit(1).all();
  if (!first || first.step === null) return first ? [first] : [];
  const sharing = and(eq(edits.setId, setId), eq(edits.undone, !undoing), eq(edits.step, first.step));
  return reader
    .select()
    .from(edits)
    .where(sharing)
    .orderBy(undoing ? desc(edits.id) : asc(edits.id))
    .all();
}

export function historyOf(reader: Pick<Writer, "select">, setId: string): { canUndo: boolean; canRedo: boolean } {
  const has = (undone: boolean) =>
    reader
      .select({ id: edits.id })
      .from(edits)
      .where(and(eq(edits.setId, setId), eq(edits.undone, undone)))
      .limit(1)
      .get() !== undefined;
  return { canUndo: has(false), canRedo: has(true) };
}

function touchedBy(edit: Edit): string[] {
  if ("questionId" in edit) return [edit.questionId];
  return "slip" in edit ? [edit.slip.question.id] : [];
}
