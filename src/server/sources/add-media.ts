import { eq } from "drizzle-orm";
import { fail, ok, type Result } from "@/core/lib/result";
import { db } from "../db/client";
import { sources } from "../db/schema";
import { hasFile, mediaTypeOf } from "../files/file-store";
import { loadSource } from "./load-source";

type Problem = { type: "source-not-found" } | { type: "file-gone" } | { type: "not-media"; name: string };

/** Ties a stored film or sound to captions that came without it. */
export function addMedia(sourceId: string, hash: string, name: string): Result<{ kind: "video" | "audio" }, Problem> {
  if (!loadSource(sourceId)) return fail({ type: "source-not-found" });
  if (!hasFile(hash)) return fail({ type: "file-gone" });
  const type = mediaTypeOf(hash, name);
  if (!type) return fail({ type: "not-media", name });
  const kind = type.startsWith("video/") ? "video" : "audio";
  db().update(sources).set({ kind, mediaHash: hash }).where(eq(sources.id, sourceId)).run();
  return ok({ kind });
}
