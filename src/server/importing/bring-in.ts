import { readCaptions } from "@/core/importers/captions/read-captions";
import { decodeText } from "@/core/importers/decode-text";
import type { ImportProblem } from "@/core/importers/importer";
import { fail, ok, type Result } from "@/core/lib/result";
import { filePath, hasFile, mediaTypeOf, readFile, storeBytes } from "../files/file-store";
import { type CreatedSource, type Origin, storeImported } from "../sources/create-source";
import { findKnownSource, type KnownSource } from "../sources/find-known-source";
import { detectLanguage } from "./detect-language";
import type { ImportedSource } from "./import-message";
import { type Progress, runImport } from "./run-import";

/** A film or sound waits for its captions; a scan waits to be told to be read. The file is kept meanwhile. */
export type BringInProblem = ImportProblem | { type: "file-gone" };
export type BroughtIn = ({ type: "created"; title: string; kind: string } & CreatedSource) | ({ type: "known" } & KnownSource);

export type FileToBringIn = {
  hash: string;
  name: string;
  contentType?: string;
  url?: string;
  /** Bring it in although it is here already. */
  again?: boolean;
  /** Read the text off the pictures of a scan. */
  readPictures?: boolean;
  /** The film or sound that these captions belong to. */
  media?: { hash: string; name: string };
  origin?: Origin;
};

/** A stored file becomes a source with a set of its own. */
export async function bringIn(file: FileToBringIn, onProgress: (progress: Progress) => void, signal?: AbortSignal): Promise<Result<BroughtIn, BringInProblem>> {
  if (!hasFile(file.hash) || (file.media && !hasFile(file.media.hash))) return fail({ type: "file-gone" });
  const known = file.again || file.media ? undefined : findKnownSource({ fileHash: file.hash });
  if (known) return ok({ type: "known", ...known });
  const media = mediaTypeOf(file.hash, file.name);
  if (media) return fail({ type: "media-without-captions", isVideo: media.startsWith("video/") });
  const imported = file.media ? await withMedia(file, file.media) : await runImport(jobOf(file), onProgress, signal);
  if (!imported.ok) return imported;
  const { view, ...rest } = imported.value;
  const viewHash = view ? storeBytes(Buffer.from(view), `${file.name}.view.html`, "text/html").hash : null;
  const created = storeImported(rest, { fileHash: file.hash, viewHash, ...(file.media ? { mediaHash: file.media.hash } : {}), ...file.origin });
  return ok({ type: "created", title: rest.title, kind: rest.kind, ...created });
}

function jobOf({ hash, name, contentType, url, readPictures = false }: FileToBringIn) {
  return { path: filePath(hash), name, readPictures, ...(contentType ? { contentType } : {}), ...(url ? { url } : {}) };
}

async function withMedia(file: FileToBringIn, media: { hash: string; name: string }): Promise<Result<ImportedSource, ImportProblem>> {
  const captions = readCaptions(decodeText(readFile(file.hash)), media.name);
  if (!captions.ok) return captions;
  const isVideo = mediaTypeOf(media.hash, media.name)?.startsWith("video/") ?? true;
  const language = await detectLanguage(captions.value.blocks, undefined);
  return ok({ ...captions.value, kind: isVideo ? "video" : "audio", language });
}
