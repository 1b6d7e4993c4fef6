import { z } from "zod";
import { editSchema } from "@/core/questions/edit";
import { answerProblem } from "@/server/http/answer";
import { handleSet } from "@/server/http/handle-set";
import { checkSet } from "@/server/jobs/check-set";
import { editSet } from "@/server/sets/edit-set";
import { loadSet } from "@/server/sets/load-set";

/** These can change what the rules see of other questions; the rest touch one question only. */
const WIDE = new Set(["set-status", "add-question", "remove-question", "set-plan"]);

/** Edits in order; those with the same step belong together and are undone together. */
const sentSchema = z.object({ edits: z.array(editSchema).min(1).max(500), steps: z.array(z.string().max(40).nullable()).max(500).optional() });

/** Saves edits and answers with fresh verdicts for what they touched. */
export const POST = handleSet(sentSchema, async (setId, { edits, steps }) => {
  const edited = editSet(setId, edits, steps);
  if (!edited.ok) return answerProblem(edited.problem);
  const { touched, canUndo, canRedo } = edited.value;
  const wide = edits.some((edit) => WIDE.has(edit.type));
  const verdicts = wide || touched.length > 0 ? await checkSet(loadSet(setId)!, wide ? null : touched) : {};
  return Response.json({ ...verdicts, canUndo, canRedo });
});
