import { createDefaultPlan } from "@/core/drafting/plan";
import type { PassageProblem } from "@/core/importers/read-passage";
import { readPassage } from "@/core/importers/read-passage";
import { ok, type Result } from "@/core/lib/result";
import { createPaperSettings } from "@/core/papers/paper";
import { describeSource } from "@/core/source/readability/describe-source";
import { db } from "../db/client";
import { setSources, sets, sources } from "../db/schema";
import { newId } from "../new-id";

export type NewSource = { text: string; kind: "text" | "markdown"; name: string; title?: string; grade?: number; ids?: { sourceId: string; setId: string } };

/** Stores a passage and opens a set on it. */
export function createSource(input: NewSource): Result<{ sourceId: string; setId: string }, PassageProblem> {
  const passage = readPassage(input.text, input.kind, input.name);
  if (!passage.ok) return passage;
  const { blocks } = passage.value;
  const title = input.title?.trim() || passage.value.title;
  const description = describeSource(blocks);
  const grade = input.grade ?? Math.min(12, Math.max(1, Math.round(description.grade?.middle ?? 5)));
  const now = Date.now();
  const { sourceId, setId } = input.ids ?? { sourceId: newId("s"), setId: newId("t") };
  db().transaction((tx) => {
    tx.insert(sources)
      .values({ id: sourceId, title, kind: input.kind, language: "en", original: input.text, blocks, description, createdAt: now, updatedAt: now })
      .run();
    tx.insert(sets)
      .values({ id: setId, title, plan: createDefaultPlan(grade), paper: createPaperSettings(title), createdAt: now, updatedAt: now })
      .run();
    tx.insert(setSources).values({ setId, sourceId, position: 0 }).run();
  });
  return ok({ sourceId, setId });
}
