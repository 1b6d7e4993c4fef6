import { z } from "zod";
import { answerProblem } from "@/server/http/answer";
import { handleSet } from "@/server/http/handle-set";
import { addSourceToSet, removeSourceFromSet } from "@/server/sets/set-sources";

/** Adds a source to a set, or takes one out. */
export const POST = handleSet(z.object({ action: z.enum(["add", "remove"]), sourceId: z.string() }), (setId, { action, sourceId }) => {
  const changed = action === "add" ? addSourceToSet(setId, sourceId) : removeSourceFromSet(setId, sourceId);
  return changed.ok ? Response.json(changed.value) : answerProblem(changed.problem);
});
