import { z } from "zod";
import { answerProblem, readJson, refuseForeign } from "@/server/http/answer";
import { bringInLink } from "@/server/importing/bring-in-link";
import { streamImport } from "@/server/importing/import-events";

export const dynamic = "force-dynamic";

const bodySchema = z.object({ link: z.string().min(1).max(4000), again: z.boolean().optional() });

export async function POST(request: Request): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  const body = bodySchema.safeParse(await readJson(request));
  if (!body.success) return answerProblem({ type: "request-not-understood" });
  return streamImport(async (send) => {
    const outcome = await bringInLink(body.data.link, body.data.again ?? false, (progress) => send({ type: "progress", ...progress }), request.signal);
    return outcome.ok ? outcome.value : outcome.problem;
  });
}
