import type { Stretch } from "../schema";

/**
 * Stretches of a text after the text was edited: what stands before the change stays, what stands
 * behind it moves along, and what the change ran over shrinks to what is left of it. Empty ones fall away.
 */
export function moveStretches<T extends Stretch>(stretches: readonly T[], before: string, after: string): T[] {
  let head = 0;
  while (head < before.length && head < after.length && before[head] === after[head]) head++;
  let tail = 0;
  while (tail < before.length - head && tail < after.length - head && before[before.length - 1 - tail] === after[after.length - 1 - tail]) tail++;
  const changedEnd = before.length - tail;
  const shift = after.length - before.length;
  const start = (at: number) => (at <= head ? at : at >= changedEnd ? at + shift : head);
  // An end inside the change goes to its end: a word that was corrected keeps its place.
  const end = (at: number) => (at < changedEnd && at <= head ? at : at >= changedEnd ? at + shift : changedEnd + shift);
  return stretches.map((stretch) => ({ ...stretch, start: start(stretch.start), end: end(stretch.end) })).filter((stretch) => stretch.end > stretch.start);
}

/** Stretches inside `from`–`to`, counted from `from`. */
export function cutStretches<T extends Stretch>(stretches: readonly T[], from: number, to: number): T[] {
  return stretches
    .map((stretch) => ({ ...stretch, start: Math.max(stretch.start, from) - from, end: Math.min(stretch.end, to) - from }))
    .filter((stretch) => stretch.end > stretch.start);
}

/** Stretches as few and in order: what touches or overlaps is one. */
export function joinStretches(stretches: readonly Stretch[]): Stretch[] {
  const joined: Stretch[] = [];
  for (const { start, end } of [...stretches].sort((a, b) => a.start - b.start)) {
    const last = joined.at(-1);
    if (last && start <= last.end) last.end = Math.max(last.end, end);
    else joined.push({ start, end });
  }
  return joined;
}
