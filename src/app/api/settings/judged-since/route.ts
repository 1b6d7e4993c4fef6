import { z } from "zod";
import { answerProblem, readJson, refuseForeign } from "@/server/http/answer";
import { saveJudgedSince } from "@/server/settings/judged-since";

const bodySchema = z.object({ from: z.enum(["now", "ever"]) });

/** From when on judgements are learnt from. */
export async function POST(request: Request): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  const body = bodySchema.safeParse(await readJson(request));
  if (!body.success) return answerProblem({ type: "request-not-understood" });
  saveJudgedSince(body.data.from === "now" ? Date.now() : 0);
  return Response.json({ saved: true });
}
