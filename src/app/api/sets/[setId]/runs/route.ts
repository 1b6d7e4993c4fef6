import { z } from "zod";
import { answerProblem, readJson, refuseForeign } from "@/server/http/answer";
import { type RunEvent, startRun, stopRun } from "@/server/jobs/draft-run";

export const dynamic = "force-dynamic";
const bodySchema = z.object({
  seed: z
    .number()
    .int()
    .min(0)
    .max(2 ** 31),
});
type Context = { params: Promise<{ setId: string }> };

/** Drafts by the set's plan and streams what happens, one JSON object a line. */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  const body = bodySchema.safeParse(await readJson(request));
  if (!body.success) return answerProblem({ type: "request-not-understood" });
  const { setId } = await params;
  const encoder = new TextEncoder();
  let send: (event: RunEvent) => void = () => {};
  const run = startRun(setId, body.data.seed, (event) => send(event));
  if (!run.ok) return answerProblem(run.problem);
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      send = (event) => {
        try {
          controller.enqueue(encoder.encode(`${JSON.stringify(event)}\n`));
        } catch {
          send = () => {}; // The page is gone; the run goes on for the database.
        }
      };
      run.value.finished.then(() => {
        try {
          controller.close();
        } catch {
          /* closed by the page */
        }
      });
    },
  });
  return new Response(stream, { headers: { "content-type": "application/x-ndjson", "cache-control": "no-store", "x-accel-buffering": "no" } });
}

/** Stops the run; what came so far stays. */
export async function DELETE(request: Request, { params }: Context): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  return Response.json({ stopped: stopRun((await params).setId) });
}
