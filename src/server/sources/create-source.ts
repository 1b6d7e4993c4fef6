import { createDefaultPlan } from "@/core/drafting/plan";
import type { Imported } from "@/core/importers/importer";
import { type PassageProblem, readPassage } from "@/core/importers/read-passage";
import { ok, type Result } from "@/core/lib/result";
import { createPaperSettings } from "@/core/papers/paper";
import type { SourceDescription } from "@/core/source/readability/describe-source";
import { languageOf } from "@/core/spanish/language-of";
import { db } from "../db/client";
import { setSources, sets, sources } from "../db/schema";
import type { ImportedSource } from "../importing/import-message";
import { newId } from "../new-id";
import { derivedColumns, indexPassages } from "./save-source";

export type CreatedSource = { sourceId: string; setId: string };
export type NewSource = { text: string; kind: "text" | "markdown"; name: string; title?: string; grade?: number; ids?: CreatedSource };

/** What is known of a source besides what an importer found in it. */
export type Origin = Partial<
  Pick<typeof sources.$inferInsert, "original" | "fileHash" | "mediaHash" | "viewHash" | "url" | "fetchedAt" | "folder" | "choice">
> & {
  grade?: number;
  ids?: CreatedSource;
};

/** Stores a passage and opens a set on it. */
export function createSource(input: NewSource): Result<CreatedSource, PassageProblem> {
  const passage = readPassage(input.text, input.kind, input.name);
  if (!passage.ok) return passage;
  const title = input.title?.trim() || passage.value.title;
  const { grade, ids } = input;
  const origin = { original: input.text, ...(grade ? { grade } : {}), ...(ids ? { ids } : {}) };
  return ok(storeImported({ ...passage.value, title, language: languageOf(passage.value.blocks.map((block) => block.text).join(" ")), warnings: [] }, origin));
}

/** Stores what an importer made of a file, and opens a set on it. */
export function storeImported(imported: ImportedSource, origin: Origin = {}): CreatedSource {
  const { title, kind, byline, published, pages, slides, durationMs, warnings, blocks, language, description: counted } = imported;
  const { grade: wantedGrade, ids, choice = null, ...columns } = origin;
  const derived = derivedColumns({ title, language, blocks, choice }, counted);
  const description = derived.description as SourceDescription;
  const grade = wantedGrade ?? Math.min(12, Math.max(1, Math.round(description.grade?.middle ?? 5)));
  const now = Date.now();
  const { sourceId, setId } = ids ?? { sourceId: newId("s"), setId: newId("t") };
  db().transaction((tx) => {
    tx.insert(sources)
      .values({
        ...derived,
        ...{ id: sourceId, kind, original: "", warnings, createdAt: now, updatedAt: now },
        ...{ byline: byline ?? null, published: published ?? null, pages: pages ?? null, slides: slides ?? null, durationMs: durationMs ?? null },
        ...columns,
      })
      .run();
    indexPassages(tx, sourceId, derived.blocks as Imported["blocks"]);
    tx.insert(sets)
      .values({ id: setId, title, plan: createDefaultPlan(grade), paper: createPaperSettings(title), createdAt: now, updatedAt: now })
      .run();
    tx.insert(setSources).values({ setId, sourceId, position: 0 }).run();
  });
  return { sourceId, setId };
}
