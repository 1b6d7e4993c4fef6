import { type RefObject, useEffect, useState } from "react";
import { createSpan } from "@/core/source/create-span";
import type { Block, Span } from "@/core/source/schema";

export type SelectedWords = { span: Span; bottom: number; left: number };

/** The words selected in the source, as a span that ends at word boundaries; of one block only. */
export function useSelectedWords(page: RefObject<HTMLElement | null>, blocks: readonly Block[]): [SelectedWords | undefined, () => void] {
  const [selected, setSelected] = useState<SelectedWords>();
  useEffect(() => {
    const read = () => {
      const selection = window.getSelection();
      const active = document.activeElement;
      if (active && /^(?:TEXTAREA|INPUT)$/.test(active.tagName)) return;
      setSelected(selection && page.current ? readSelection(selection, page.current, blocks) : undefined);
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

function readSelection(selection: Selection, page: HTMLElement, blocks: readonly Block[]): SelectedWords | undefined {
  if (selection.isCollapsed || selection.rangeCount === 0) return undefined;
  const range = selection.getRangeAt(0);
  const home = elementOf(range.startContainer)?.closest<HTMLElement>("[data-block]");
  if (!home || !page.contains(home)) return undefined;
  const block = blocks.find((other) => other.id === home.dataset.block);
  if (!block) return undefined;
  const start = offsetIn(home, range.startContainer, range.startOffset);
  const end = home.contains(range.endContainer) ? offsetIn(home, range.endContainer, range.endOffset) : block.text.length;
  const [from, to] = toWords(block.text, start, end);
  if (to <= from) return undefined;
  const box = range.getBoundingClientRect();
  const origin = page.parentElement!.getBoundingClientRect();
  return { span: createSpan(block, from, to), bottom: box.bottom - origin.top, left: box.left - origin.left };
}

function elementOf(node: Node): Element | null {
  return node instanceof Element ? node : node.parentElement;
}

/** Offset in the block's text: the segment says where it begins. */
function offsetIn(home: HTMLElement, node: Node, offset: number): number {
  const segment = elementOf(node)?.closest<HTMLElement>("[data-start]");
  if (segment && node.nodeType === Node.TEXT_NODE) return Number(segment.dataset.start) + offset;
  const children = [...home.querySelectorAll<HTMLElement>("[data-start]")];
  const next = children[node === home ? offset : 0];
  return next ? Number(next.dataset.start) : (home.textContent?.length ?? 0);
}

/** Half words are made whole; spaces at the ends fall away. */
function toWords(text: string, start: number, end: number): [number, number] {
  let [from, to] = [start, end];
  while (from < to && /\s/.test(text[from]!)) from++;
  while (to > from && /\s/.test(text[to - 1]!)) to--;
  while (from > 0 && /[\p{L}\d'’-]/u.test(text[from - 1]!) && /[\p{L}\d]/u.test(text[from]!)) from--;
  while (to < text.length && /[\p{L}\d]/u.test(text[to - 1]!) && /[\p{L}\d'’-]/u.test(text[to]!)) to++;
  return [from, to];
}
