"use client";
import { FileText, FolderOpen } from "lucide-react";
import { useRouter } from "next/navigation";
import { type DragEvent, useCallback, useEffect, useRef, useState } from "react";
import { takeEarlyTyping } from "../shell/early-typing";
import { droppedFiles } from "./dropped-files";
import { ImportList } from "./ImportList";
import { useImports } from "./use-imports";

const KEPT_PASTE = "vumo-pasted-passage";
const LIMIT = 300_000;
const LINK = /^\s*https?:\/\/\S+\s*$/i;

/** One way in for anything: text, a link, files, a folder of them. What was pasted stays until it has become a source. */
export function AddSource({ limits }: { limits: { file: number; media: number } }) {
  const router = useRouter();
  const [text, setText] = useState("");
  const [problem, setProblem] = useState("");
  const [busy, setBusy] = useState(false);
  const [over, setOver] = useState(false);
  const chooser = useRef<HTMLInputElement>(null);
  const folder = useRef<HTMLInputElement>(null);
  const field = useRef<HTMLTextAreaElement>(null);
  useEffect(() => {
    const kept = localStorage.getItem(KEPT_PASTE) ?? "";
    if (kept === "") return;
    // What was typed before the kept paste stood in the field goes behind it: neither is lost.
    const typed = field.current ? takeEarlyTyping(field.current) : "";
    setText(typed === "" ? kept : `${kept}\n\n${typed}`);
  }, []);
  const created = useCallback(
    ({ setId }: { setId?: string }, alone: boolean) => {
      if (alone) router.push(`/sets/${setId}/prepare`);
      router.refresh();
    },
    [router],
  );
  const imports = useImports(limits, created);
  const write = (value: string) => {
    setText(value);
    setProblem("");
    try {
      localStorage.setItem(KEPT_PASTE, value);
    } catch {
      /* too long to keep twice; it still stands in the field */
    }
  };
  const bringIn = async () => {
    if (LINK.test(text)) {
      imports.addLink(text.trim());
      return write("");
    }
    setBusy(true);
    setProblem("");
    try {
      const response = await fetch("/api/sources", { method: "POST", body: JSON.stringify({ text }), headers: { "content-type": "application/json" } });
      const answer = (await response.json()) as { setId?: string; problem?: { text: string } };
      if (!answer.setId) throw new Error(answer.problem?.text ?? "The passage could not be saved. Try again.");
      localStorage.removeItem(KEPT_PASTE);
      created(answer as { setId: string }, true);
    } catch (error) {
      const unreachable = "The server does not answer. What you pasted is still here; start Vumo again and try once more.";
      setProblem(error instanceof TypeError ? unreachable : (error as Error).message);
      setBusy(false);
    }
  };
  /** Captions that come alone while one film waits for its captions are that film's. */
  const take = (files: File[]) => {
    const waiting = imports.items.filter((item) => item.problem === "media-without-captions");
    const [only] = files;
    if (files.length === 1 && waiting.length === 1 && /\.(?:vtt|srt)$/i.test(only!.name)) imports.addCaptions(waiting[0]!, only!);
    else imports.addFiles(files);
  };
  const drop = async (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    if (event.dataTransfer.files.length > 0) take(await droppedFiles(event.dataTransfer));
    else write(event.dataTransfer.getData("text/plain") || text);
  };
  const choose = (input: HTMLInputElement) => {
    take([...(input.files ?? [])]);
    input.value = "";
  };
  return (
    <section
      aria-labelledby="bring-in"
      className={`self-start rounded border bg-sheet p-4 ${over ? "border-spruce" : "border-line"}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => void drop(event)}
    >
      <h2 id="bring-in" className="font-bold">
        Bring in
      </h2>
      <label className="label mt-2 block" htmlFor="passage">
        Paste text or a link, or drop files or a folder here
      </label>
      <textarea
        ref={field}
        id="passage"
        className="field mt-1 h-44 w-full font-read leading-relaxed"
        value={text}
        onChange={(event) => write(event.target.value)}
        aria-describedby="passage-count passage-problem"
      />
      <p id="passage-count" className={`tabular mt-1 text-sm ${text.length > LIMIT ? "text-brick" : "text-soft"}`}>
        {LINK.test(text)
          ? "A link: its page, document or video is fetched"
          : `${text.length.toLocaleString("en-US")} of ${LIMIT.toLocaleString("en-US")} characters`}
      </p>
      <p id="passage-problem" role="alert" className="mt-1 text-brick text-sm">
        {problem}
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="button button-main" disabled={busy} onClick={() => void bringIn()}>
          {busy ? "Bringing in …" : LINK.test(text) ? "Fetch" : "Bring in"}
        </button>
        <button type="button" className="button" onClick={() => chooser.current?.click()}>
          <FileText size={16} aria-hidden /> Choose files
        </button>
        <button type="button" className="button" onClick={() => folder.current?.click()}>
          <FolderOpen size={16} aria-hidden /> A folder
        </button>
        <input ref={chooser} type="file" multiple className="sr-only" tabIndex={-1} aria-label="Choose files" onChange={(event) => choose(event.target)} />
        <input
          ref={(input) => {
            folder.current = input;
            input?.setAttribute("webkitdirectory", "");
          }}
          type="file"
          className="sr-only"
          tabIndex={-1}
          aria-label="Choose a folder"
          onChange={(event) => choose(event.target)}
        />
      </div>
      <p className="mt-3 text-soft text-sm">
        PDF, DOCX, ODT, RTF, EPUB, PPTX, ODP, HTML, Markdown, plain text, captions (VTT, SRT) with their video or sound, pictures of pages.
      </p>
      <ImportList imports={imports} />
    </section>
  );
}
