import { desc, sql } from "drizzle-orm";
import type { SourceKind } from "@/core/source/schema";
import { db } from "../db/client";
import { setSources, sets, slips, sources } from "../db/schema";

export type SourceLine = {
  id: string;
  title: string;
  kind: SourceKind;
  language: string;
  words: number;
  pages: number | null;
  slides: number | null;
  durationMs: number | null;
  grade?: { lowest: number; highest: number; middle: number };
  /** The set of it that was worked on last. */
  setId: string | null;
  sets: number;
  drafts: number;
  kept: number;
  folder: string | null;
  createdAt: number;
};

/** Which part of the list: what is at hand, a folder of it, what was archived, what was deleted. */
export type SourceShelf = { sort: "all" } | { sort: "folder"; name: string } | { sort: "archived" } | { sort: "deleted" };

type Row = typeof sources.$inferSelect;

/** Every source as one line, newest first, with the questions that hang on it. */
export function listSources(shelf: SourceShelf = { sort: "all" }): SourceLine[] {
  const counts = countQuestions();
  return db()
    .select()
    .from(sources)
    .orderBy(desc(sources.createdAt), desc(sql`rowid`))
    .all()
    .filter((row) => isOnShelf(row, shelf))
    .map((row) => toLine(row, counts.get(row.id)));
}

function isOnShelf(row: Row, shelf: SourceShelf): boolean {
  if (row.deletedAt) return shelf.sort === "deleted";
  if (row.archivedAt) return shelf.sort === "archived";
  return shelf.sort === "all" || (shelf.sort === "folder" && row.folder === shelf.name);
}

export type Shelves = { all: number; archived: number; deleted: number; folders: { name: string; count: number }[] };

/** How many sources stand where. */
export function countShelves(): Shelves {
  const rows = db().select({ folder: sources.folder, archivedAt: sources.archivedAt, deletedAt: sources.deletedAt }).from(sources).all();
  const open = rows.filter((row) => !row.deletedAt && !row.archivedAt);
  const names = [...new Set(open.flatMap((row) => row.folder ?? []))].sort((a, b) => a.localeCompare(b));
  return {
    all: open.length,
    archived: rows.filter((row) => row.archivedAt && !row.deletedAt).length,
    deleted: rows.filter((row) => row.deletedAt).length,
    folders: names.map((name) => ({ name, count: open.filter((row) => row.folder === name).length })),
  };
}

type Counts = { setId: string; sets: number; drafts: number; kept: number };

function countQuestions(): Map<string, Counts> {
  const rows = db()
    .select({
      sourceId: setSources.sourceId,
      setId: setSources.setId,
      drafts: sql<number>`(select count(*) from ${slips} where ${slips.setId} = ${setSources.setId})`,
      kept: sql<number>`(select count(*) from ${slips} where ${slips.setId} = ${setSources.setId} and ${slips.status} = 'kept')`,
    })
    .from(setSources)
    .innerJoin(sets, sql`${sets.id} = ${setSources.setId}`)
    .orderBy(desc(sets.updatedAt))
    .all();
  const counts = new Map<string, Counts>();
  for (const { sourceId, setId, drafts, kept } of rows) {
    const known = counts.get(sourceId);
    counts.set(sourceId, {
      setId: known?.setId ?? setId,
      sets: (known?.sets ?? 0) + 1,
      drafts: (known?.drafts ?? 0) + drafts,
      kept: (known?.kept ?? 0) + kept,
    });
  }
  return counts;
}

function toLine(row: Row, counts: Counts | undefined): SourceLine {
  const { id, title, kind, language, pages, slides, durationMs, folder, createdAt, description } = row;
  return {
    ...{ id, title, kind, language, pages, slides, durationMs, folder, createdAt },
    words: description.counts.words,
    ...(description.grade ? { grade: description.grade } : {}),
    setId: counts?.setId ?? null,
    sets: counts?.sets ?? 0,
    drafts: counts?.drafts ?? 0,
    kept: counts?.kept ?? 0,
  };
}
