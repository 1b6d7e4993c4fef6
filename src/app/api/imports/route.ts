import { z } from "zod";
import { isMediaName } from "@/core/importers/media-type";
import { uploadLimits } from "@/server/env";
import { storeStream } from "@/server/files/file-store";
import { answerProblem, refuseForeign } from "@/server/http/answer";
import { bringIn } from "@/server/importing/bring-in";
import { streamImport } from "@/server/importing/import-events";

export const dynamic = "force-dynamic";

const hash = z.string().regex(/^[0-9a-f]{64}$/);
const querySchema = z.object({
  name: z.string().min(1).max(300),
  /** Only store it; what it belongs to follows. */
  hold: z.literal("1").optional(),
  media: hash.optional(),
  mediaName: z.string().max(300).optional(),
});

/** A file's bytes as the body. They are counted and hashed while they stream in; the answer streams what becomes of them. */
export async function POST(request: Request): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  const query = querySchema.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!query.success || !request.body) return answerProblem({ type: "request-not-understood" });
  const { name, hold, media, mediaName } = query.data;
  const limits = uploadLimits();
  const limit = isMediaName(name) ? limits.media : limits.file;
  const declared = Number(request.headers.get("content-length") ?? 0);
  const tooLarge = { type: "file-too-large" as const, name, megabytes: Math.ceil(declared / 1e6), limit: Math.round(limit / 1e6) };
  if (declared > limit) return answerProblem(tooLarge);
  const body = request.body as unknown as AsyncIterable<Uint8Array>;
  const type = request.headers.get("content-type") ?? "application/octet-stream";
  const stored = await storeStream(body, name, type, limit);
  if (!stored.ok) return answerProblem(stored.problem);
  return streamImport(async (send) => {
    send({ type: "stored", hash: stored.value.hash });
    if (hold) return { type: "stored", hash: stored.value.hash };
    const file = { hash: stored.value.hash, name, ...(media ? { media: { hash: media, name: mediaName ?? name } } : {}) };
    const outcome = await bringIn(file, (progress) => send({ type: "progress", ...progress }), request.signal);
    return outcome.ok ? outcome.value : outcome.problem;
  });
}
