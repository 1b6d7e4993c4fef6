import { z } from "zod";
import { answerProblem } from "@/server/http/answer";
import { handleSource } from "@/server/http/handle-source";
import { addMedia } from "@/server/sources/add-media";

export const POST = handleSource(z.object({ hash: z.string().regex(/^[0-9a-f]{64}$/), name: z.string().max(300) }), (sourceId, { hash, name }) => {
  const added = addMedia(sourceId, hash, name);
  return added.ok ? Response.json(added.value) : answerProblem(added.problem);
});
