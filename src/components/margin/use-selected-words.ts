import type { RefObject } from "react";
import { createSpan } from "@/core/source/create-span";
import type { Block, Span } from "@/core/source/schema";
import { elementOf, offsetIn, toWords, useSelection } from "../shell/selected-words";

export type SelectedWords = { span: Span; bottom: number; left: number };

/** The words selected in the source, as a span that ends at word boundaries; of one block only. */
export function useSelectedWords(page: RefObject<HTMLElement | null>, blocks: readonly Block[]): [SelectedWords | undefined, () => void] {
  return useSelection(page, blocks, readSpan);
}

function readSpan(selection: Selection, page: HTMLElement, blocks: readonly Block[]): SelectedWords | undefined {
  const range = selection.getRangeAt(0);
  const home = elementOf(range.startContainer)?.closest<HTMLElement>("[data-block]");
  if (!home || !page.contains(home)) return undefined;
  const block = blocks.find((other) => other.id === home.dataset.block);
  if (!block) return undefined;
  const end = home.contains(range.endContainer) ? offsetIn(home, range.endContainer, range.endOffset) : block.text.length;
  const words = toWords(block.text, offsetIn(home, range.startContainer, range.startOffset), end);
  if (words.end <= words.start) return undefined;
  const box = range.getBoundingClientRect();
  const origin = page.parentElement!.getBoundingClientRect();
  return { span: createSpan(block, words.start, words.end), bottom: box.bottom - origin.top, left: box.left - origin.left };
}
