import { createHash, randomUUID } from "node:crypto";
import { closeSync, createReadStream, existsSync, mkdirSync, openSync, readFileSync, readSync, renameSync, rmSync, statSync, writeFileSync } from "node:fs";
import { open } from "node:fs/promises";
import path from "node:path";
import { Readable } from "node:stream";
import { mediaType } from "@/core/importers/media-type";
import { fail, ok, type Result } from "@/core/lib/result";
import { db } from "../db/client";
import { files } from "../db/schema";
import { dataFolder } from "../env";

export type StoredFile = { hash: string; bytes: number };
export type UploadProblem = { type: "file-too-large"; name: string; megabytes: number; limit: number };

/** Where the bytes of a file lie: by their SHA-256, so that the same file is kept once. */
export function filePath(hash: string): string {
  if (!/^[0-9a-f]{64}$/.test(hash)) throw new Error(`Not a file's name: ${hash}`);
  return path.join(dataFolder(), "files", hash.slice(0, 2), hash);
}

export function hasFile(hash: string): boolean {
  return existsSync(filePath(hash));
}

export function readFile(hash: string): Uint8Array {
  return readFileSync(filePath(hash));
}

/** The kind of film or sound a stored file is; undefined where it is neither. */
export function mediaTypeOf(hash: string, name: string): string | undefined {
  return mediaType(readHead(hash, 256), name);
}

/** The first bytes of a file, by which its kind is known. */
export function readHead(hash: string, count: number): Uint8Array {
  const head = new Uint8Array(count);
  const file = openSync(filePath(hash), "r");
  try {
    return head.subarray(0, readSync(file, head, 0, count, 0));
  } finally {
    closeSync(file);
  }
}

export function fileSize(hash: string): number {
  return statSync(filePath(hash)).size;
}

export function fileStream(hash: string, range?: { start: number; end: number }): ReadableStream {
  return Readable.toWeb(createReadStream(filePath(hash), range)) as ReadableStream;
}

/** Stores bytes already in memory. */
export function storeBytes(bytes: Uint8Array, name: string, type: string): StoredFile {
  const hash = createHash("sha256").update(bytes).digest("hex");
  if (!hasFile(hash)) {
    const target = filePath(hash);
    mkdirSync(path.dirname(target), { recursive: true });
    writeFileSync(`${target}.part`, bytes);
    renameSync(`${target}.part`, target);
  }
  remember(hash, name, type, bytes.length);
  return { hash, bytes: bytes.length };
}

/** Stores what streams in, and refuses it while it streams as soon as it is too much. */
export async function storeStream(stream: AsyncIterable<Uint8Array>, name: string, type: string, limit: number): Promise<Result<StoredFile, UploadProblem>> {
  const folder = path.join(dataFolder(), "files", "arriving");
  mkdirSync(folder, { recursive: true });
  const arriving = path.join(folder, randomUUID());
  const out = await open(arriving, "w");
  const hashing = createHash("sha256");
  let bytes = 0;
  try {
    for await (const chunk of stream) {
      bytes += chunk.length;
      if (bytes > limit) return fail({ type: "file-too-large", name, megabytes: Math.ceil(bytes / 1e6), limit: Math.round(limit / 1e6) });
      hashing.update(chunk);
      await out.write(chunk);
    }
    await out.close();
    const hash = hashing.digest("hex");
    mkdirSync(path.dirname(filePath(hash)), { recursive: true });
    renameSync(arriving, filePath(hash));
    remember(hash, name, type, bytes);
    return ok({ hash, bytes });
  } finally {
    await out.close().catch(() => {});
    rmSync(arriving, { force: true });
  }
}

function remember(hash: string, name: string, type: string, bytes: number): void {
  db().insert(files).values({ hash, name, type, bytes, createdAt: Date.now() }).onConflictDoNothing().run();
}
