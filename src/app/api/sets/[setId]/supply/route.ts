import { answerProblem } from "@/server/http/answer";
import { supplyOf } from "@/server/jobs/count-supply";
import { loadSet } from "@/server/sets/load-set";

export const dynamic = "force-dynamic";

export async function GET(_: Request, { params }: { params: Promise<{ setId: string }> }): Promise<Response> {
  const set = loadSet((await params).setId);
  return set ? Response.json(await supplyOf(set, (set.lastRun?.seed ?? 0) + 1)) : answerProblem({ type: "set-not-found" });
}
