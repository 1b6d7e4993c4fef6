import type { RefObject } from "react";
import type { Block, Stretch } from "@/core/source/schema";
import { offsetIn, toWords, useSelection } from "../shell/selected-words";

/** Selected words of one or more blocks; `whole` where all of a block is selected. */
export type SelectedParts = { parts: { blockId: string; stretch: Stretch; whole: boolean }[]; bottom: number; left: number };

/** The words selected in the extracted text, across blocks, whole words only. */
export function useStruckWords(page: RefObject<HTMLElement | null>, blocks: readonly Block[]): [SelectedParts | undefined, () => void] {
  return useSelection(page, blocks, readParts);
}

function readParts(selection: Selection, page: HTMLElement, blocks: readonly Block[]): SelectedParts | undefined {
  const range = selection.getRangeAt(0);
  if (!page.contains(range.commonAncestorContainer)) return undefined;
  const parts = [...page.querySelectorAll<HTMLElement>("[data-block]")].flatMap((home) => {
    const block = blocks.find((other) => other.id === home.dataset.block);
    if (!block || !range.intersectsNode(home)) return [];
    const start = home.contains(range.startContainer) ? offsetIn(home, range.startContainer, range.startOffset) : 0;
    const end = home.contains(range.endContainer) ? offsetIn(home, range.endContainer, range.endOffset) : block.text.length;
    const stretch = toWords(block.text, start, end);
    return stretch.end > stretch.start ? [{ blockId: block.id, stretch, whole: stretch.start === 0 && stretch.end === block.text.length }] : [];
  });
  if (parts.length === 0) return undefined;
  const box = range.getBoundingClientRect();
  const origin = page.getBoundingClientRect();
  return { parts, bottom: box.bottom - origin.top, left: Math.max(0, box.left - origin.left) };
}
