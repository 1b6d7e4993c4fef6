"use client";
import { Pilcrow, RotateCcw, Strikethrough } from "lucide-react";
import { memo, useEffect, useRef } from "react";
import TextareaAutosize from "react-textarea-autosize";
import { LOW_CONFIDENCE } from "@/core/importers/picture/blocks-from-words";
import { edgeLabel } from "@/core/source/locator-label";
import type { Block, Stretch } from "@/core/source/schema";
import type { Spoken } from "../player/use-player";
import { cutText } from "./cut-text";

export type BlockTask = "choose" | "strike" | "bring-back" | "write" | "split" | "merge" | "merge-before" | "kind" | "after" | "only-section" | "done";
type Props = {
  block: Block;
  /** Why the block lies outside the chosen pages or minutes. */
  outside?: string | undefined;
  active: boolean;
  editing: boolean;
  spoken: Spoken | undefined;
  onTask: (blockId: string, task: BlockTask, value?: string | number) => void;
};

const KINDS: [Block["kind"], string][] = [
  ["heading", "heading"],
  ["paragraph", "paragraph"],
  ["list-item", "list item"],
  ["quotation", "quotation"],
  ["table-row", "table row"],
  ["caption", "caption"],
];

/** A block of the extracted text: struck through with its reason when left out, with everything that can be done to it when in hand. */
export const PreparedBlock = memo(function PreparedBlock({ block, outside, active, editing, spoken, onTask }: Props) {
  const { id, kind, leftOut, speaker, confidence } = block;
  const gone = leftOut ?? outside;
  const low = confidence !== undefined && confidence < LOW_CONFIDENCE;
  const Words = kind === "heading" ? (block.level === 1 ? "h2" : "h3") : "div";
  const size = kind === "heading" ? (block.level === 1 ? "font-semibold text-xl" : "font-semibold text-lg") : "";
  return (
    <div
      id={`block-${id}`}
      data-left-out={gone}
      className={`group relative border-b border-transparent py-1 pr-9 pl-12 [contain-intrinsic-size:auto_4rem] [content-visibility:auto] ${active ? "bg-pale" : ""}`}
    >
      <span aria-hidden className="tabular absolute left-0 w-10 text-right text-sm text-soft leading-[1.7rem]">
        {edgeLabel(block.locator)}
      </span>
      {editing ? (
        <BlockText block={block} onTask={onTask} />
      ) : (
        <Words
          data-block={id}
          className={`cursor-text ${size} ${gone ? "text-soft line-through decoration-1" : ""} ${kind === "list-item" ? "pl-4" : ""} ${kind === "quotation" ? "border-line border-l pl-3" : ""}`}
          onClick={() => {
            if (window.getSelection()?.isCollapsed !== false) onTask(id, "choose");
          }}
        >
          {speaker ? <b className="mr-2 font-ui text-sm">{speaker}</b> : null}
          <BlockWords block={block} spoken={spoken} />
        </Words>
      )}
      {block.picture?.startsWith("/api/files/") ? (
        // biome-ignore lint/performance/noImgElement: kept by our own server, small
        <img src={block.picture} alt="" className="mt-1 max-h-24 border border-line" />
      ) : null}
      {gone || low ? (
        <p className="font-ui text-sm">
          {gone ? <span className="text-soft">left out: {gone}</span> : null}
          {low && !gone ? <span className="text-ochre">◇ look: read with {confidence} % confidence</span> : null}
        </p>
      ) : null}
      <span
        className={`absolute top-1 right-1 flex gap-0.5 font-ui focus-within:opacity-100 group-hover:opacity-100 ${active ? "" : "opacity-0 max-[900px]:opacity-100"}`}
      >
        {outside && !leftOut ? null : (
          <button
            type="button"
            className="rounded p-1 text-soft hover:text-ink"
            aria-label={leftOut ? `Bring back ${edgeLabel(block.locator)}` : `Strike out ${edgeLabel(block.locator)}`}
            title={leftOut ? "Bring back" : "Strike out"}
            onClick={() => onTask(id, leftOut ? "bring-back" : "strike")}
          >
            {leftOut ? <RotateCcw size={15} aria-hidden /> : <Strikethrough size={15} aria-hidden />}
          </button>
        )}
      </span>
      {active ? null : (
        <button
          type="button"
          className="sr-only focus:not-sr-only focus:absolute focus:right-8 focus:top-1"
          aria-label={`Take in hand ${edgeLabel(block.locator)}`}
          onClick={() => onTask(id, "choose")}
        >
          <Pilcrow size={15} aria-hidden />
        </button>
      )}
      {active ? (
        <div className="mt-1.5 mb-1 flex flex-wrap items-center gap-1.5 font-ui">
          <button type="button" className="button min-h-7 py-0" aria-pressed={editing} onClick={() => onTask(id, editing ? "done" : "write")}>
            {editing ? "Done" : "Correct the words"}
          </button>
          <select aria-label="Kind of block" className="field min-h-7 py-0 text-sm" value={kind} onChange={(event) => onTask(id, "kind", event.target.value)}>
            {(kind === "cue" ? [["cue", "spoken"] as [Block["kind"], string], ...KINDS] : KINDS).map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </select>
          <button type="button" className="button min-h-7 py-0 font-normal" onClick={() => onTask(id, "merge")}>
            Merge with the next
          </button>
          <button type="button" className="button min-h-7 py-0 font-normal" onClick={() => onTask(id, "after")}>
            Strike out everything after
          </button>
          {kind === "heading" ? (
            <button type="button" className="button min-h-7 py-0 font-normal" onClick={() => onTask(id, "only-section")}>
              Only this section
            </button>
          ) : null}
        </div>
      ) : null}
    </div>
  );
});

/** The text with what is struck, restored by us, hard to read, or being spoken. */
function BlockWords({ block, spoken }: { block: Block; spoken: Spoken | undefined }) {
  const said: Stretch[] = spoken?.blockId === block.id ? [spoken] : [];
  const doubtful = (block.words ?? []).filter((word) => word.confidence < LOW_CONFIDENCE - 10);
  const parts = cutText(block.text, { struck: block.struck ?? [], restored: block.restored ?? [], spoken: said, doubtful });
  return parts.map(({ start, text, sorts }) => (
    <span
      key={start}
      data-start={start}
      title={sorts.has("restored") ? "Put in by Vumo" : undefined}
      className={[
        sorts.has("struck") ? "text-soft line-through" : "",
        sorts.has("restored") ? "text-ochre underline decoration-dotted" : "",
        sorts.has("spoken") ? "bg-evidence" : "",
        sorts.has("doubtful") ? "underline decoration-ochre decoration-wavy" : "",
      ].join(" ")}
    >
      {text}
    </span>
  ));
}

/** Correcting in place: Enter splits the block at the caret, Backspace at its start merges it with the one before. */
function BlockText({ block, onTask }: Pick<Props, "block" | "onTask">) {
  const field = useRef<HTMLTextAreaElement>(null);
  useEffect(() => field.current?.focus(), []);
  return (
    <TextareaAutosize
      ref={field}
      aria-label="Words of this block"
      className="field w-full resize-none"
      value={block.text}
      onChange={(event) => onTask(block.id, "write", event.target.value.replace(/\n/g, " "))}
      onKeyDown={(event) => {
        const { selectionStart, selectionEnd } = event.currentTarget;
        if (event.key === "Escape") onTask(block.id, "done");
        if (event.key === "Enter") {
          event.preventDefault();
          onTask(block.id, "split", selectionStart);
        }
        if (event.key === "Backspace" && selectionStart === 0 && selectionEnd === 0) {
          event.preventDefault();
          onTask(block.id, "merge-before");
        }
      }}
    />
  );
}
