"use client";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import type { ImportEvent } from "@/server/importing/import-events";
import { readLines } from "../shell/read-lines";

/** Captions that came alone get the film or sound they belong to. */
export function AddMedia({ sourceId }: { sourceId: string }) {
  const router = useRouter();
  const chooser = useRef<HTMLInputElement>(null);
  const [said, setSaid] = useState("");
  const add = async (file: File) => {
    setSaid("Storing …");
    const search = new URLSearchParams({ name: file.name, hold: "1" });
    const stored = await fetch(`/api/imports?${search}`, { method: "POST", body: file }).catch(() => undefined);
    if (!stored?.ok || !stored.body) return setSaid((await stored?.json())?.problem?.text ?? "The server does not answer. Try again.");
    let hash = "";
    for await (const event of readLines<ImportEvent>(stored.body)) if (event.type === "stored") hash = event.hash;
    const body = JSON.stringify({ hash, name: file.name });
    const tied = await fetch(`/api/sources/${sourceId}/media`, { method: "POST", headers: { "content-type": "application/json" }, body });
    if (!tied.ok) return setSaid((await tied.json()).problem.text);
    setSaid("");
    router.refresh();
  };
  return (
    <span className="flex items-center gap-2 text-sm">
      <span role="status" className="text-soft">
        {said}
      </span>
      <button type="button" className="button min-h-7" onClick={() => chooser.current?.click()}>
        Add its video or sound
      </button>
      <input
        ref={chooser}
        type="file"
        accept="video/*,audio/*"
        className="sr-only"
        tabIndex={-1}
        aria-label="Video or sound of these captions"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) void add(file);
        }}
      />
    </span>
  );
}
