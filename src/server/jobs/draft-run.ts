import { and, eq, sql } from "drizzle-orm";
import { ENGINE_VERSION, type Existing } from "@/core/drafting/draft-questions";
import { learnLeanings, shiftsOf } from "@/core/drafting/ranking/learn-leanings";
import { fail, ok, type Result } from "@/core/lib/result";
import type { Slip } from "@/core/questions/edit";
import type { Question } from "@/core/questions/question";
import { draftedLanguage } from "@/core/source/join-sources";
import { db } from "../db/client";
import { runs, slips } from "../db/schema";
import { newId } from "../new-id";
import { loadJudgements } from "../sets/load-judgements";
import { type LoadedSet, loadSet } from "../sets/load-set";
import { writeSlip } from "../sets/save-state";
import { draftableSource } from "./check-set";
import { askEngine } from "./engine";
import type { Checked, EngineEvent } from "./engine-message";

export type RunEvent =
  | Extract<EngineEvent, { type: "reading" }>
  | { type: "slip"; slip: Slip; checked: Checked }
  | Extract<EngineEvent, { type: "drafted" }>
  | { type: "failed" };
type Running = { runId: string; stop: Int32Array };

/** One run at a time for each set. */
const holder = globalThis as { vumoRuns?: Map<string, Running> };
const running = (holder.vumoRuns ??= new Map());

export type RunProblem = { type: "set-not-found" } | { type: "already-drafting" } | { type: "plan-empty" } | { type: "not-in-english"; languages: string[] };

/**
 * Starts drafting by the set's plan. Every draft is written to the database before anyone hears of
 * it, so that whatever ends the run keeps what came. The run goes on if nobody listens any more.
 */
export function startRun(setId: string, seed: number, onEvent: (event: RunEvent) => void): Result<{ runId: string; finished: Promise<void> }, RunProblem> {
  const set = loadSet(setId);
  if (!set) return fail({ type: "set-not-found" });
  if (running.has(setId)) return fail({ type: "already-drafting" });
  if (set.state.plan.rows.every((row) => row.count === 0)) return fail({ type: "plan-empty" });
  if (!draftedLanguage(set.sources.map((source) => source.language)))
    return fail({ type: "not-in-english", languages: set.sources.map((source) => source.language) });
  const runId = newId("r");
  const shared = new SharedArrayBuffer(4);
  const shifts = shiftsOf(learnLeanings(loadJudgements()));
  running.set(setId, { runId, stop: new Int32Array(shared) });
  db()
    .insert(runs)
    .values({ id: runId, setId, seed, plan: set.state.plan, engine: ENGINE_VERSION, shifts, status: "running", produced: [], startedAt: Date.now() })
    .run();
  const finished = drive(set, { runId, seed, shifts, stop: shared }, onEvent).finally(() => running.delete(setId));
  return ok({ runId, finished });
}

export function stopRun(setId: string): boolean {
  const run = running.get(setId);
  if (!run) return false;
  Atomics.store(run.stop, 0, 1);
  return true;
}

export function isDrafting(setId: string): boolean {
  return running.has(setId);
}

type Drive = { runId: string; seed: number; shifts: Record<string, number>; stop: SharedArrayBuffer };

async function drive(set: LoadedSet, { runId, seed, shifts, stop }: Drive, onEvent: (event: RunEvent) => void): Promise<void> {
  const produced: Question[] = [];
  const request = {
    type: "draft" as const,
    source: draftableSource(set),
    plan: set.state.plan,
    seed,
    existing: askedAlready(set),
    shifts,
    idPrefix: runId,
    stop,
  };
  try {
    await askEngine("drafting", request, "drafted", (event) => {
      if (event.type === "reading") onEvent(event);
      if (event.type === "draft") {
        const slip = keepDraft(set.id, runId, event, produced);
        onEvent({ type: "slip", slip, checked: event.checked });
      }
      if (event.type === "drafted") {
        endRun(runId, event.stopped ? "stopped" : "done", event.report);
        onEvent(event);
      }
    });
  } catch (error) {
    console.error(error);
    endRun(runId, "failed");
    onEvent({ type: "failed" });
  }
}

/** What a further run must not ask again, set aside or not. */
export function askedAlready(set: LoadedSet): Existing {
  return { factIds: set.state.slips.flatMap((slip) => (slip.origin ? [slip.origin.factId] : [])), stems: set.state.slips.map((slip) => slip.question.stem) };
}

function keepDraft(setId: string, runId: string, { draft }: Extract<EngineEvent, { type: "draft" }>, produced: Question[]): Slip {
  const slip: Slip = { question: draft.question, status: "draft", lookAgain: false, answered: {}, origin: { runId, ...draft.origin } };
  produced.push(draft.question);
  db().transaction((tx) => {
    const last = tx
      .select({ position: sql<number>`coalesce(max(${slips.position}), -1)` })
      .from(slips)
      .where(eq(slips.setId, setId))
      .get();
    writeSlip(tx, setId, slip, (last?.position ?? -1) + 1);
    tx.update(runs).set({ produced }).where(eq(runs.id, runId)).run();
  });
  return slip;
}

function endRun(runId: string, status: "done" | "stopped" | "failed", report?: typeof runs.$inferInsert.report): void {
  db()
    .update(runs)
    .set({ status, endedAt: Date.now(), ...(report ? { report } : {}) })
    .where(and(eq(runs.id, runId), eq(runs.status, "running")))
    .run();
}
