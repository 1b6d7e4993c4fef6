import type { ImportProblem } from "@/core/importers/importer";
import { ok, type Result } from "@/core/lib/result";
import { fetchLink } from "../fetching/fetch-link";
import type { LinkProblem } from "../fetching/guarded-fetch";
import { storeImported } from "../sources/create-source";
import { findKnownSource } from "../sources/find-known-source";
import type { BroughtIn } from "./bring-in";
import type { Progress } from "./run-import";

/** A link becomes a source as its page is today; a link that is here already is named, not fetched twice. */
export async function bringInLink(
  link: string,
  again: boolean,
  onProgress: (progress: Progress) => void,
  signal?: AbortSignal,
): Promise<Result<BroughtIn, LinkProblem | ImportProblem>> {
  const known = again ? undefined : findKnownSource({ url: link.trim() });
  if (known) return ok({ type: "known", ...known });
  const fetched = await fetchLink(link, onProgress, signal);
  if (!fetched.ok) return fetched;
  const { imported, url, fileHash, viewHash, mediaHash } = fetched.value;
  const created = storeImported(imported, { url, fetchedAt: Date.now(), fileHash, viewHash: viewHash ?? null, mediaHash: mediaHash ?? null });
  return ok({ type: "created", title: imported.title, kind: imported.kind, ...created });
}
