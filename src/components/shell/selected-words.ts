import { type RefObject, useCallback, useEffect, useState } from "react";
import type { Block, Stretch } from "@/core/source/schema";

/** What is selected inside `page`, read anew by `read` whenever the selection changes; and how to let go of it. */
export function useSelection<T>(
  page: RefObject<HTMLElement | null>,
  blocks: readonly Block[],
  read: (selection: Selection, page: HTMLElement, blocks: readonly Block[]) => T | undefined,
): [T | undefined, () => void] {
  const [selected, setSelected] = useState<T>();
  useEffect(() => {
    const look = () => {
      if (/^(?:TEXTAREA|INPUT)$/.test(document.activeElement?.tagName ?? "")) return;
      const selection = window.getSelection();
      const isThere = selection && page.current && !selection.isCollapsed && selection.rangeCount > 0;
      setSelected(isThere ? read(selection, page.current!, blocks) : undefined);
    };
    document.addEventListener("selectionchange", look);
    return () => document.removeEventListener("selectionchange", look);
  }, [page, blocks, read]);
  const clear = useCallback(() => {
    window.getSelection()?.removeAllRanges();
    setSelected(undefined);
  }, []);
  return [selected, clear];
}

export function elementOf(node: Node): Element | null {
  return node instanceof Element ? node : node.parentElement;
}

/** Offset in a block's text: each segment says where it begins. */
export function offsetIn(home: HTMLElement, node: Node, offset: number): number {
  const segment = elementOf(node)?.closest<HTMLElement>("[data-start]");
  if (segment && node.nodeType === Node.TEXT_NODE) return Number(segment.dataset.start) + offset;
  const next = [...home.querySelectorAll<HTMLElement>("[data-start]")][node === home ? offset : 0];
  return next ? Number(next.dataset.start) : (home.textContent?.length ?? 0);
}

/** Half words are made whole; spaces at the ends fall away. */
export function toWords(text: string, start: number, end: number): Stretch {
  let [from, to] = [Math.min(start, text.length), Math.min(end, text.length)];
  while (from < to && /\s/.test(text[from]!)) from++;
  while (to > from && /\s/.test(text[to - 1]!)) to--;
  while (from > 0 && from < to && /[\p{L}\d'’-]/u.test(text[from - 1]!) && /[\p{L}\d]/u.test(text[from]!)) from--;
  while (to < text.length && to > from && /[\p{L}\d]/u.test(text[to - 1]!) && /[\p{L}\d'’-]/u.test(text[to]!)) to++;
  return { start: from, end: to };
}
