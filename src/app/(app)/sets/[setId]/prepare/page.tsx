import Link from "next/link";
import { notFound } from "next/navigation";
import { originalOf } from "@/components/prepare/original";
import { PrepareView } from "@/components/prepare/PrepareView";
import { SetSources } from "@/components/prepare/SetSources";
import { importWarningText } from "@/messages/import-warnings";
import { db } from "@/server/db/client";
import { loadSet } from "@/server/sets/load-set";
import { sourceHistoryOf } from "@/server/sources/edit-source";
import { listSources } from "@/server/sources/list-sources";
import { stateOf } from "@/server/sources/save-source";

export const dynamic = "force-dynamic";
type Props = { params: Promise<{ setId: string }>; searchParams: Promise<{ source?: string }> };

export default async function PreparePage({ params, searchParams }: Props) {
  const { setId } = await params;
  const { source: wanted } = await searchParams;
  const set = loadSet(setId);
  if (!set) notFound();
  const source = set.sources.find((one) => one.id === wanted) ?? set.sources[0]!;
  const start = { sourceId: source.id, state: stateOf(source), description: source.description, ...sourceHistoryOf(db(), source.id) };
  const others = listSources()
    .filter((line) => !set.sources.some((used) => used.id === line.id))
    .map(({ id, title }) => ({ id, title }));
  const date = new Date(source.fetchedAt ?? source.createdAt).toLocaleDateString("en-GB", { day: "numeric", month: "long", year: "numeric" });
  return (
    <div className="mx-auto max-w-[84rem] px-4 py-5 sm:px-6">
      <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
        <h1 className="font-read font-semibold text-2xl">Is this the text you mean?</h1>
        <span className="flex flex-wrap items-center gap-2">
          <SetSources setId={setId} sources={set.sources.map(({ id, title }) => ({ id, title }))} hereId={source.id} others={others} />
          <Link href={`/sets/${setId}/plan`} className="button button-main">
            Go to the plan
          </Link>
        </span>
      </div>
      <PrepareView
        key={source.id}
        start={start}
        original={originalOf(source)}
        grade={set.state.plan.grade}
        range={rangeOf(source)}
        warnings={(source.warnings ?? []).filter((warning) => warning.type !== "notes-left-out").map(importWarningText)}
        mediaMissing={source.kind === "captions" && !source.mediaHash}
        fetched={source.url ? { url: source.url, on: date } : undefined}
      />
    </div>
  );
}

function rangeOf({ pages, slides, durationMs }: { pages: number | null; slides: number | null; durationMs: number | null }) {
  if (durationMs) return { unit: "time" as const, last: Math.ceil(durationMs / 1000) * 1000 };
  if (slides) return { unit: "slide" as const, last: slides };
  return pages ? { unit: "page" as const, last: pages } : undefined;
}
