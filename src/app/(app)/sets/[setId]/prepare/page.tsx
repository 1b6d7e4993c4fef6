import Link from "next/link";
import { notFound } from "next/navigation";
import { ReadingFigures } from "@/components/prepare/ReadingFigures";
import { SourceText } from "@/components/prepare/SourceText";
import { StillBlocks } from "@/components/prepare/StillBlocks";
import { loadSet } from "@/server/sets/load-set";

export const dynamic = "force-dynamic";
type Props = { params: Promise<{ setId: string }>; searchParams: Promise<{ show?: string }> };

export default async function PreparePage({ params, searchParams }: Props) {
  const { setId } = await params;
  const editing = (await searchParams).show === "text";
  const set = loadSet(setId);
  if (!set) notFound();
  const { source } = set;
  const tab = (href: string, name: string, here: boolean) => (
    <Link
      href={href}
      aria-current={here ? "true" : undefined}
      className={`px-2.5 py-1 text-sm ${here ? "bg-pale font-semibold text-spruce" : "bg-sheet text-soft hover:text-ink"}`}
    >
      {name}
    </Link>
  );
  return (
    <div className="grid grid-cols-1 gap-8 px-4 py-6 sm:px-8 lg:grid-cols-[minmax(0,46rem)_minmax(18rem,24rem)] lg:justify-center">
      <section aria-labelledby="is-this" className="min-w-0">
        <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
          <h1 id="is-this" className="font-read font-semibold text-2xl">
            Is this the text you mean?
          </h1>
          <span className="flex overflow-hidden rounded border border-line">
            {tab("?show=blocks", "Numbered", !editing)}
            {tab("?show=text", "Change the text", editing)}
          </span>
        </div>
        {editing ? <SourceText key={source.id} sourceId={source.id} original={source.original} /> : <StillBlocks blocks={source.blocks} />}
      </section>
      <aside className="lg:pt-12">
        <ReadingFigures description={source.description} grade={set.state.plan.grade} blocks={source.blocks} />
        <Link href={`/sets/${setId}/plan`} className="button button-main mt-6">
          Go to the plan
        </Link>
      </aside>
    </div>
  );
}
