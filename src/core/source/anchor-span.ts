import { createSpan } from "./create-span";
import type { Block, Span } from "./schema";

export type Anchored = { found: "in-place" | "moved"; span: Span } | { found: "lost" };

/**
 * Finds a span again in text that may have been edited since: first where it was, then every place
 * with the same words, the one whose surroundings agree best (nearest first on a tie). Words that
 * are nowhere any more are lost; nothing is guessed.
 */
export function anchorSpan(span: Span, blocks: readonly Block[]): Anchored {
  const home = blocks.find((block) => block.id === span.blockId);
  if (home && !home.leftOut && home.text.slice(span.start, span.end) === span.quote) {
    return { found: "in-place", span: createSpan(home, span.start, span.end) };
  }
  let best: { score: number; span: Span } | undefined;
  for (const block of blocks) {
    if (block.leftOut) continue;
    for (const start of occurrences(block.text, span.quote)) {
      const candidate = createSpan(block, start, start + span.quote.length);
      const score = likeness(candidate, span) - (block.id === span.blockId ? 0 : 0.5) - Math.abs(start - span.start) / 1e6;
      if (!best || score > best.score) best = { score, span: candidate };
    }
  }
  return best ? { found: "moved", span: best.span } : { found: "lost" };
}

function occurrences(text: string, quote: string): number[] {
  const starts: number[] = [];
  for (let at = text.indexOf(quote); at >= 0; at = text.indexOf(quote, at + 1)) starts.push(at);
  return starts;
}

/** Characters that agree just before and just after. */
function likeness(a: Span, b: Span): number {
  let score = 0;
  while (score < a.prefix.length && a.prefix.at(-1 - score) === b.prefix.at(-1 - score)) score++;
  let after = 0;
  while (after < a.suffix.length && a.suffix[after] === b.suffix[after]) after++;
  return score + after;
}
