import { z } from "zod";
import { answerProblem, readJson, refuseForeign } from "@/server/http/answer";
import { createSet } from "@/server/sets/set-sources";

/** A further set on one or more sources. */
export async function POST(request: Request): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  const body = z.object({ sourceIds: z.array(z.string()).min(1).max(20) }).safeParse(await readJson(request));
  if (!body.success) return answerProblem({ type: "request-not-understood" });
  const created = createSet(body.data.sourceIds);
  return created.ok ? Response.json(created.value, { status: 201 }) : answerProblem(created.problem);
}
