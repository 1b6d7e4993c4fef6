import { readFileSync } from "node:fs";
import path from "node:path";
import { draftQuestions, ENGINE_VERSION } from "@/core/drafting/draft-questions";
import { createDefaultPlan } from "@/core/drafting/plan";
import { analyseText } from "@/core/language/analyse-text";
import type { Slip } from "@/core/questions/edit";
import { db } from "@/server/db/client";
import { runs, sets } from "@/server/db/schema";
import { loadLanguageTools } from "@/server/language/load-language-tools";
import { loadSet } from "@/server/sets/load-set";
import { saveState } from "@/server/sets/save-state";
import { createSource } from "@/server/sources/create-source";
import { DEMO_PASSAGES } from "./passages";

const SEED = 1;
/** Kept in the demo from the start, so that paper and key have something on them. */
const KEPT_OF_FIRST = 6;

/** Fills an empty database with the demo scenario; does nothing where there are sets already. */
function seedDemo(): void {
  if (db().select({ id: sets.id }).from(sets).limit(1).get()) return;
  // The last one made stands at the top of the list and is opened first.
  for (const passage of [...DEMO_PASSAGES].reverse()) {
    const text = readFileSync(path.join(import.meta.dirname, "passages", passage.file), "utf8");
    const created = createSource({
      text,
      kind: "markdown",
      name: passage.file,
      ids: { sourceId: `s-${passage.id}`, setId: `demo-${passage.id}` },
      grade: passage.grade,
    });
    if (!created.ok) throw new Error(`${passage.file}: ${created.problem.type}`);
    if (passage.drafts) seedDrafts(created.value.setId, passage.grade, passage.id === "lens" ? KEPT_OF_FIRST : 0);
  }
}

function seedDrafts(setId: string, grade: number, keptCount: number): void {
  const set = loadSet(setId)!;
  const plan = createDefaultPlan(grade);
  const analysis = analyseText(set.blocks, loadLanguageTools());
  const runId = `run-${setId}`;
  const drafts = draftQuestions({ analysis, plan, seed: SEED, newId: (index) => `${runId}-${index + 1}` });
  const slips: Slip[] = [];
  let step = drafts.next();
  for (; !step.done; step = drafts.next())
    slips.push({ question: step.value.question, status: "draft", lookAgain: false, answered: {}, origin: { runId, ...step.value.origin } });
  const kept = slips.map((slip, index): Slip => (index % 2 === 0 && index / 2 < keptCount ? { ...slip, status: "kept" } : slip));
  db().transaction((tx) => {
    tx.insert(runs)
      .values({
        id: runId,
        setId,
        seed: SEED,
        plan,
        engine: ENGINE_VERSION,
        status: "done",
        produced: slips.map((slip) => slip.question),
        report: step.done ? step.value : null,
        startedAt: Date.now(),
        endedAt: Date.now(),
      })
      .run();
    saveState(tx, setId, set.state, { ...set.state, plan, slips: kept });
  });
}

seedDemo();
