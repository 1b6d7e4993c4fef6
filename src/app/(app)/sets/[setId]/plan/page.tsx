import { notFound } from "next/navigation";
import { PlanView } from "@/components/plan/PlanView";
import { draftedLanguage } from "@/core/source/join-sources";
import { problemText } from "@/messages/problems";
import { db } from "@/server/db/client";
import { historyOf } from "@/server/sets/edit-set";
import { listRuns } from "@/server/sets/list-runs";
import { loadSet } from "@/server/sets/load-set";

export const dynamic = "force-dynamic";

export default async function PlanPage({ params }: { params: Promise<{ setId: string }> }) {
  const { setId } = await params;
  const set = loadSet(setId);
  if (!set) notFound();
  const paragraphs = set.blocks.filter((block) => block.kind !== "heading" && !block.leftOut).length;
  const [source] = set.sources;
  const sourceLine =
    set.sources.length === 1
      ? `${source!.title}, ${paragraphs === 1 ? "1 paragraph" : `${paragraphs} paragraphs`}`
      : `${set.sources.length} sources, ${paragraphs} paragraphs`;
  const drafted = draftedLanguage(set.sources.map(({ language }) => language));
  const foreign = [...new Set(set.sources.map(({ language }) => language).filter((language) => language !== drafted))];
  const start = { setId, state: set.state, checked: {}, ...historyOf(db(), setId) };
  return (
    <PlanView
      key={setId}
      start={start}
      sourceLine={sourceLine}
      band={source!.description.grade}
      notEnglish={foreign.length > 0 ? problemText({ type: "not-in-english", languages: foreign }) : ""}
      canDraft={drafted !== undefined}
      nextSeed={(set.lastRun?.seed ?? 0) + 1}
      runs={listRuns(setId)}
    />
  );
}
