import type { Block, Stretch } from "../schema";
import { cutStretches, joinStretches, moveStretches } from "./move-stretches";
import type { SourceEdit } from "./source-edit";

/** What a teacher does with blocks in Prepare, each as the edit that does it. */

export function strikeOut(blocks: readonly Block[], reason = "by hand"): SourceEdit | undefined {
  const changes = blocks.filter((block) => !block.leftOut).map((block) => ({ blockId: block.id, from: null, to: reason }));
  return changes.length > 0 ? { type: "set-left-out", changes } : undefined;
}

export function bringBack(blocks: readonly Block[]): SourceEdit | undefined {
  const changes = blocks.flatMap((block) => (block.leftOut ? [{ blockId: block.id, from: block.leftOut, to: null }] : []));
  return changes.length > 0 ? { type: "set-left-out", changes } : undefined;
}

/** Strikes a part of a block, or brings it back where all of it is struck already. */
export function strikePart(block: Block, part: Stretch): SourceEdit {
  const struck = block.struck ?? [];
  const isStruck = struck.some((other) => other.start <= part.start && part.end <= other.end);
  const next = isStruck
    ? struck.flatMap((other) => [
        { start: other.start, end: Math.min(other.end, part.start) },
        { start: Math.max(other.start, part.end), end: other.end },
      ])
    : [...struck, part];
  return setBlock(block, { ...block, struck: joinStretches(next.filter(({ start, end }) => end > start)) });
}

export function setText(block: Block, text: string): SourceEdit {
  const move = <T extends Stretch>(stretches: T[]) => moveStretches(stretches, block.text, text);
  return setBlock(block, {
    ...block,
    text,
    ...(block.struck ? { struck: move(block.struck) } : {}),
    ...(block.timings ? { timings: move(block.timings) } : {}),
    ...(block.words ? { words: move(block.words) } : {}),
    ...(block.restored ? { restored: move(block.restored) } : {}),
  });
}

export function setKind(block: Block, kind: Block["kind"]): SourceEdit {
  const { level: _, ...rest } = block;
  return setBlock(block, { ...rest, kind, ...(kind === "heading" ? { level: block.level ?? 2 } : {}) });
}

function setBlock(from: Block, to: Block): SourceEdit {
  return { type: "set-block", blockId: from.id, from, to };
}

/** Two blocks in a row as one; a word hyphenated at the seam is joined. */
export function mergeWithNext(blocks: readonly Block[], index: number): SourceEdit | undefined {
  const [first, second] = [blocks[index], blocks[index + 1]];
  if (!first || !second) return undefined;
  const broken = /\p{Ll}[-\u2010\u00ad]$/u.test(first.text) && /^\p{Ll}/u.test(second.text);
  const head = broken ? first.text.slice(0, -1) : `${first.text} `;
  const join = <T extends Stretch>(a: T[] = [], b: T[] = []) => [
    ...a.map((stretch) => ({ ...stretch, end: Math.min(stretch.end, head.length) })),
    ...b.map((stretch) => ({ ...stretch, start: stretch.start + head.length, end: stretch.end + head.length })),
  ];
  const merged: Block = {
    ...first,
    text: head + second.text,
    ...(first.struck || second.struck ? { struck: joinStretches(join(first.struck, second.struck)) } : {}),
    ...(first.timings || second.timings ? { timings: join(first.timings, second.timings) } : {}),
    ...(first.words || second.words ? { words: join(first.words, second.words) } : {}),
    ...(first.restored || second.restored ? { restored: join(first.restored, second.restored) } : {}),
    ...(first.locator.type === "time" && second.locator.type === "time" ? { locator: { ...first.locator, endMs: second.locator.endMs } } : {}),
  };
  return { type: "replace-blocks", index, from: [first, second], to: [merged] };
}

/** One block as two, at an offset of its text. */
export function splitAt(blocks: readonly Block[], index: number, offset: number, newId: string): SourceEdit | undefined {
  const block = blocks[index];
  const before = block?.text.slice(0, offset).trimEnd() ?? "";
  const after = block?.text.slice(offset).trimStart() ?? "";
  if (!block || before === "" || after === "") return undefined;
  const from = block.text.length - after.length;
  const part = (start: number, end: number, text: string, id: string): Block => {
    const timings = block.timings && cutStretches(block.timings, start, end);
    return {
      ...block,
      id,
      text,
      ...(block.struck ? { struck: cutStretches(block.struck, start, end) } : {}),
      ...(timings ? { timings } : {}),
      ...(block.words ? { words: cutStretches(block.words, start, end) } : {}),
      ...(block.restored ? { restored: cutStretches(block.restored, start, end) } : {}),
      ...(timings && timings.length > 0 && block.locator.type === "time"
        ? { locator: { ...block.locator, startMs: timings[0]!.startMs, endMs: timings.at(-1)!.endMs } }
        : {}),
    };
  };
  return { type: "replace-blocks", index, from: [block], to: [part(0, before.length, before, block.id), part(from, block.text.length, after, newId)] };
}
