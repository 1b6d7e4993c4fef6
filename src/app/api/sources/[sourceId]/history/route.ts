import { z } from "zod";
import { answerProblem } from "@/server/http/answer";
import { handleSource } from "@/server/http/handle-source";
import { stepSourceHistory } from "@/server/sources/edit-source";

export const POST = handleSource(z.object({ step: z.enum(["undo", "redo"]) }), (sourceId, { step }) => {
  const edited = stepSourceHistory(sourceId, step);
  return edited.ok ? Response.json(edited.value) : answerProblem(edited.problem);
});
