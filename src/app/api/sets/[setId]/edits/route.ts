import { z } from "zod";
import { editSchema } from "@/core/questions/edit";
import { answerProblem, readJson, refuseForeign } from "@/server/http/answer";
import { checkSet } from "@/server/jobs/check-set";
import { editSet } from "@/server/sets/edit-set";
import { loadSet } from "@/server/sets/load-set";

const bodySchema = z.object({ edits: z.array(editSchema).min(1).max(500) });
/** These change what the rules see of one question; a status or a new question can change what others see. */
const WIDE = new Set(["set-status", "add-question", "remove-question", "set-plan"]);

/** Saves edits and answers with fresh verdicts for what they touched. */
export async function POST(request: Request, { params }: { params: Promise<{ setId: string }> }): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  const body = bodySchema.safeParse(await readJson(request));
  if (!body.success) return answerProblem({ type: "request-not-understood" });
  const { setId } = await params;
  const edited = editSet(setId, body.data.edits);
  if (!edited.ok) return answerProblem(edited.problem);
  const wide = body.data.edits.some((edit) => WIDE.has(edit.type));
  const needsCheck = wide || edited.value.touched.length > 0;
  const checked = needsCheck ? await checkSet(loadSet(setId)!, wide ? null : edited.value.touched) : {};
  return Response.json({ checked, canUndo: edited.value.canUndo, canRedo: edited.value.canRedo });
}
