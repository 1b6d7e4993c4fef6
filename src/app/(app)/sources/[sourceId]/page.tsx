import Link from "next/link";
import { notFound } from "next/navigation";
import { TopBar } from "@/components/shell/TopBar";
import { lengthText } from "@/components/sources/length-text";
import { NewSetButton } from "@/components/sources/NewSetButton";
import { gradeBand } from "@/messages/grades";
import { languageName } from "@/messages/languages";
import { SOURCE_KIND_NAMES } from "@/messages/source-kinds";
import { loadSource, questionsOfSource, setsOfSource } from "@/server/sources/load-source";

export const dynamic = "force-dynamic";
type Props = { params: Promise<{ sourceId: string }> };

export default async function SourcePage({ params }: Props) {
  const { sourceId } = await params;
  const source = loadSource(sourceId);
  if (!source) notFound();
  const sets = setsOfSource(sourceId);
  const questions = questionsOfSource(sourceId);
  const { counts, grade } = source.description;
  const facts = [
    SOURCE_KIND_NAMES[source.kind],
    lengthText(source),
    `${counts.words.toLocaleString("en-US")} words`,
    languageName(source.language),
    grade && source.language === "en" ? `reads at grade ${gradeBand(grade)}` : "",
    source.byline ? `by ${source.byline}` : "",
    source.published ? `published ${source.published}` : "",
    source.folder ? `in ${source.folder}` : "",
  ];
  const date = (time: number) => new Date(time).toLocaleDateString("en-GB", { day: "numeric", month: "long", year: "numeric" });
  return (
    <>
      <TopBar title={source.title} steps={[{ href: "/sources", name: "Sources" }]} />
      <main id="main" className="mx-auto max-w-4xl px-4 py-7 sm:px-6">
        <h1 className="font-read font-semibold text-2xl">{source.title}</h1>
        <p className="mt-1 text-soft">{facts.filter(Boolean).join(" · ")}</p>
        <p className="text-soft text-sm">
          {source.url ? (
            <>
              Fetched on {date(source.fetchedAt ?? source.createdAt)} from <span className="break-all">{source.url}</span>
            </>
          ) : (
            `Brought in on ${date(source.createdAt)}`
          )}
        </p>
        <section aria-labelledby="sets" className="mt-7">
          <div className="flex items-baseline justify-between gap-3">
            <h2 id="sets" className="font-bold">
              {sets.length === 1 ? "1 set" : `${sets.length} sets`} on it
            </h2>
            <NewSetButton sourceId={sourceId} />
          </div>
          <ul className="mt-2">
            {sets.map((set) => (
              <li key={set.id} className="flex flex-wrap items-baseline justify-between gap-x-4 border-line border-t py-2">
                <Link className="font-semibold hover:text-spruce hover:underline" href={`/sets/${set.id}/margin`}>
                  {set.title}
                </Link>
                <span className="tabular text-soft text-sm">
                  {set.drafts} {set.drafts === 1 ? "question" : "questions"}, {set.kept} kept · {date(set.updatedAt)} ·{" "}
                  <Link className="text-spruce underline" href={`/sets/${set.id}/prepare?source=${sourceId}`}>
                    Prepare
                  </Link>
                </span>
              </li>
            ))}
          </ul>
        </section>
        <section aria-labelledby="questions" className="mt-7">
          <h2 id="questions" className="font-bold">
            {questions.length === 0 ? "No questions on it yet" : questions.length === 1 ? "1 question on it" : `${questions.length} questions on it`}
          </h2>
          <ul className="mt-2">
            {questions.map((question) => (
              <li key={`${question.setId}-${question.id}`} className="flex justify-between gap-4 border-line border-t py-1.5 text-[0.95rem]">
                <span>{question.stem || "No text yet"}</span>
                <span className="whitespace-nowrap text-soft text-sm">
                  {question.status === "kept" ? "✓ kept" : question.status === "aside" ? "set aside" : "draft"}
                </span>
              </li>
            ))}
          </ul>
        </section>
      </main>
    </>
  );
}
