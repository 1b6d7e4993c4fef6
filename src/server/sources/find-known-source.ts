import { and, desc, eq, isNull } from "drizzle-orm";
import { db } from "../db/client";
import { setSources, sources } from "../db/schema";

export type KnownSource = { sourceId: string; setId: string; title: string; since: number };

/** The newest source of the same file or link that is not deleted. */
export function findKnownSource(by: { fileHash: string } | { url: string }): KnownSource | undefined {
  return db()
    .select({ sourceId: sources.id, setId: setSources.setId, title: sources.title, since: sources.createdAt })
    .from(sources)
    .innerJoin(setSources, eq(setSources.sourceId, sources.id))
    .where(and("url" in by ? eq(sources.url, by.url) : eq(sources.fileHash, by.fileHash), isNull(sources.deletedAt)))
    .orderBy(desc(sources.createdAt))
    .get();
}
