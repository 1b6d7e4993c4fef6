import { answerProblem } from "@/server/http/answer";
import { checkSet } from "@/server/jobs/check-set";
import { isDrafting } from "@/server/jobs/draft-run";
import { loadSet } from "@/server/sets/load-set";

export const dynamic = "force-dynamic";

/** The set as it is now, for a page that was away while drafting went on. */
export async function GET(_: Request, { params }: { params: Promise<{ setId: string }> }): Promise<Response> {
  const { setId } = await params;
  const set = loadSet(setId);
  if (!set) return answerProblem({ type: "set-not-found" });
  return Response.json({ state: set.state, ...(await checkSet(set)), drafting: isDrafting(setId), report: set.lastRun?.report ?? null });
}
