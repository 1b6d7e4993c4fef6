"use client";
import { MoreHorizontal } from "lucide-react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { DropdownMenu } from "radix-ui";
import { useState } from "react";
import { gradeBand } from "@/messages/grades";
import { languageName } from "@/messages/languages";
import { SOURCE_KIND_NAMES } from "@/messages/source-kinds";
import type { SourceLine } from "@/server/sources/list-sources";
import type { Manage } from "@/server/sources/manage-sources";
import { lengthText } from "./length-text";
import { SourceActions } from "./SourceActions";

type Props = { sources: SourceLine[]; folders: string[]; shelf: "all" | "folder" | "archived" | "deleted" };
type Done = { text: string; undo: Manage };

/** Sources as lines, to be opened, or worked on with many selected. Every action can be taken back. */
export function SourceTable({ sources, folders, shelf }: Props) {
  const router = useRouter();
  const [selected, setSelected] = useState<ReadonlySet<string>>(new Set());
  const [done, setDone] = useState<Done>();
  const manage = async (wanted: Manage) => {
    const response = await fetch("/api/sources/manage", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(wanted),
    }).catch(() => undefined);
    setDone(response?.ok ? describeDone(wanted, sources) : { text: "The server does not answer. Nothing was changed.", undo: wanted });
    setSelected(new Set());
    router.refresh();
  };
  const newSet = async (sourceIds: string[]) => {
    const response = await fetch("/api/sets", { method: "POST", headers: { "content-type": "application/json" }, body: JSON.stringify({ sourceIds }) });
    if (response.ok) router.push(`/sets/${((await response.json()) as { setId: string }).setId}/plan`);
  };
  const chosen = sources.filter((source) => selected.has(source.id)).map((source) => source.id);
  const toggle = (id: string) => setSelected((old) => (old.has(id) ? new Set([...old].filter((other) => other !== id)) : new Set([...old, id])));
  return (
    <div className="mt-3">
      <div aria-live="polite" className="text-sm">
        {chosen.length > 0 ? (
          <div className="flex flex-wrap items-center gap-2">
            <b>{chosen.length} selected</b>
            {shelf === "deleted" ? null : (
              <button type="button" className="button" onClick={() => void newSet(chosen)}>
                New set of {chosen.length === 1 ? "it" : "these"}
              </button>
            )}
            <SourceActions ids={chosen} folders={folders} shelf={shelf} manage={(wanted) => void manage(wanted)} as="buttons" />
          </div>
        ) : done ? (
          <p>
            {done.text}{" "}
            <button type="button" className="text-spruce underline" onClick={() => void manage(done.undo).then(() => setDone(undefined))}>
              Undo
            </button>
          </p>
        ) : null}
      </div>
      <div className="relative overflow-x-auto">
        <table className="w-full text-left text-[0.95rem]">
          <thead className="text-soft text-sm">
            <tr className="border-line border-b">
              <th className="w-7 py-2">
                <span className="sr-only">Selected</span>
              </th>
              <th className="py-2 pr-4 font-normal">Title</th>
              <th className="py-2 pr-4 text-right font-normal">Words</th>
              <th className="whitespace-nowrap py-2 pr-4 text-right font-normal">Reads at grade</th>
              <th className="py-2 pr-4 text-right font-normal">Drafts</th>
              <th className="py-2 pr-2 text-right font-normal">Kept</th>
              <th>
                <span className="sr-only">Actions</span>
              </th>
            </tr>
          </thead>
          <tbody className="tabular">
            {sources.map((source) => (
              <tr key={source.id} className={`border-line border-b align-baseline ${selected.has(source.id) ? "bg-pale" : ""}`}>
                <td className="py-2.5">
                  <input
                    type="checkbox"
                    className="accent-spruce"
                    aria-label={`Select ${source.title}`}
                    checked={selected.has(source.id)}
                    onChange={() => toggle(source.id)}
                  />
                </td>
                <td className="py-2.5 pr-4">
                  <Link
                    className="font-semibold hover:text-spruce hover:underline"
                    href={source.setId ? `/sets/${source.setId}/${source.drafts > 0 ? "margin" : "plan"}` : `/sources/${source.id}`}
                  >
                    {source.title}
                  </Link>
                  <span className="block text-soft text-sm">
                    {[
                      SOURCE_KIND_NAMES[source.kind],
                      lengthText(source),
                      languageName(source.language),
                      source.folder && shelf !== "folder" ? `in ${source.folder}` : "",
                      source.sets > 1 ? `${source.sets} sets` : "",
                      new Date(source.createdAt).toLocaleDateString("en-GB", { day: "numeric", month: "long", year: "numeric" }),
                    ]
                      .filter(Boolean)
                      .join(" · ")}
                  </span>
                </td>
                <td className="py-2.5 pr-4 text-right">{source.words.toLocaleString("en-US")}</td>
                <td className="py-2.5 pr-4 text-right">{source.grade && source.language === "en" ? gradeBand(source.grade) : "–"}</td>
                <td className="py-2.5 pr-4 text-right">{source.drafts || "–"}</td>
                <td className="py-2.5 pr-2 text-right">{source.kept || "–"}</td>
                <td className="py-2 text-right">
                  <DropdownMenu.Root>
                    <DropdownMenu.Trigger className="rounded p-1 text-soft hover:text-ink" aria-label={`More for ${source.title}`}>
                      <MoreHorizontal size={16} aria-hidden />
                    </DropdownMenu.Trigger>
                    <DropdownMenu.Portal>
                      <DropdownMenu.Content align="end" className="z-20 min-w-44 rounded border border-line bg-sheet p-1 text-sm shadow-md">
                        <DropdownMenu.Item asChild>
                          <Link className="block rounded px-2 py-1.5 outline-none data-[highlighted]:bg-pale" href={`/sources/${source.id}`}>
                            Its page: sets and questions
                          </Link>
                        </DropdownMenu.Item>
                        {shelf === "deleted" ? null : (
                          <DropdownMenu.Item className="rounded px-2 py-1.5 outline-none data-[highlighted]:bg-pale" onSelect={() => void newSet([source.id])}>
                            New set of it
                          </DropdownMenu.Item>
                        )}
                        <SourceActions ids={[source.id]} folders={folders} shelf={shelf} manage={(wanted) => void manage(wanted)} as="items" />
                      </DropdownMenu.Content>
                    </DropdownMenu.Portal>
                  </DropdownMenu.Root>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}

/** What was done, in words, and what takes it back. */
function describeDone(wanted: Manage, sources: readonly SourceLine[]): Done {
  const { ids } = wanted;
  const touched = sources.filter((source) => ids.includes(source.id));
  const what = touched.length === 1 ? `“${touched[0]!.title}”` : `${touched.length} sources`;
  const questions = touched.reduce((sum, source) => sum + source.drafts, 0);
  switch (wanted.action) {
    case "move":
      return {
        text: wanted.folder ? `Moved ${what} to ${wanted.folder}.` : `Took ${what} out of its folder.`,
        undo: { action: "move", ids, folder: touched[0]?.folder ?? null },
      };
    case "archive":
      return { text: `Archived ${what}.`, undo: { action: "unarchive", ids } };
    case "unarchive":
      return { text: `${what} is back in the list.`, undo: { action: "archive", ids } };
    case "delete":
      return { text: `Deleted ${what}${questions > 0 ? ` with its ${questions} questions` : ""}.`, undo: { action: "bring-back", ids } };
    case "bring-back":
      return { text: `Brought back ${what}.`, undo: { action: "delete", ids } };
  }
}
