import { z } from "zod";
import { sourceEditSchema } from "@/core/source/prepare/source-edit";
import { answerProblem } from "@/server/http/answer";
import { handleSource } from "@/server/http/handle-source";
import { editSource } from "@/server/sources/edit-source";

export const POST = handleSource(z.object({ edits: z.array(sourceEditSchema).min(1).max(500) }), (sourceId, { edits }) => {
  const edited = editSource(sourceId, edits);
  if (!edited.ok) return answerProblem(edited.problem);
  const { state: _, ...answer } = edited.value;
  return Response.json(answer);
});
