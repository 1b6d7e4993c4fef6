import { notFound } from "next/navigation";
import { PlanView } from "@/components/plan/PlanView";
import { db } from "@/server/db/client";
import { historyOf } from "@/server/sets/edit-set";
import { listRuns } from "@/server/sets/list-runs";
import { loadSet } from "@/server/sets/load-set";

export const dynamic = "force-dynamic";

export default async function PlanPage({ params }: { params: Promise<{ setId: string }> }) {
  const { setId } = await params;
  const set = loadSet(setId);
  if (!set) notFound();
  const { source } = set;
  const paragraphs = source.blocks.filter((block) => block.kind !== "heading" && !block.leftOut).length;
  const start = { setId, state: set.state, checked: {}, ...historyOf(db(), setId) };
  return (
    <PlanView
      key={setId}
      start={start}
      sourceLine={`${source.title}, paragraphs 1 to ${paragraphs}`}
      band={source.description.grade}
      nextSeed={(set.lastRun?.seed ?? 0) + 1}
      runs={listRuns(setId)}
    />
  );
}
