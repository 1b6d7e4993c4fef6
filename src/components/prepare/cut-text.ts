import type { Stretch } from "@/core/source/schema";

export type TextPart = { start: number; text: string; sorts: ReadonlySet<string> };

/** Cuts a text wherever any of the given stretches begins or ends; each part knows in which of them it lies. */
export function cutText(text: string, stretchesBySort: Record<string, readonly Stretch[]>): TextPart[] {
  const all = Object.entries(stretchesBySort).flatMap(([sort, stretches]) =>
    stretches.map(({ start, end }) => ({ sort, start, end: Math.min(end, text.length) })),
  );
  const cuts = [...new Set([0, text.length, ...all.flatMap(({ start, end }) => [start, end])])].filter((cut) => cut <= text.length).sort((a, b) => a - b);
  return cuts.slice(0, -1).map((start, index) => {
    const end = cuts[index + 1]!;
    return {
      start,
      text: text.slice(start, end),
      sorts: new Set(all.filter((stretch) => stretch.start <= start && stretch.end >= end).map(({ sort }) => sort)),
    };
  });
}
