import { z } from "zod";
import { answerProblem } from "@/server/http/answer";
import { fillPlanOf, supplyOf } from "@/server/jobs/count-supply";
import { loadSet } from "@/server/sets/load-set";

export const dynamic = "force-dynamic";

const wantedSchema = z.coerce.number().int().min(1).max(60);

/** What the text can bear; with `?fill=12` a balanced plan of so many questions. */
export async function GET(request: Request, { params }: { params: Promise<{ setId: string }> }): Promise<Response> {
  const set = loadSet((await params).setId);
  if (!set) return answerProblem({ type: "set-not-found" });
  const seed = (set.lastRun?.seed ?? 0) + 1;
  const wanted = wantedSchema.safeParse(new URL(request.url).searchParams.get("fill"));
  return Response.json(wanted.success ? { plan: await fillPlanOf(set, wanted.data, seed) } : await supplyOf(set, seed));
}
