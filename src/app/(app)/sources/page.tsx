import Link from "next/link";
import { TopBar } from "@/components/shell/TopBar";
import { AddSource } from "@/components/sources/AddSource";
import { gradeBand } from "@/messages/grades";
import { listSources } from "@/server/sources/list-sources";

export const dynamic = "force-dynamic";
export const metadata = { title: "Sources" };

export default async function SourcesPage({ searchParams }: { searchParams: Promise<{ find?: string }> }) {
  const find = (await searchParams).find ?? "";
  const sources = listSources(find);
  return (
    <>
      <TopBar steps={[{ href: "/sources", name: "Sources", count: sources.length }]} />
      <main id="main" className="mx-auto grid max-w-6xl grid-cols-1 gap-8 px-4 py-7 sm:px-6 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <section aria-labelledby="have">
          <div className="flex flex-wrap items-end justify-between gap-3">
            <h1 id="have" className="font-read font-semibold text-2xl">
              Sources
            </h1>
            <search>
              <form className="flex gap-2">
                <input
                  className="field w-52"
                  type="search"
                  name="find"
                  defaultValue={find}
                  aria-label="Find in titles and text"
                  placeholder="Find in the text"
                />
                <button type="submit" className="button">
                  Find
                </button>
              </form>
            </search>
          </div>
          {sources.length === 0 ? (
            <p className="mt-6 border-line border-t pt-4 text-soft">
              {find ? `No source holds “${find}”.` : "Passages that you bring in stand here. Paste the first one, or choose a file."}
            </p>
          ) : (
            <div className="relative mt-4 overflow-x-auto">
              <table className="w-full text-left text-[0.95rem]">
                <thead className="text-soft text-sm">
                  <tr className="border-line border-b">
                    <th className="py-2 pr-4 font-normal">Title</th>
                    <th className="py-2 pr-4 text-right font-normal">Words</th>
                    <th className="whitespace-nowrap py-2 pr-4 text-right font-normal">Reads at grade</th>
                    <th className="py-2 pr-4 text-right font-normal">Drafts</th>
                    <th className="py-2 text-right font-normal">Kept</th>
                  </tr>
                </thead>
                <tbody className="tabular">
                  {sources.map((source) => (
                    <tr key={source.id} className="border-line border-b align-baseline">
                      <td className="py-2.5 pr-4">
                        <Link
                          className="font-semibold hover:text-spruce hover:underline"
                          href={`/sets/${source.setId}/${source.drafts > 0 ? "margin" : "plan"}`}
                        >
                          {source.title}
                        </Link>
                        <span className="block text-soft text-sm">
                          {source.kind === "markdown" ? "Markdown" : "text"} · English ·{" "}
                          {new Date(source.createdAt).toLocaleDateString("en-GB", { day: "numeric", month: "long", year: "numeric" })}
                        </span>
                      </td>
                      <td className="py-2.5 pr-4 text-right">{source.words.toLocaleString("en-US")}</td>
                      <td className="py-2.5 pr-4 text-right">{source.grade ? gradeBand(source.grade) : "–"}</td>
                      <td className="py-2.5 pr-4 text-right">{source.drafts || "–"}</td>
                      <td className="py-2.5 text-right">{source.kept || "–"}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          )}
        </section>
        <AddSource />
      </main>
    </>
  );
}
