import { z } from "zod";
import { answerProblem } from "@/server/http/answer";
import { handleSet } from "@/server/http/handle-set";
import { checkSet } from "@/server/jobs/check-set";
import { stepHistory } from "@/server/sets/edit-set";
import { loadSet } from "@/server/sets/load-set";

/** Undo and redo. */
export const POST = handleSet(z.object({ step: z.enum(["undo", "redo"]) }), async (setId, { step }) => {
  const stepped = stepHistory(setId, step);
  return stepped.ok ? Response.json({ ...stepped.value, ...(await checkSet(loadSet(setId)!)) }) : answerProblem(stepped.problem);
});
