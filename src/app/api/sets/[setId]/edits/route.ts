import { z } from "zod";
import { editSchema } from "@/core/questions/edit";
import { answerProblem } from "@/server/http/answer";
import { handleSet } from "@/server/http/handle-set";
import { checkSet } from "@/server/jobs/check-set";
import { editSet } from "@/server/sets/edit-set";
import { loadSet } from "@/server/sets/load-set";

/** These can change what the rules see of other questions; the rest touch one question only. */
const WIDE = new Set(["set-status", "add-question", "remove-question", "set-plan"]);

/** Saves edits and answers with fresh verdicts for what they touched. */
export const POST = handleSet(z.object({ edits: z.array(editSchema).min(1).max(500) }), async (setId, { edits }) => {
  const edited = editSet(setId, edits);
  if (!edited.ok) return answerProblem(edited.problem);
  const { touched, canUndo, canRedo } = edited.value;
  const wide = edits.some((edit) => WIDE.has(edit.type));
  const checked = wide || touched.length > 0 ? await checkSet(loadSet(setId)!, wide ? null : touched) : {};
  return Response.json({ checked, canUndo, canRedo });
});
