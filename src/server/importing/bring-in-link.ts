import { and, desc, eq, isNull } from "drizzle-orm";
import type { ImportProblem } from "@/core/importers/importer";
import { ok, type Result } from "@/core/lib/result";
import { db } from "../db/client";
import { setSources, sources } from "../db/schema";
import { fetchLink } from "../fetching/fetch-link";
import type { LinkProblem } from "../fetching/guarded-fetch";
import { storeImported } from "../sources/create-source";
import type { BroughtIn } from "./bring-in";
import type { Progress } from "./run-import";

/** A link becomes a source as its page is today; a link that is here already is named, not fetched twice. */
export async function bringInLink(
  link: string,
  again: boolean,
  onProgress: (progress: Progress) => void,
  signal?: AbortSignal,
): Promise<Result<BroughtIn, LinkProblem | ImportProblem>> {
  const known = again ? undefined : findKnownLink(link.trim());
  if (known) return ok({ type: "known", ...known });
  const fetched = await fetchLink(link, onProgress, signal);
  if (!fetched.ok) return fetched;
  const { imported, url, fileHash, viewHash, mediaHash } = fetched.value;
  const created = storeImported(imported, { url, fetchedAt: Date.now(), fileHash, viewHash: viewHash ?? null, mediaHash: mediaHash ?? null });
  return ok({ type: "created", title: imported.title, kind: imported.kind, ...created });
}

function findKnownLink(url: string) {
  return db()
    .select({ sourceId: sources.id, setId: setSources.setId, title: sources.title, since: sources.createdAt })
    .from(sources)
    .innerJoin(setSources, eq(setSources.sourceId, sources.id))
    .where(and(eq(sources.url, url), isNull(sources.deletedAt)))
    .orderBy(desc(sources.createdAt))
    .get();
}
