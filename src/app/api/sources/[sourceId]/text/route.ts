import { z } from "zod";
import { answerProblem, readJson, refuseForeign } from "@/server/http/answer";
import { changeSourceText } from "@/server/sources/change-source-text";

const bodySchema = z.object({ text: z.string() });

export async function PUT(request: Request, { params }: { params: Promise<{ sourceId: string }> }): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  const body = bodySchema.safeParse(await readJson(request));
  if (!body.success) return answerProblem({ type: "request-not-understood" });
  const changed = changeSourceText((await params).sourceId, body.data.text);
  return changed.ok ? Response.json(changed.value) : answerProblem(changed.problem);
}
