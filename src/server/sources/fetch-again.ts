import { diffArrays } from "diff";
import { eq } from "drizzle-orm";
import type { ImportProblem } from "@/core/importers/importer";
import { fail, ok, type Result } from "@/core/lib/result";
import type { Block } from "@/core/source/schema";
import { db } from "../db/client";
import { sources } from "../db/schema";
import { fetchLink } from "../fetching/fetch-link";
import type { LinkProblem } from "../fetching/guarded-fetch";

/** A paragraph that is new, gone, or (both in a row) changed. */
export type Change = { sort: "added" | "removed"; text: string };
export type FetchedAgain = { changes: Change[]; blocks: Block[]; fetchedAt: number };

/** Fetches a link source anew and compares what is read of it, paragraph by paragraph. */
export async function fetchAgain(sourceId: string): Promise<Result<FetchedAgain, LinkProblem | ImportProblem | { type: "source-not-found" }>> {
  const source = db().select().from(sources).where(eq(sources.id, sourceId)).get();
  if (!source?.url) return fail({ type: "source-not-found" });
  const fetched = await fetchLink(source.url, () => {});
  if (!fetched.ok) return fetched;
  // New names, so that blocks of then and of today are never taken for each other.
  const mark = Date.now().toString(36);
  const blocks = fetched.value.imported.blocks.map((block) => ({ ...block, id: `${mark}${block.id}` }));
  return ok({ changes: changesBetween(shown(source.prepared ?? source.blocks), shown(blocks)), blocks, fetchedAt: Date.now() });
}

function shown(blocks: readonly Block[]): string[] {
  return blocks.filter((block) => !block.leftOut || block.leftOut === "by hand").map((block) => block.text);
}

export function changesBetween(before: string[], after: string[]): Change[] {
  return diffArrays(before, after).flatMap((part) =>
    part.added || part.removed ? part.value.map((text): Change => ({ sort: part.added ? "added" : "removed", text })) : [],
  );
}
