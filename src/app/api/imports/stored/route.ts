import { z } from "zod";
import { answerProblem, readJson, refuseForeign } from "@/server/http/answer";
import { bringIn } from "@/server/importing/bring-in";
import { streamImport } from "@/server/importing/import-events";
import { stoppable } from "@/server/importing/stoppable";

export const dynamic = "force-dynamic";

const hash = z.string().regex(/^[0-9a-f]{64}$/);
const bodySchema = z.object({
  hash,
  name: z.string().min(1).max(300),
  again: z.boolean().optional(),
  readPictures: z.boolean().optional(),
  /** By this name the reading can be told to stop. */
  id: z.string().max(80).optional(),
  media: z.object({ hash, name: z.string().max(300) }).optional(),
});

/** A file that is stored already: once more, or read off its pictures, or with the film it belongs to. */
export async function POST(request: Request): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  const body = bodySchema.safeParse(await readJson(request));
  if (!body.success) return answerProblem({ type: "request-not-understood" });
  const { hash: fileHash, name, again, readPictures, media, id } = body.data;
  const file = { hash: fileHash, name, ...(again ? { again } : {}), ...(readPictures ? { readPictures, again: true } : {}), ...(media ? { media } : {}) };
  return streamImport(async (send) => {
    send({ type: "stored", hash: fileHash });
    const outcome = await stoppable(id, (signal) => bringIn(file, (progress) => send({ type: "progress", ...progress }), id ? signal : request.signal));
    return outcome.ok ? outcome.value : outcome.problem;
  });
}
