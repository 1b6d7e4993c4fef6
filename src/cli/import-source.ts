import { readFileSync, statSync } from "node:fs";
import path from "node:path";
import { readCaptions } from "@/core/importers/captions/read-captions";
import { decodeText } from "@/core/importers/decode-text";
import { importFile } from "@/core/importers/import-file";
import type { Imported, ImportInput } from "@/core/importers/importer";
import { type AppProblem, problemText } from "@/messages/problems";
import { standinOrigin, uploadLimits } from "@/server/env";
import { guardedFetch } from "@/server/fetching/guarded-fetch";
import { detectLanguage } from "@/server/importing/detect-language";
import { createImportTools } from "@/server/importing/import-tools";

export class UsageError extends Error {}

const root = path.resolve(import.meta.dirname, "../..");

/** A file or link, read by the same importers as in the application; nothing is stored. */
export async function importSource(place: string, readPictures: boolean): Promise<Imported & { language: string }> {
  const input = /^https?:\/\//i.test(place) ? await fetchInput(place) : readInput(place);
  const imported = await importFile(
    input,
    createImportTools(root, () => {}, readPictures),
  );
  if (!imported.ok) throw refused(place, imported.problem);
  const { media } = imported.value;
  const read = media ? await readTrack(media.tracks[0]!.address, imported.value.title) : imported.value;
  return { ...read, language: await detectLanguage(read.blocks, read.language) };
}

function readInput(file: string): ImportInput {
  const limit = uploadLimits().file;
  try {
    const { size } = statSync(file);
    if (size > limit) throw refused(file, { type: "file-too-large", name: path.basename(file), megabytes: Math.ceil(size / 1e6), limit: limit / 1e6 });
    return { bytes: readFileSync(file), name: path.basename(file) };
  } catch (error) {
    if (error instanceof UsageError) throw error;
    throw new UsageError(`Cannot read ${file}: ${(error as NodeJS.ErrnoException).code === "ENOENT" ? "there is no such file" : (error as Error).message}.`);
  }
}

async function fetchInput(link: string): Promise<ImportInput> {
  const fetched = await guardedFetch(link, { bytes: uploadLimits().file, allowedOrigin: standinOrigin() });
  if (!fetched.ok) throw refused(link, fetched.problem);
  const { bytes, url, contentType } = fetched.value;
  return { bytes, url, contentType, name: path.basename(new URL(url).pathname) || new URL(url).hostname };
}

async function readTrack(address: string, title: string): Promise<Imported> {
  const { bytes } = await fetchInput(address);
  const captions = readCaptions(decodeText(bytes), title);
  if (!captions.ok) throw refused(address, captions.problem);
  return { ...captions.value, title };
}

function refused(place: string, problem: AppProblem): UsageError {
  return new UsageError(`${place}: ${problemText(problem)}`);
}
