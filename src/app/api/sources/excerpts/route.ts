import { answerProblem, readJson, refuseForeign } from "@/server/http/answer";
import { createExcerpts, excerptsSchema } from "@/server/sources/create-excerpts";

export async function POST(request: Request): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  const body = excerptsSchema.safeParse(await readJson(request));
  if (!body.success) return answerProblem({ type: "request-not-understood" });
  const created = await createExcerpts(body.data);
  return created.ok ? Response.json(created.value, { status: 201 }) : answerProblem(created.problem);
}
