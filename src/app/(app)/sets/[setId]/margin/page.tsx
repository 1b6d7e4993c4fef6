import { notFound } from "next/navigation";
import { MarginView } from "@/components/margin/MarginView";
import { gradeBand } from "@/messages/grades";
import { db } from "@/server/db/client";
import { checkSet } from "@/server/jobs/check-set";
import { isDrafting } from "@/server/jobs/draft-run";
import { historyOf } from "@/server/sets/edit-set";
import { loadSet } from "@/server/sets/load-set";

export const dynamic = "force-dynamic";
type Props = { params: Promise<{ setId: string }>; searchParams: Promise<{ draft?: string; seed?: string; slip?: string; only?: string }> };

export default async function MarginPage({ params, searchParams }: Props) {
  const { setId } = await params;
  const { draft, seed, slip, only } = await searchParams;
  const set = loadSet(setId);
  if (!set) notFound();
  const { sources, lastRun } = set;
  const words = sources.reduce((sum, source) => sum + source.description.counts.words, 0);
  const { grade } = sources[0]!.description;
  const reads = grade && sources.length === 1 && sources[0]!.language === "en" ? ` · reads at grade ${gradeBand(grade)} by estimate` : "";
  const byline = `${sources.length > 1 ? `${sources.length} sources · ` : ""}${words.toLocaleString("en-US")} words${reads}`;
  const media = sources.find((source) => source.mediaHash);
  const start = { setId, state: set.state, ...(await checkSet(set)), ...historyOf(db(), setId) };
  const nextSeed = /^\d{1,9}$/.test(seed ?? "") ? Number(seed) : (lastRun?.seed ?? 0) + 1;
  return (
    <MarginView
      key={setId}
      start={start}
      blocks={set.blocks.filter((block) => !block.leftOut)}
      byline={byline}
      media={
        media?.mediaHash ? { sourceId: media.id, address: `/api/files/${media.mediaHash}`, isVideo: media.kind === "video", title: media.title } : undefined
      }
      nextSeed={nextSeed}
      drafting={isDrafting(setId)}
      report={lastRun?.report ?? null}
      draftNow={draft === "now"}
      slipId={slip}
      only={only}
    />
  );
}
