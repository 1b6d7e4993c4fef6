import Link from "next/link";
import { notFound } from "next/navigation";
import { ExplainedSentences } from "@/components/plan/ExplainedSentences";
import { explainSet } from "@/server/jobs/explain-set";
import { loadSet } from "@/server/sets/load-set";

export const dynamic = "force-dynamic";

const SORTS = { expository: "a text that explains", story: "a story", opinion: "a text that argues", steps: "steps to follow" };

export default async function UnderstoodPage({ params }: { params: Promise<{ setId: string }> }) {
  const { setId } = await params;
  const set = loadSet(setId);
  if (!set) notFound();
  const { sentences, sort } = await explainSet(set);
  const understood = sentences.filter((sentence) => sentence.understood).length;
  return (
    <div className="mx-auto max-w-4xl px-4 py-7 sm:px-6">
      <h1 className="font-read font-semibold text-2xl">What was understood</h1>
      <p className="mt-1 text-soft">
        {understood} of {sentences.length} sentences; read as {SORTS[sort]}. Only what was understood as a whole is asked about.{" "}
        <Link className="text-spruce underline" href={`/sets/${setId}/plan`}>
          Back to the plan
        </Link>
      </p>
      <ExplainedSentences sentences={sentences} />
    </div>
  );
}
