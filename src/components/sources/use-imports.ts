"use client";
import { useCallback, useRef, useState } from "react";
import type { ImportEvent } from "@/server/importing/import-events";
import { readLines } from "../shell/read-lines";
import { type FileGroup, isMedia, pairCaptions } from "./pair-captions";

export type ImportItem = {
  id: string;
  name: string;
  state: "waiting" | "working" | "created" | "known" | "failed";
  /** What is going on, or went wrong, in words. */
  text: string;
  share?: number;
  problem?: string;
  hash?: string;
  setId?: string;
  kind?: string;
  since?: number;
};
type Limits = { file: number; media: number };
type Start = { address: string; init: RequestInit };

const AT_ONCE = 3;
const UNREACHABLE = "The server does not answer. Start Vumo again and bring this in once more.";

/** Files and links on their way in: several at once, each with its own line; one that fails does not stop the others. */
export function useImports(limits: Limits, onCreated: (item: ImportItem, alone: boolean) => void) {
  const [items, setItems] = useState<ImportItem[]>([]);
  const stops = useRef(new Map<string, AbortController>());
  /** Readings of scans, which keep what came. */
  const scans = useRef(new Set<string>());
  const queue = useRef<(() => Promise<void>)[]>([]);
  const running = useRef(0);
  const change = useCallback(
    (id: string, next: Partial<ImportItem>) => setItems((old) => old.map((item) => (item.id === id ? { ...item, ...next } : item))),
    [],
  );

  const pump = useCallback(() => {
    while (running.current < AT_ONCE && queue.current.length > 0) {
      running.current++;
      void queue.current.shift()!().finally(() => {
        running.current--;
        pump();
      });
    }
  }, []);

  const follow = useCallback(
    async (id: string, { address, init }: Start, alone: boolean): Promise<ImportEvent | undefined> => {
      const stop = new AbortController();
      stops.current.set(id, stop);
      let last: ImportEvent | undefined;
      try {
        const response = await fetch(address, { ...init, signal: stop.signal });
        if (!response.ok || !response.body) {
          const answer = await response.json().catch(() => undefined);
          change(id, { state: "failed", text: answer?.problem?.text ?? UNREACHABLE, problem: answer?.problem?.type });
          return undefined;
        }
        for await (const event of readLines<ImportEvent>(response.body)) {
          last = event;
          if (event.type === "stored") change(id, { hash: event.hash });
          if (event.type === "progress") change(id, { state: "working", text: progressText(event), share: event.total > 0 ? event.done / event.total : 0 });
          if (event.type === "failed") change(id, { state: "failed", text: event.text, problem: event.problem, ...(event.hash ? { hash: event.hash } : {}) });
          if (event.type === "known") change(id, { state: "known", text: "", setId: event.setId, since: event.since });
          if (event.type === "created") {
            change(id, { state: "created", text: "", setId: event.setId, kind: event.kind });
            onCreated({ id, name: event.title, state: "created", text: "", setId: event.setId }, alone);
          }
        }
      } catch {
        change(id, { state: "failed", text: stop.signal.aborted ? "Stopped. Nothing was brought in." : UNREACHABLE, problem: "stopped" });
      } finally {
        stops.current.delete(id);
      }
      return last;
    },
    [change, onCreated],
  );

  const enqueue = useCallback(
    (name: string, work: (id: string) => Promise<void>, id: string = crypto.randomUUID()) => {
      setItems((old) => [...old.filter((item) => item.id !== id), { id, name, state: "waiting", text: "Waiting" }]);
      queue.current.push(() => work(id));
      pump();
    },
    [pump],
  );

  const addGroup = useCallback(
    ({ file, captions }: FileGroup<File>, alone: boolean) => {
      const limit = isMedia(file.name) ? limits.media : limits.file;
      enqueue(file.name, async (id) => {
        if (file.size > limit) {
          const megabytes = Math.ceil(file.size / 1e6).toLocaleString("en-US");
          return change(id, {
            state: "failed",
            text: `“${file.name}” has ${megabytes} MB; at most ${Math.round(limit / 1e6)} MB are taken. Bring in a part of it.`,
            problem: "file-too-large",
          });
        }
        change(id, { state: "working", text: "Storing" });
        const stored = await follow(id, upload(file, captions ? { hold: "1" } : {}), alone);
        if (!captions || stored?.type !== "stored") return;
        await follow(id, upload(captions, { media: stored.hash, mediaName: file.name }), alone);
      });
    },
    [enqueue, change, follow, limits],
  );

  const addFiles = useCallback(
    (files: readonly File[]) => {
      const groups = pairCaptions(files);
      for (const group of groups) addGroup(group, groups.length === 1);
    },
    [addGroup],
  );

  const addLink = useCallback(
    (link: string, again = false, id?: string) => enqueue(link, async (own) => void (await follow(own, post("/api/imports/link", { link, again }), true)), id),
    [enqueue, follow],
  );

  /** A file that is stored already: once more, or read off its pictures. */
  const retry = useCallback(
    (item: ImportItem, wanted: { again?: true; readPictures?: true }) => {
      if (!item.hash) return addLink(item.name, true, item.id);
      const { id, name, hash } = item;
      if (wanted.readPictures) scans.current.add(id);
      const named = wanted.readPictures ? { id } : {};
      enqueue(
        name,
        async () => {
          await follow(id, post("/api/imports/stored", { hash, name, ...wanted, ...named }), true);
          scans.current.delete(id);
        },
        id,
      );
    },
    [enqueue, follow, addLink],
  );

  const addCaptions = useCallback(
    (item: ImportItem, captions: File) => {
      const { id, name, hash } = item;
      if (hash) enqueue(name, async () => void (await follow(id, upload(captions, { media: hash, mediaName: name }), true)), id);
    },
    [enqueue, follow],
  );

  /** A scan ends with the pages read so far; everything else is dropped. */
  const stop = useCallback((id: string) => {
    if (!scans.current.has(id)) return stops.current.get(id)?.abort();
    void fetch("/api/imports/stop", post("/api/imports/stop", { id }).init).catch(() => {});
  }, []);
  const dismiss = useCallback((id: string) => setItems((old) => old.filter((item) => item.id !== id)), []);
  return { items, addFiles, addLink, addCaptions, retry, stop, dismiss };
}

export type Imports = ReturnType<typeof useImports>;

function upload(file: File, query: Record<string, string>): Start {
  const search = new URLSearchParams({ name: file.name, ...query });
  return { address: `/api/imports?${search}`, init: { method: "POST", body: file, headers: { "content-type": file.type || "application/octet-stream" } } };
}

function post(address: string, body: object): Start {
  return { address, init: { method: "POST", headers: { "content-type": "application/json" }, body: JSON.stringify(body) } };
}

function progressText({ what, done, total }: { what: string; done: number; total: number }): string {
  return what === "pages" || what === "chapters" || what.startsWith("pages ")
    ? `${Math.floor(done)} of ${total} ${what}`
    : what.charAt(0).toUpperCase() + what.slice(1);
}
