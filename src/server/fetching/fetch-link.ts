import { readCaptions } from "@/core/importers/captions/read-captions";
import { decodeText } from "@/core/importers/decode-text";
import type { Imported, ImportProblem, ImportWarning } from "@/core/importers/importer";
import { ok, type Result } from "@/core/lib/result";
import { countText } from "@/core/source/readability/count-text";
import type { Block } from "@/core/source/schema";
import { standinOrigin, uploadLimits } from "../env";
import { filePath, storeBytes } from "../files/file-store";
import { detectLanguage } from "../importing/detect-language";
import type { ImportedSource } from "../importing/import-message";
import { type Progress, runImport } from "../importing/run-import";
import { type Fetched, guardedFetch, type LinkProblem } from "./guarded-fetch";

const MAX_PAGE_BYTES = 8_000_000;
/** Fewer words beside a film are its title and a line about it. */
const WORTH_TELLING = 40;
const MAX_PICTURES = 12;
const MAX_PICTURE_BYTES = 4_000_000;

export type FetchedSource = {
  imported: ImportedSource;
  url: string;
  fileHash: string;
  viewHash?: string;
  mediaHash?: string;
};

/** Fetches a link and reads what is there: a page's article, a document, or a film with its captions. Everything is stored as it was today. */
export async function fetchLink(
  link: string,
  onProgress: (progress: Progress) => void,
  signal?: AbortSignal,
  read: typeof runImport = runImport,
): Promise<Result<FetchedSource, LinkProblem | ImportProblem>> {
  onProgress({ what: "fetching", done: 0, total: 1 });
  const { file } = uploadLimits();
  const fetched = await get(link, Math.max(file, MAX_PAGE_BYTES));
  if (!fetched.ok) return fetched;
  const { bytes, url, contentType } = fetched.value;
  const stored = storeBytes(bytes, nameOf(url), contentType.split(";")[0]!.trim());
  const imported = await read({ path: filePath(stored.hash), name: nameOf(url), contentType, url, readPictures: false }, onProgress, signal);
  if (!imported.ok) return imported;
  const found: FetchedSource = { imported: imported.value, url, fileHash: stored.hash };
  if (imported.value.media) return withMedia(found, imported.value.media, onProgress);
  const shown = await withPictures(found.imported, onProgress);
  const viewHash = shown.view ? storeBytes(Buffer.from(shown.view), `${nameOf(url)}.view.html`, "text/html").hash : undefined;
  return ok({ ...found, imported: shown, ...(viewHash ? { viewHash } : {}) });
}

function get(link: string, bytes: number): Promise<Result<Fetched, LinkProblem>> {
  return guardedFetch(link, { bytes, allowedOrigin: standinOrigin() });
}

function nameOf(url: string): string {
  const { pathname, hostname } = new URL(url);
  return decodeURIComponent(pathname.split("/").filter(Boolean).at(-1) ?? hostname);
}

/** The captions make the text; the film is stored beside them, where it can be had. */
async function withMedia(
  found: FetchedSource,
  media: NonNullable<Imported["media"]>,
  onProgress: (progress: Progress) => void,
): Promise<Result<FetchedSource, LinkProblem | ImportProblem>> {
  const track = media.tracks.find(({ language }) => language?.startsWith("en")) ?? media.tracks[0]!;
  onProgress({ what: "fetching the captions", done: 0, total: 1 });
  const captions = await get(track.address, MAX_PAGE_BYTES);
  if (!captions.ok) return captions;
  const read = readCaptions(decodeText(captions.value.bytes), nameOf(captions.value.url));
  if (!read.ok) return read;
  onProgress({ what: "fetching the film", done: 0, total: 1 });
  const film = await guardedFetch(media.address, { bytes: uploadLimits().media, seconds: 120, allowedOrigin: standinOrigin() });
  const { title, blocks } = found.imported;
  const words = countText(blocks.flatMap((block) => (block.leftOut ? [] : [block.text]))).words;
  const warnings: ImportWarning[] = [
    ...read.value.warnings,
    ...(film.ok ? [] : [{ type: "media-not-fetched" as const }]),
    ...(words >= WORTH_TELLING ? [{ type: "page-text-left" as const, words }] : []),
  ];
  const language = await detectLanguage(read.value.blocks, track.language?.slice(0, 2));
  return ok({
    url: found.url,
    fileHash: storeBytes(captions.value.bytes, nameOf(captions.value.url), "text/vtt").hash,
    imported: { ...read.value, title, language, warnings, kind: media.isVideo ? "video" : "audio" },
    ...(film.ok ? { mediaHash: storeBytes(film.value.bytes, nameOf(film.value.url), film.value.contentType).hash } : {}),
  });
}

/** The article's pictures come along, so that page and questions keep them; what cannot be had stays a description. */
async function withPictures<T extends Imported>(imported: T, onProgress: (progress: Progress) => void): Promise<T> {
  const addresses = [...new Set(imported.blocks.flatMap((block) => (block.picture && block.leftOut === "picture description" ? [block.picture] : [])))];
  const ownByAddress = new Map<string, string>();
  for (const [index, address] of addresses.slice(0, MAX_PICTURES).entries()) {
    onProgress({ what: "fetching pictures", done: index, total: addresses.length });
    const picture = await get(address, MAX_PICTURE_BYTES);
    const type = picture.ok ? /^image\/(?:png|jpeg|gif|webp)/.exec(picture.value.contentType)?.[0] : undefined;
    if (picture.ok && type) ownByAddress.set(address, `/api/files/${storeBytes(picture.value.bytes, nameOf(address), type).hash}`);
  }
  const missing = addresses.length - ownByAddress.size;
  const blocks = imported.blocks.map((block): Block => {
    const { picture, ...rest } = block;
    const own = picture && ownByAddress.get(picture);
    return own ? { ...rest, picture: own } : rest;
  });
  const view = imported.view?.replace(/<img data-picture="([^"]*)"( alt="[^"]*")?[^>]*>/g, (_, address: string, alt = "") => {
    const own = ownByAddress.get(address.replace(/&amp;/g, "&"));
    return own ? `<img src="${own}"${alt}>` : `<em>${alt ? `[picture: ${alt.slice(6, -1)}]` : ""}</em>`;
  });
  const warnings = missing > 0 ? [...imported.warnings, { type: "pictures-not-fetched" as const, count: missing }] : imported.warnings;
  return { ...imported, blocks, warnings, ...(view ? { view } : {}) };
}
