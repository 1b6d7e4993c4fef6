import { z } from "zod";
import { answerProblem } from "@/server/http/answer";
import { handleSource } from "@/server/http/handle-source";
import { fetchAgain } from "@/server/sources/fetch-again";

export const dynamic = "force-dynamic";

/** What the page says today, and how that differs; nothing is changed yet. */
export const POST = handleSource(z.object({}), async (sourceId) => {
  const fetched = await fetchAgain(sourceId);
  return fetched.ok ? Response.json(fetched.value) : answerProblem(fetched.problem);
});
