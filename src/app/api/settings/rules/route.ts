import { z } from "zod";
import { RULES } from "@/core/checking/rules";
import { answerProblem, readJson, refuseForeign } from "@/server/http/answer";
import { saveRulesOff } from "@/server/settings/rules-off";

const bodySchema = z.object({ off: z.array(z.string().max(60)).max(100) });

/** Which rules say nothing. */
export async function POST(request: Request): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  const body = bodySchema.safeParse(await readJson(request));
  if (!body.success) return answerProblem({ type: "request-not-understood" });
  const known = new Set(RULES.map((rule) => rule.id));
  saveRulesOff(body.data.off.filter((id) => known.has(id)));
  return Response.json({ saved: true });
}
