import { desc, eq, sql } from "drizzle-orm";
import { db } from "../db/client";
import { setSources, slips, sources } from "../db/schema";

export type SourceLine = {
  id: string;
  title: string;
  kind: string;
  language: string;
  words: number;
  grade?: { lowest: number; highest: number; middle: number };
  setId: string;
  drafts: number;
  kept: number;
  createdAt: number;
};

/** Every source as one line, newest first, with the questions that hang on it. */
export function listSources(search = ""): SourceLine[] {
  const rows = db()
    .select({
      source: sources,
      setId: setSources.setId,
      drafts: sql<number>`count(${slips.questionId})`,
      kept: sql<number>`coalesce(sum(${slips.status} = 'kept'), 0)`,
    })
    .from(sources)
    .innerJoin(setSources, eq(setSources.sourceId, sources.id))
    .leftJoin(slips, eq(slips.setId, setSources.setId))
    .groupBy(sources.id, setSources.setId)
    .orderBy(desc(sources.createdAt))
    .all();
  const wanted = search.trim().toLowerCase();
  return rows
    .filter(
      ({ source }) => wanted === "" || source.title.toLowerCase().includes(wanted) || source.blocks.some((block) => block.text.toLowerCase().includes(wanted)),
    )
    .map(({ source, setId, drafts, kept }) => ({
      id: source.id,
      title: source.title,
      kind: source.kind,
      language: source.language,
      words: source.description.counts.words,
      ...(source.description.grade ? { grade: source.description.grade } : {}),
      setId,
      drafts,
      kept,
      createdAt: source.createdAt,
    }));
}
