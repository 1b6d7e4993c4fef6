import type { Block, Span } from "./schema";

const CONTEXT_CHARACTERS = 32;

/** The span of `block` from `start` to `end`, with the little text around it that finds it again. */
export function createSpan(block: Block, start: number, end: number): Span {
  return {
    blockId: block.id,
    start,
    end,
    quote: block.text.slice(start, end),
    prefix: block.text.slice(Math.max(0, start - CONTEXT_CHARACTERS), start),
    suffix: block.text.slice(end, end + CONTEXT_CHARACTERS),
  };
}
