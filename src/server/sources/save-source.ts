import { eq, sql } from "drizzle-orm";
import { readingBlocks } from "@/core/source/prepare/reading-blocks";
import type { SourceState } from "@/core/source/prepare/source-edit";
import { describeSource, type SourceDescription } from "@/core/source/readability/describe-source";
import type { Block } from "@/core/source/schema";
import { sources } from "../db/schema";
import type { Writer } from "../sets/save-state";

export type SourceRow = typeof sources.$inferSelect;

export function stateOf(row: SourceRow): SourceState {
  return { title: row.title, language: row.language, blocks: row.prepared ?? row.blocks, choice: row.choice ?? null };
}

/** What follows from a source's state: the blocks as they are read, and their figures. */
export function derivedColumns(
  state: SourceState,
  counted?: SourceDescription,
): Pick<typeof sources.$inferInsert, "title" | "language" | "prepared" | "choice" | "blocks" | "description"> {
  const blocks = readingBlocks(state.blocks, state.choice);
  return { title: state.title, language: state.language, prepared: state.blocks, choice: state.choice, blocks, description: counted ?? describeSource(blocks) };
}

/** Writes a source's state and what follows from it, and keeps the full-text index in step. */
export function saveSourceState(tx: Writer & { run(query: ReturnType<typeof sql>): unknown }, sourceId: string, state: SourceState): void {
  const columns = derivedColumns(state);
  tx.update(sources)
    .set({ ...columns, updatedAt: Date.now() })
    .where(eq(sources.id, sourceId))
    .run();
  indexPassages(tx, sourceId, columns.blocks as Block[]);
}

/** The full-text index (SQLite FTS5) holds what is read of each source. */
export function indexPassages(tx: { run(query: ReturnType<typeof sql>): unknown }, sourceId: string, blocks: readonly Block[]): void {
  tx.run(sql`DELETE FROM passages WHERE source_id = ${sourceId}`);
  for (const block of blocks)
    if (!block.leftOut) tx.run(sql`INSERT INTO passages (source_id, block_id, text) VALUES (${sourceId}, ${block.id}, ${block.text})`);
}
