import type { Slip } from "@/core/questions/edit";
import { anchorSpan } from "@/core/source/anchor-span";
import type { Block, Span } from "@/core/source/schema";

export type PlacedSlip = { slip: Slip; number: number; spans: Span[] };

/** Slips in the order of their evidence in the source; those without evidence come last. */
export function orderSlips(slips: readonly Slip[], blocks: readonly Block[]): PlacedSlip[] {
  const indexById = new Map(blocks.map((block, index) => [block.id, index]));
  const placed = slips.map((slip) => {
    const spans = slip.question.evidence.flatMap((span) => {
      const anchored = anchorSpan(span, blocks);
      return anchored.found === "lost" ? [] : [anchored.span];
    });
    const first = spans[0];
    return { slip, spans, at: first ? indexById.get(first.blockId)! * 1e6 + first.start : Number.POSITIVE_INFINITY };
  });
  return placed.sort((a, b) => (a.at === b.at ? 0 : a.at - b.at)).map(({ slip, spans }, index) => ({ slip, spans, number: index + 1 }));
}
