import { and, eq } from "drizzle-orm";
import type { SetState, Slip } from "@/core/questions/edit";
import type { Db } from "../db/client";
import { sets, slips } from "../db/schema";

export type Writer = Pick<Db, "select" | "insert" | "update" | "delete">;

/** Writes what differs between two states of a set; slips that are the same object are left alone. */
export function saveState(tx: Writer, setId: string, before: SetState, after: SetState): void {
  tx.update(sets).set({ title: after.title, plan: after.plan, paper: after.paper, updatedAt: Date.now() }).where(eq(sets.id, setId)).run();
  const old = new Map(before.slips.map((slip, position) => [slip.question.id, { slip, position }]));
  after.slips.forEach((slip, position) => {
    const known = old.get(slip.question.id);
    old.delete(slip.question.id);
    if (known?.slip === slip && known.position === position) return;
    writeSlip(tx, setId, slip, position);
  });
  for (const questionId of old.keys())
    tx.delete(slips)
      .where(and(eq(slips.setId, setId), eq(slips.questionId, questionId)))
      .run();
}

export function writeSlip(tx: Writer, setId: string, slip: Slip, position: number): void {
  const row = {
    setId,
    questionId: slip.question.id,
    position,
    status: slip.status,
    asideReason: slip.asideReason ?? null,
    lookAgain: slip.lookAgain,
    answered: slip.answered,
    question: slip.question,
    origin: slip.origin ?? null,
  };
  tx.insert(slips)
    .values(row)
    .onConflictDoUpdate({ target: [slips.setId, slips.questionId], set: row })
    .run();
}
