import { type RefObject, useEffect, useState } from "react";
import type { Block, Stretch } from "@/core/source/schema";

/** Selected words of one or more blocks; `whole` where all of a block is selected. */
export type SelectedParts = { parts: { blockId: string; stretch: Stretch; whole: boolean }[]; bottom: number; left: number };

/** The words selected in the extracted text, across blocks, whole words only. */
export function useStruckWords(page: RefObject<HTMLElement | null>, blocks: readonly Block[]): [SelectedParts | undefined, () => void] {
  const [selected, setSelected] = useState<SelectedParts>();
  useEffect(() => {
    const read = () => {
      const selection = window.getSelection();
      if (/^(?:TEXTAREA|INPUT)$/.test(document.activeElement?.tagName ?? "")) return;
      setSelected(selection && page.current ? readParts(selection, page.current, blocks) : undefined);
    };
    document.addEventListener("selectionchange", read);
    return () => document.removeEventListener("selectionchange", read);
  }, [page, blocks]);
  return [
    selected,
    () => {
      window.getSelection()?.removeAllRanges();
      setSelected(undefined);
    },
  ];
}

function readParts(selection: Selection, page: HTMLElement, blocks: readonly Block[]): SelectedParts | undefined {
  if (selection.isCollapsed || selection.rangeCount === 0) return undefined;
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

function offsetIn(home: HTMLElement, node: Node, offset: number): number {
  const segment = (node instanceof Element ? node : node.parentElement)?.closest<HTMLElement>("[data-start]");
  if (segment && node.nodeType === Node.TEXT_NODE) return Number(segment.dataset.start) + offset;
  return node === home && offset > 0 ? Number.MAX_SAFE_INTEGER : 0;
}

/** Half words are made whole; spaces at the ends fall away. */
function toWords(text: string, start: number, end: number): Stretch {
  let [from, to] = [Math.min(start, text.length), Math.min(end, text.length)];
  while (from < to && /\s/.test(text[from]!)) from++;
  while (to > from && /\s/.test(text[to - 1]!)) to--;
  while (from > 0 && from < to && /[\p{L}\d'’-]/u.test(text[from - 1]!) && /[\p{L}\d]/u.test(text[from]!)) from--;
  while (to < text.length && to > from && /[\p{L}\d]/u.test(text[to - 1]!) && /[\p{L}\d'’-]/u.test(text[to]!)) to++;
  return { start: from, end: to };
}
