import { memo } from "react";
import { edgeLabel, locatorLabel } from "@/core/source/locator-label";
import type { Block } from "@/core/source/schema";
import type { Spoken } from "../player/use-player";

/** A stretch of the block's text with the slips whose evidence it is. */
export type Mark = { slipId: string; start: number; end: number };
type Props = {
  block: Block;
  marks: readonly Mark[];
  activeId: string | undefined;
  onChoose: (slipId: string) => void;
  /** The sentence of this block that is being spoken. */
  spoken?: Spoken | undefined;
  /** Plays from a block's time code on. */
  onPlay?: ((block: Block) => void) | undefined;
};

/** One block of the source as on a printed page: its number in the edge, evidence underlined or tinted. */
export const SourceBlock = memo(function SourceBlock({ block, marks, activeId, onChoose, spoken, onPlay }: Props) {
  const text = segments(block, marks, spoken).map(({ start, end, ids }) => {
    const heard = spoken && spoken.start <= start && spoken.end >= end ? " bg-pale" : "";
    const words = block.text.slice(start, end);
    if (ids.length === 0)
      return (
        <span key={start} data-start={start} className={heard || undefined}>
          {words}
        </span>
      );
    const active = activeId !== undefined && ids.includes(activeId);
    return (
      // biome-ignore lint/a11y/useKeyWithClickEvents: the keyboard goes by slips; a click on the words is a shortcut for the pointer
      // biome-ignore lint/a11y/noStaticElementInteractions: see above
      <span
        key={start}
        data-start={start}
        data-evidence={ids.join(" ")}
        onClick={() => {
          if (window.getSelection()?.isCollapsed !== false) onChoose(ids.find((id) => id !== activeId) ?? ids[0]!);
        }}
        className={
          active
            ? "cursor-pointer bg-evidence box-decoration-clone py-0.5"
            : `cursor-pointer underline decoration-1 decoration-soft/50 underline-offset-4${heard}`
        }
      >
        {words}
      </span>
    );
  });
  if (block.kind === "heading") {
    const Tag = block.level === 1 ? "h2" : "h3";
    return (
      <Tag
        id={`block-${block.id}`}
        data-block={block.id}
        className={`font-read font-semibold leading-snug ${block.level === 1 ? "mb-3 text-[1.65rem]" : "mt-5 mb-2 text-xl"}`}
      >
        {text}
      </Tag>
    );
  }
  const timed = block.locator.type === "time" && onPlay;
  const edge = "tabular absolute -left-11 w-9 text-right text-sm text-soft leading-[1.8rem]";
  return (
    <div id={`block-${block.id}`} className="relative mb-3.5">
      {timed ? (
        <button
          type="button"
          className={`${edge} hover:text-spruce hover:underline`}
          aria-label={`Play from ${locatorLabel(block.locator)}`}
          onClick={() => onPlay(block)}
        >
          {edgeLabel(block.locator)}
        </button>
      ) : (
        <span aria-hidden className={edge}>
          {edgeLabel(block.locator)}
        </span>
      )}
      {block.speaker ? <span className="block font-ui text-sm font-semibold leading-tight">{block.speaker}</span> : null}
      <p data-block={block.id} className={block.kind === "list-item" ? "ml-5 before:absolute before:left-1 before:content-['–']" : ""}>
        {text}
      </p>
    </div>
  );
});

type Segment = { start: number; end: number; ids: string[] };

/** Cuts the text wherever an evidence, or what is being spoken, begins or ends. */
function segments(block: Block, marks: readonly Mark[], spoken: Spoken | undefined): Segment[] {
  const cuts = [...new Set([0, block.text.length, ...(spoken ? [spoken.start, spoken.end] : []), ...marks.flatMap((mark) => [mark.start, mark.end])])].sort(
    (a, b) => a - b,
  );
  return cuts.slice(0, -1).map((start, index) => {
    const end = cuts[index + 1]!;
    return { start, end, ids: marks.filter((mark) => mark.start <= start && mark.end >= end).map((mark) => mark.slipId) };
  });
}
