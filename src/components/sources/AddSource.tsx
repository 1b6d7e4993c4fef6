"use client";
import { FileText } from "lucide-react";
import { useRouter } from "next/navigation";
import { type DragEvent, useEffect, useRef, useState } from "react";

const KEPT_PASTE = "vumo-pasted-passage";
const LIMIT = 300_000;

/** Paste a passage, or drop or choose a file. What was pasted stays until it has become a source. */
export function AddSource() {
  const router = useRouter();
  const [text, setText] = useState("");
  const [problem, setProblem] = useState("");
  const [busy, setBusy] = useState(false);
  const [over, setOver] = useState(false);
  const chooser = useRef<HTMLInputElement>(null);
  useEffect(() => setText(localStorage.getItem(KEPT_PASTE) ?? ""), []);
  const write = (value: string) => {
    setText(value);
    setProblem("");
    try {
      localStorage.setItem(KEPT_PASTE, value);
    } catch {
      /* too long to keep twice; it still stands in the field */
    }
  };
  const send = async (body: FormData | string, fromPaste: boolean) => {
    setBusy(true);
    setProblem("");
    try {
      const response = await fetch("/api/sources", { method: "POST", body, ...(fromPaste ? { headers: { "content-type": "application/json" } } : {}) });
      const answer = (await response.json()) as { setId?: string; problem?: { text: string } };
      if (!answer.setId) throw new Error(answer.problem?.text ?? "The passage could not be saved. Try again.");
      if (fromPaste) localStorage.removeItem(KEPT_PASTE);
      router.push(`/sets/${answer.setId}/prepare`);
      router.refresh();
    } catch (error) {
      setProblem(
        error instanceof TypeError
          ? "The server does not answer. What you pasted is still here; start Vumo again and try once more."
          : (error as Error).message,
      );
      setBusy(false);
    }
  };
  const sendFile = (file: File | undefined) => {
    if (!file) return;
    const form = new FormData();
    form.set("file", file);
    void send(form, false);
  };
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    if (event.dataTransfer.files.length > 0) sendFile(event.dataTransfer.files[0]);
    else write(event.dataTransfer.getData("text/plain") || text);
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
      onDrop={drop}
    >
      <h2 id="bring-in" className="font-bold">
        Bring in a passage
      </h2>
      <label className="label mt-3 block" htmlFor="passage">
        Paste the text, or drop a .txt or .md file here
      </label>
      <textarea
        id="passage"
        className="field mt-1 h-64 w-full font-read leading-relaxed"
        value={text}
        onChange={(event) => write(event.target.value)}
        aria-describedby="passage-count passage-problem"
      />
      <p id="passage-count" className={`tabular mt-1 text-sm ${text.length > LIMIT ? "text-brick" : "text-soft"}`}>
        {text.length.toLocaleString("en-US")} of {LIMIT.toLocaleString("en-US")} characters
      </p>
      <p id="passage-problem" role="alert" className="mt-1 text-brick text-sm">
        {problem}
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="button button-main" disabled={busy} onClick={() => void send(JSON.stringify({ text }), true)}>
          {busy ? "Bringing in …" : "Bring in"}
        </button>
        <button type="button" className="button" disabled={busy} onClick={() => chooser.current?.click()}>
          <FileText size={16} aria-hidden /> Choose a file
        </button>
        <input
          ref={chooser}
          type="file"
          className="sr-only"
          tabIndex={-1}
          accept=".txt,.text,.md,.markdown,text/plain,text/markdown"
          aria-label="Choose a text file"
          onChange={(event) => {
            sendFile(event.target.files?.[0]);
            event.target.value = "";
          }}
        />
      </div>
    </section>
  );
}
