"use client";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";

type Props = { sourceId: string; original: string };

/** The passage as it was brought in, to mend a misspelt word or take a paragraph out; evidence moves along. */
export function SourceText({ sourceId, original }: Props) {
  const router = useRouter();
  const storageKey = `vumo-source-${sourceId}`;
  const [text, setText] = useState(original);
  const [said, setSaid] = useState("");
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    const kept = localStorage.getItem(storageKey);
    if (kept !== null) setText(kept);
  }, [storageKey]);
  const write = (value: string) => {
    setText(value);
    setSaid("");
    try {
      localStorage.setItem(storageKey, value);
    } catch {
      /* too long to keep twice */
    }
  };
  const save = async () => {
    const response = await fetch(`/api/sources/${sourceId}/text`, {
      method: "PUT",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ text }),
    }).catch(() => undefined);
    const answer = await response?.json();
    setFailed(!response?.ok);
    if (!response?.ok) return setSaid(answer?.problem?.text ?? "The server does not answer. Your changes are kept here; try again.");
    localStorage.removeItem(storageKey);
    setSaid(
      answer.lost > 0
        ? `Saved. The evidence of ${answer.lost} is no longer in the text; those slips say so.`
        : answer.moved > 0
          ? `Saved. The evidence of ${answer.moved} moved along.`
          : "Saved.",
    );
    router.refresh();
  };
  return (
    <div>
      <label className="label" htmlFor="source-text">
        The text as it was brought in
      </label>
      <textarea
        id="source-text"
        className="field mt-1 h-[60dvh] w-full font-read leading-relaxed"
        value={text}
        onChange={(event) => write(event.target.value)}
      />
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <button type="button" className="button button-main" disabled={text === original} onClick={() => void save()}>
          Use this text
        </button>
        {text !== original ? (
          <button
            type="button"
            className="button"
            onClick={() => {
              localStorage.removeItem(storageKey);
              setText(original);
              setSaid("");
            }}
          >
            Take back the changes
          </button>
        ) : null}
        <p role="status" className={`text-sm ${failed ? "text-brick" : "text-soft"}`}>
          {said}
        </p>
      </div>
    </div>
  );
}
