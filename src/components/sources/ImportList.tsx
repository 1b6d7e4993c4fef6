"use client";
import { X } from "lucide-react";
import Link from "next/link";
import { useRef } from "react";
import { SOURCE_KIND_NAMES } from "@/messages/source-kinds";
import type { ImportItem, Imports } from "./use-imports";

/** What is on its way in, a line each: how far it is, or what went wrong and what can be done. */
export function ImportList({ imports }: { imports: Imports }) {
  if (imports.items.length === 0) return null;
  return (
    <ul aria-label="On its way in" aria-live="polite" className="mt-4 border-line border-t">
      {imports.items.map((item) => (
        <ImportLine key={item.id} item={item} imports={imports} />
      ))}
    </ul>
  );
}

function ImportLine({ item, imports }: { item: ImportItem; imports: Imports }) {
  const { id, name, state, text, share } = item;
  return (
    <li data-import={state} className="border-line border-b py-2 text-sm">
      <div className="flex items-baseline gap-2">
        <span className="min-w-0 flex-1 truncate font-semibold" title={name}>
          {name}
        </span>
        {state === "working" || state === "waiting" ? (
          <button type="button" className="button min-h-6 px-2 py-0" onClick={() => imports.stop(id)}>
            Stop
          </button>
        ) : (
          <button type="button" aria-label={`Take ${name} off this list`} className="text-soft hover:text-ink" onClick={() => imports.dismiss(id)}>
            <X size={14} aria-hidden />
          </button>
        )}
      </div>
      {state === "working" ? (
        <div className="mt-1 flex items-center gap-2 text-soft">
          <span className="h-1 w-24 overflow-hidden rounded-xs bg-line">
            <span className="block h-full bg-spruce" style={{ width: `${Math.round((share ?? 0) * 100)}%` }} />
          </span>
          {text}
        </div>
      ) : null}
      {state === "waiting" ? <p className="text-soft">{text}</p> : null}
      {state === "created" ? (
        <p className="text-soft">
          Read as {SOURCE_KIND_NAMES[item.kind as keyof typeof SOURCE_KIND_NAMES] ?? item.kind}.{" "}
          <Link className="text-spruce underline" href={`/sets/${item.setId}/prepare`}>
            Open it
          </Link>
        </p>
      ) : null}
      {state === "known" ? (
        <p className="text-soft">
          Already here since {sinceText(item.since!)}.{" "}
          <Link className="text-spruce underline" href={`/sets/${item.setId}/prepare`}>
            Open it
          </Link>{" "}
          ·{" "}
          <button type="button" className="text-spruce underline" onClick={() => imports.retry(item, { again: true })}>
            Bring it in once more
          </button>
        </p>
      ) : null}
      {state === "failed" ? <FailedLine item={item} imports={imports} /> : null}
    </li>
  );
}

function FailedLine({ item, imports }: { item: ImportItem; imports: Imports }) {
  const chooser = useRef<HTMLInputElement>(null);
  return (
    <>
      <p className={item.problem === "pdf-of-pictures" || item.problem === "media-without-captions" ? "" : "text-brick"}>{item.text}</p>
      {item.problem === "pdf-of-pictures" ? (
        <button type="button" className="button mt-1" onClick={() => imports.retry(item, { readPictures: true })}>
          Read the text off the pictures
        </button>
      ) : null}
      {item.problem === "media-without-captions" ? (
        <>
          <button type="button" className="button mt-1" onClick={() => chooser.current?.click()}>
            Choose the captions file
          </button>
          <input
            ref={chooser}
            type="file"
            accept=".vtt,.srt"
            className="sr-only"
            tabIndex={-1}
            aria-label={`Captions of ${item.name}`}
            onChange={(event) => {
              const [file] = event.target.files ?? [];
              if (file) imports.addCaptions(item, file);
            }}
          />
          <details className="mt-1">
            <summary className="cursor-pointer text-spruce">Paste the captions</summary>
            <textarea
              aria-label={`Pasted captions of ${item.name}`}
              className="field mt-1 h-24 w-full"
              onPaste={(event) => {
                const pasted = event.clipboardData.getData("text/plain");
                if (pasted.trim() !== "") imports.addCaptions(item, new File([pasted], "pasted.vtt", { type: "text/vtt" }));
              }}
            />
          </details>
        </>
      ) : null}
    </>
  );
}

/** "today", "Tuesday", "3 November 2026". */
function sinceText(time: number): string {
  const days = Math.floor((new Date().setHours(0, 0, 0, 0) - new Date(time).setHours(0, 0, 0, 0)) / 86_400_000);
  if (days <= 0) return "today";
  if (days < 7) return new Date(time).toLocaleDateString("en-GB", { weekday: "long" });
  return new Date(time).toLocaleDateString("en-GB", { day: "numeric", month: "long", year: "numeric" });
}
