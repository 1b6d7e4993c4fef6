import type { Block } from "../source/schema";

export type PassageLine = { key: string; kind: "text" | "heading" | "gap"; text: string; number?: number; blockId?: string; start?: number; end?: number };

/** Characters of a printed line of the passage, at 11 pt on A4 with room to spare for wide letters. */
const LINE_CHARACTERS = 80;

/** The passage broken into numbered lines. The break is by characters, so it is the same everywhere. */
export function wrapLines(blocks: readonly Pick<Block, "id" | "kind" | "text">[]): PassageLine[] {
  const lines: PassageLine[] = [];
  let number = 0;
  blocks.forEach((block, index) => {
    if (index > 0 && block.kind !== "list-item") lines.push({ key: `${block.id}-gap`, kind: "gap", text: "" });
    for (const { start, end } of breakText(block.text)) {
      const heading = block.kind === "heading";
      const text = (block.kind === "list-item" ? (start === 0 ? "–  " : "    ") : "") + block.text.slice(start, end);
      lines.push({
        key: `${block.id}-${start}`,
        kind: heading ? "heading" : "text",
        text,
        ...(heading ? {} : { number: ++number }),
        blockId: block.id,
        start,
        end,
      });
    }
  });
  return lines;
}

/** The number of the printed line on which an offset of a block stands. */
export function lineOf(lines: readonly PassageLine[], blockId: string, offset: number): number | undefined {
  return lines.find((line) => line.blockId === blockId && offset >= line.start! && offset < line.end! + 1)?.number;
}

function breakText(text: string): { start: number; end: number }[] {
  const pieces: { start: number; end: number }[] = [];
  let start = 0;
  while (start < text.length) {
    let end = Math.min(text.length, start + LINE_CHARACTERS);
    if (end < text.length) {
      const space = text.lastIndexOf(" ", end);
      if (space > start) end = space;
    }
    pieces.push({ start, end });
    start = end;
    while (text[start] === " ") start++;
  }
  return pieces;
}
