"use client";
import { Dialog } from "radix-ui";
import { useState } from "react";
import type { SourceEdit } from "@/core/source/prepare/source-edit";
import type { Block } from "@/core/source/schema";
import type { FetchedAgain } from "@/server/sources/fetch-again";

type Props = { sourceId: string; fetched: { url: string; on: string }; blocks: Block[]; change: (...edits: (SourceEdit | undefined)[]) => void };

/** The page as it is today beside the page as it was: what is new, what is gone; nothing changes until it is wanted. */
export function FetchAgain({ sourceId, fetched, blocks, change }: Props) {
  const [found, setFound] = useState<FetchedAgain>();
  const [problem, setProblem] = useState("");
  const [busy, setBusy] = useState(false);
  const fetchNow = async () => {
    setBusy(true);
    setProblem("");
    const response = await fetch(`/api/sources/${sourceId}/fetch-again`, { method: "POST", headers: { "content-type": "application/json" }, body: "{}" }).catch(
      () => undefined,
    );
    const answer = await response?.json();
    if (response?.ok) setFound(answer);
    else setProblem(answer?.problem?.text ?? "The server does not answer. Nothing was changed.");
    setBusy(false);
  };
  const use = () => {
    change({ type: "replace-blocks", index: 0, from: blocks, to: found!.blocks });
    setFound(undefined);
  };
  return (
    <span className="flex min-w-0 items-center gap-2 text-sm">
      <span className="truncate text-soft" title={fetched.url}>
        {problem || `Fetched on ${fetched.on}`}
      </span>
      <button type="button" className="button min-h-7 whitespace-nowrap" disabled={busy} onClick={() => void fetchNow()}>
        {busy ? "Fetching …" : "Fetch again"}
      </button>
      <Dialog.Root open={found !== undefined} onOpenChange={() => setFound(undefined)}>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
          <Dialog.Content className="fixed top-1/2 left-1/2 z-40 max-h-[85dvh] w-[min(42rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded border border-line bg-sheet p-5">
            <Dialog.Title className="font-bold">{found?.changes.length === 0 ? "The page has not changed" : "What changed on the page"}</Dialog.Title>
            <Dialog.Description className="mt-1 text-soft text-sm">
              {found?.changes.length === 0
                ? "Its text is word for word what you have."
                : `Since ${fetched.on}. Questions follow their words; those whose words are gone say so. It can be undone.`}
            </Dialog.Description>
            <ul className="mt-3 space-y-2 font-read text-[0.95rem]">
              {found?.changes.map((one, index) => (
                <li key={index} className="flex gap-2">
                  <b className={`font-ui text-sm ${one.sort === "added" ? "text-spruce" : "text-brick"}`}>{one.sort === "added" ? "+ new" : "− gone"}</b>
                  <span className={one.sort === "removed" ? "text-soft line-through" : ""}>{one.text}</span>
                </li>
              ))}
            </ul>
            <div className="mt-4 flex gap-2">
              {found && found.changes.length > 0 ? (
                <button type="button" className="button button-main" onClick={use}>
                  Use the new text
                </button>
              ) : null}
              <Dialog.Close className="button">Keep what I have</Dialog.Close>
            </div>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </span>
  );
}
