import Link from "next/link";
import { TopBar } from "@/components/shell/TopBar";
import { AddSource } from "@/components/sources/AddSource";
import { FindForm } from "@/components/sources/FindForm";
import { SourceTable } from "@/components/sources/SourceTable";
import { uploadLimits } from "@/server/env";
import { countShelves, listSources, type SourceShelf } from "@/server/sources/list-sources";

export const dynamic = "force-dynamic";
export const metadata = { title: "Sources" };
type Props = { searchParams: Promise<{ folder?: string; shelf?: string }> };

const EMPTY: Record<SourceShelf["sort"], string> = {
  all: "What you bring in stands here. Paste the first passage or a link, or drop a file.",
  folder: "This folder is empty. Select sources in the list and move them here.",
  archived: "Nothing is archived. What you archive leaves the list and keeps its questions.",
  deleted: "Nothing is deleted. What you delete waits here and can be brought back.",
};

export default async function SourcesPage({ searchParams }: Props) {
  const { folder, shelf: wanted } = await searchParams;
  const shelf: SourceShelf = folder ? { sort: "folder", name: folder } : { sort: wanted === "archived" || wanted === "deleted" ? wanted : "all" };
  const sources = listSources(shelf);
  const shelves = countShelves();
  const tabs = [
    { name: "All", count: shelves.all, href: "/sources", here: shelf.sort === "all" },
    ...shelves.folders.map(({ name, count }) => ({ name, count, href: `/sources?folder=${encodeURIComponent(name)}`, here: folder === name })),
    ...(shelves.archived > 0 ? [{ name: "Archived", count: shelves.archived, href: "/sources?shelf=archived", here: shelf.sort === "archived" }] : []),
    ...(shelves.deleted > 0 ? [{ name: "Deleted", count: shelves.deleted, href: "/sources?shelf=deleted", here: shelf.sort === "deleted" }] : []),
  ];
  return (
    <>
      <TopBar steps={[{ href: "/sources", name: "Sources", count: shelves.all }]} />
      <main id="main" className="mx-auto grid max-w-6xl grid-cols-1 gap-8 px-4 py-7 sm:px-6 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <section aria-labelledby="have">
          <div className="flex flex-wrap items-end justify-between gap-3">
            <h1 id="have" className="font-read font-semibold text-2xl">
              Sources
            </h1>
            <FindForm />
          </div>
          <nav aria-label="Folders" className="mt-3">
            <ul className="flex flex-wrap gap-x-4 gap-y-1 text-sm">
              {tabs.map(({ name, count, href, here }) => (
                <li key={href}>
                  <Link
                    href={href}
                    aria-current={here ? "true" : undefined}
                    className={here ? "border-spruce border-b-2 font-semibold" : "text-soft hover:text-ink"}
                  >
                    {name} <span className="tabular font-normal text-soft">{count}</span>
                  </Link>
                </li>
              ))}
            </ul>
          </nav>
          {sources.length === 0 ? (
            <p className="mt-4 border-line border-t pt-4 text-soft">{EMPTY[shelf.sort]}</p>
          ) : (
            <SourceTable key={`${shelf.sort}-${folder ?? ""}`} sources={sources} folders={shelves.folders.map(({ name }) => name)} shelf={shelf.sort} />
          )}
        </section>
        <AddSource limits={uploadLimits()} />
      </main>
    </>
  );
}
