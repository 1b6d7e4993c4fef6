import { answerProblem, readJson, refuseForeign } from "@/server/http/answer";
import { manageSchema, manageSources } from "@/server/sources/manage-sources";

export async function POST(request: Request): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  const wanted = manageSchema.safeParse(await readJson(request));
  if (!wanted.success) return answerProblem({ type: "request-not-understood" });
  manageSources(wanted.data);
  return Response.json({ done: wanted.data.ids.length });
}
