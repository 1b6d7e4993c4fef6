import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from "node:fs";
import path from "node:path";
import { eq } from "drizzle-orm";
import { db } from "../db/client";
import { sources } from "../db/schema";
import { dataFolder } from "../env";
import { filePath, hasFile } from "../files/file-store";
import { drawPage } from "../importing/run-import";

const WIDTH = 1100;

/** A page of a PDF source as a PNG; drawn once and kept. */
export async function pagePicture(sourceId: string, page: number): Promise<Uint8Array | undefined> {
  const source = db().select().from(sources).where(eq(sources.id, sourceId)).get();
  if (source?.kind !== "pdf" || !source.fileHash || !hasFile(source.fileHash) || page < 1 || page > (source.pages ?? 0)) return undefined;
  const kept = path.join(dataFolder(), "files", "pages", `${source.fileHash}-${page}.png`);
  if (existsSync(kept)) return readFileSync(kept);
  const png = await drawPage(filePath(source.fileHash), page, WIDTH);
  if (!png) return undefined;
  mkdirSync(path.dirname(kept), { recursive: true });
  writeFileSync(`${kept}.part`, png);
  renameSync(`${kept}.part`, kept);
  return png;
}
