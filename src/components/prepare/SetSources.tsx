"use client";
import { Plus, X } from "lucide-react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { DropdownMenu } from "radix-ui";
import { useState } from "react";

type Item = { id: string; title: string };
type Props = { setId: string; sources: Item[]; hereId: string; others: Item[] };

/** The sources of a set: which one is on the page, one more, or one less. */
export function SetSources({ setId, sources, hereId, others }: Props) {
  const router = useRouter();
  const [problem, setProblem] = useState("");
  const act = async (action: "add" | "remove", sourceId: string) => {
    const response = await fetch(`/api/sets/${setId}/sources`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ action, sourceId }),
    }).catch(() => undefined);
    if (!response?.ok) return setProblem((await response?.json())?.problem?.text ?? "The server does not answer. Nothing was changed.");
    setProblem("");
    const goTo = action === "add" ? sourceId : sources.find((source) => source.id !== sourceId)!.id;
    router.push(`/sets/${setId}/prepare?source=${goTo}`);
    router.refresh();
  };
  return (
    <nav aria-label="Sources of this set" className="flex flex-wrap items-center gap-2 text-sm">
      {sources.length > 1
        ? sources.map((source) => (
            <span
              key={source.id}
              className={`flex items-center overflow-hidden rounded border ${source.id === hereId ? "border-spruce bg-pale" : "border-line bg-sheet"}`}
            >
              <Link
                href={`/sets/${setId}/prepare?source=${source.id}`}
                aria-current={source.id === hereId ? "true" : undefined}
                className="max-w-56 truncate px-2.5 py-1"
              >
                {source.title}
              </Link>
              <button
                type="button"
                className="px-1.5 py-1 text-soft hover:text-brick"
                aria-label={`Take ${source.title} out of this set`}
                onClick={() => void act("remove", source.id)}
              >
                <X size={14} aria-hidden />
              </button>
            </span>
          ))
        : null}
      <DropdownMenu.Root>
        <DropdownMenu.Trigger className="button">
          <Plus size={15} aria-hidden /> Add a source
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content align="start" className="z-20 max-h-80 max-w-80 overflow-auto rounded border border-line bg-sheet p-1 text-sm shadow-md">
            {others.map((source) => (
              <DropdownMenu.Item
                key={source.id}
                className="truncate rounded px-2 py-1.5 outline-none data-[highlighted]:bg-pale"
                onSelect={() => void act("add", source.id)}
              >
                {source.title}
              </DropdownMenu.Item>
            ))}
            {others.length === 0 ? <p className="px-2 py-1.5 text-soft">Every source is in this set. Bring in another one first.</p> : null}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <span role="alert" className="text-brick">
        {problem}
      </span>
    </nav>
  );
}
