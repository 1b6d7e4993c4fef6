import { z } from "zod";
import { answerProblem } from "@/server/http/answer";
import { handleSet } from "@/server/http/handle-set";
import { loadSet } from "@/server/sets/load-set";
import { askOtherSources } from "@/server/sources/ask-other-sources";

/** What other sources say of one question of a set. */
export const POST = handleSet(z.object({ questionId: z.string().min(1).max(200) }), (setId, { questionId }) => {
  const set = loadSet(setId);
  const slip = set?.state.slips.find((other) => other.question.id === questionId);
  if (!set || !slip) return answerProblem({ type: "set-not-found" });
  const others = askOtherSources(
    slip.question,
    set.sources.map((source) => source.id),
  );
  return Response.json({ others });
});
