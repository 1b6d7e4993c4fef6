import { TopBar } from "@/components/shell/TopBar";
import { FindForm } from "@/components/sources/FindForm";
import { FoundPassages } from "@/components/sources/FoundPassages";
import { searchShelf, searchSources } from "@/server/sources/search-passages";

export const dynamic = "force-dynamic";
export const metadata = { title: "Find a topic" };

export default async function FindPage({ searchParams }: { searchParams: Promise<{ q?: string }> }) {
  const query = ((await searchParams).q ?? "").slice(0, 200).trim();
  const own = searchSources(query);
  const shelf = await searchShelf(query);
  return (
    <>
      <TopBar steps={[{ href: "/sources", name: "Sources" }]} />
      <main id="main" className="mx-auto max-w-4xl px-4 py-7 sm:px-6">
        <div className="flex flex-wrap items-end justify-between gap-3">
          <h1 className="font-read font-semibold text-2xl">{query ? `Passages on “${query}”` : "Find a topic"}</h1>
          <FindForm query={query} />
        </div>
        <p className="mt-1 text-soft">Choose the passages to teach from; together they become a source. Nothing is asked that they do not say.</p>
        {query && own.length + shelf.length === 0 ? (
          <p className="mt-5 border-line border-t pt-4 text-soft">No source speaks of this. Try another word, or bring in a text on it.</p>
        ) : null}
        {own.length + shelf.length > 0 ? (
          <FoundPassages
            key={query}
            topic={query}
            groups={[
              { name: "In your sources", passages: own },
              { name: "On the reference shelf", passages: shelf },
            ]}
          />
        ) : null}
      </main>
    </>
  );
}
