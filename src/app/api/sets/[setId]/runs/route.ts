import { z } from "zod";
import { answerProblem, refuseForeign } from "@/server/http/answer";
import { handleSet } from "@/server/http/handle-set";
import { streamLines } from "@/server/http/stream-lines";
import { type RunEvent, startRun, stopRun } from "@/server/jobs/draft-run";

export const dynamic = "force-dynamic";

/** Drafts by the set's plan and streams what happens, one JSON object a line. */
export const POST = handleSet(
  z.object({
    seed: z
      .number()
      .int()
      .min(0)
      .max(2 ** 31),
  }),
  (setId, { seed }) => {
    const lines = streamLines<RunEvent>();
    const run = startRun(setId, seed, lines.send);
    if (!run.ok) return answerProblem(run.problem);
    void run.value.finished.then(lines.end);
    return lines.response;
  },
);

/** Stops the run; what came so far stays. */
export async function DELETE(request: Request, { params }: { params: Promise<{ setId: string }> }): Promise<Response> {
  return refuseForeign(request) ?? Response.json({ stopped: stopRun((await params).setId) });
}
