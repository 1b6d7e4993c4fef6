"use client";
import { bringBack, strikeOut, strikePart } from "@/core/source/prepare/change-blocks";
import type { SourceEdit } from "@/core/source/prepare/source-edit";
import type { Block } from "@/core/source/schema";
import type { SelectedParts } from "./use-struck-words";

type Props = { selected: SelectedParts; blocks: readonly Block[]; change: (...edits: (SourceEdit | undefined)[]) => void; onDone: () => void };

/** What can be done with the words just selected: struck out, or brought back where they are struck. */
export function StrikeBar({ selected, blocks, change, onDone }: Props) {
  const found = selected.parts.flatMap((part) => {
    const block = blocks.find((other) => other.id === part.blockId);
    return block ? [{ ...part, block }] : [];
  });
  const allStruck = found.every(
    ({ block, stretch }) => block.leftOut || block.struck?.some((struck) => struck.start <= stretch.start && stretch.end <= struck.end),
  );
  const strike = () => {
    const whole = found.filter((part) => part.whole && found.length > 1).map((part) => part.block);
    const parts = found.filter((part) => !whole.includes(part.block) && !part.block.leftOut);
    change(strikeOut(whole), ...parts.map(({ block, stretch }) => strikePart(block, stretch)));
    onDone();
  };
  const back = () => {
    change(bringBack(found.map((part) => part.block)), ...found.filter((part) => !part.block.leftOut).map(({ block, stretch }) => strikePart(block, stretch)));
    onDone();
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: keeps the selection while a button of the bar is pressed
    <div
      className="absolute z-20 rounded border border-line bg-sheet p-1.5 font-ui leading-normal shadow-md"
      style={{ top: selected.bottom + 6, left: selected.left }}
      onMouseDown={(event) => event.preventDefault()}
    >
      <button type="button" className="button" onClick={allStruck ? back : strike}>
        {allStruck ? "Bring back" : "Strike out"} {found.length > 1 ? "these paragraphs" : "these words"}
      </button>
    </div>
  );
}
