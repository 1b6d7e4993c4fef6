import { z } from "zod";
import { answerProblem, readJson, refuseForeign } from "@/server/http/answer";
import { checkSet } from "@/server/jobs/check-set";
import { stepHistory } from "@/server/sets/edit-set";
import { loadSet } from "@/server/sets/load-set";

const bodySchema = z.object({ step: z.enum(["undo", "redo"]) });

export async function POST(request: Request, { params }: { params: Promise<{ setId: string }> }): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  const body = bodySchema.safeParse(await readJson(request));
  if (!body.success) return answerProblem({ type: "request-not-understood" });
  const { setId } = await params;
  const stepped = stepHistory(setId, body.data.step);
  if (!stepped.ok) return answerProblem(stepped.problem);
  const { state, canUndo, canRedo, touched } = stepped.value;
  return Response.json({ state, canUndo, canRedo, touched, checked: await checkSet(loadSet(setId)!) });
}
