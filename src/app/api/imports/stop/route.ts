import { z } from "zod";
import { answerProblem, readJson, refuseForeign } from "@/server/http/answer";
import { stopReading } from "@/server/importing/stoppable";

/** Ends the reading of a scan; the pages read so far become the source. */
export async function POST(request: Request): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  const body = z.object({ id: z.string().max(80) }).safeParse(await readJson(request));
  return body.success ? Response.json({ stopped: stopReading(body.data.id) }) : answerProblem({ type: "request-not-understood" });
}
