import type { PlacedSlip } from "./order-slips";
import type { Mark } from "./SourceBlock";

/** Evidence by block, for underlining. */
export function groupMarks(placed: readonly PlacedSlip[]): Map<string, Mark[]> {
  const marks = new Map<string, Mark[]>();
  for (const { slip, spans } of placed) {
    for (const span of spans) marks.set(span.blockId, [...(marks.get(span.blockId) ?? []), { slipId: slip.question.id, start: span.start, end: span.end }]);
  }
  return marks;
}

/** Questions by block, for the spine; those set aside do not count. */
export function countQuestions(all: readonly PlacedSlip[]): Map<string, { kept: number; drafts: number }> {
  const counts = new Map<string, { kept: number; drafts: number }>();
  for (const { slip, spans } of all) {
    if (slip.status === "aside") continue;
    for (const blockId of new Set(spans.map((span) => span.blockId))) {
      const count = counts.get(blockId) ?? { kept: 0, drafts: 0 };
      count[slip.status === "kept" ? "kept" : "drafts"]++;
      counts.set(blockId, count);
    }
  }
  return counts;
}
