import yauzl from "yauzl";
import { fail, ok, type Result } from "../lib/result";
import type { ImportProblem } from "./importer";

/** Office files and books are far below these; what unpacks to more is there to do harm. */
const MAX_UNPACKED_BYTES = 250_000_000;
const MAX_RATIO = 150;
/** Small files of one repeated letter may well pack by more than the ratio. */
const RATIO_COUNTS_FROM = 5_000_000;
const MAX_ENTRIES = 20_000;

export type OpenedZip = { names: string[]; text(name: string): string | undefined; bytes(name: string): Uint8Array | undefined };

/**
 * Unpacks the wanted entries of a zip into memory, counting the bytes that really come out: what the
 * directory says of their size is not believed. Every entry is counted, wanted or not, where
 * `countAll` is set, since other readers will unpack them too.
 */
export async function openZip(
  bytes: Uint8Array,
  format: string,
  wanted: (name: string) => boolean,
  countAll = false,
): Promise<Result<OpenedZip, ImportProblem>> {
  if (!looksLikeZip(bytes)) return fail({ type: "not-a-zip", format });
  const found = new Map<string, Uint8Array>();
  const names: string[] = [];
  let unpacked = 0;
  try {
    const archive = await open(bytes);
    for await (const entry of entriesOf(archive)) {
      names.push(entry.fileName);
      if (names.length > MAX_ENTRIES) return fail({ type: "zip-too-large", megabytes: Math.round(unpacked / 1e6) });
      const isWanted = wanted(entry.fileName);
      if ((!isWanted && !countAll) || entry.fileName.endsWith("/")) continue;
      const chunks: Uint8Array[] = [];
      let size = 0;
      for await (const chunk of await contentOf(archive, entry)) {
        size += (chunk as Uint8Array).length;
        unpacked += (chunk as Uint8Array).length;
        const swollen = size > RATIO_COUNTS_FROM && size > Math.max(1, entry.compressedSize) * MAX_RATIO;
        if (swollen || unpacked > MAX_UNPACKED_BYTES) return fail({ type: "zip-too-large", megabytes: Math.round(unpacked / 1e6) });
        if (isWanted) chunks.push(chunk as Uint8Array);
      }
      if (isWanted) found.set(entry.fileName, Buffer.concat(chunks));
    }
  } catch {
    return fail({ type: "zip-broken", format });
  }
  const bytesOf = (name: string) => found.get(name);
  return ok({ names, bytes: bytesOf, text: (name) => (found.has(name) ? new TextDecoder().decode(found.get(name)) : undefined) });
}

export function looksLikeZip(bytes: Uint8Array): boolean {
  return bytes[0] === 0x50 && bytes[1] === 0x4b && (bytes[2] === 3 || bytes[2] === 5) && (bytes[3] === 4 || bytes[3] === 6);
}

function open(bytes: Uint8Array): Promise<yauzl.ZipFile> {
  // Sizes are counted by us, since the directory may lie.
  const options = { lazyEntries: true, validateEntrySizes: false } as const;
  return new Promise((resolve, reject) => yauzl.fromBuffer(Buffer.from(bytes), options, (error, archive) => (error ? reject(error) : resolve(archive))));
}

async function* entriesOf(archive: yauzl.ZipFile): AsyncGenerator<yauzl.Entry> {
  for (;;) {
    const entry = await new Promise<yauzl.Entry | undefined>((resolve, reject) => {
      archive.once("entry", resolve);
      archive.once("end", () => resolve(undefined));
      archive.once("error", reject);
      archive.readEntry();
    });
    archive.removeAllListeners();
    if (!entry) return;
    yield entry;
  }
}

function contentOf(archive: yauzl.ZipFile, entry: yauzl.Entry): Promise<AsyncIterable<unknown>> {
  return new Promise((resolve, reject) => archive.openReadStream(entry, (error, stream) => (error ? reject(error) : resolve(stream))));
}
