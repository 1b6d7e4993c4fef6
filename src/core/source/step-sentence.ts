import { splitSentences } from "../language/split-sentences";
import { createSpan } from "./create-span";
import type { Block, Span } from "./schema";

/** The sentence after (or before) a span, across blocks; the first or last of the source where there is no span. */
export function stepSentence(span: Span | undefined, blocks: readonly Block[], direction: 1 | -1): Span | undefined {
  const all = blocks
    .filter((block) => !block.leftOut && block.kind !== "heading")
    .flatMap((block) => splitSentences(block.text).map((range) => ({ block, ...range })));
  if (all.length === 0) return undefined;
  const at = span
    ? all.findIndex(({ block, start, end }) => block.id === span.blockId && start <= span.start && span.start < end)
    : direction === 1
      ? -1
      : all.length;
  const next = all[Math.min(all.length - 1, Math.max(0, at + direction))]!;
  return createSpan(next.block, next.start, next.end);
}
