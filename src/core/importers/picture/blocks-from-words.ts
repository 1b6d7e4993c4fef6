import type { RawBlock } from "../../source/number-blocks";
import type { Block, Box, PictureWord } from "../../source/schema";
import type { ReadWord } from "../importer";

/** Below this, reading errors are common enough that a teacher should look (percent). */
export const LOW_CONFIDENCE = 75;
/** A word the reader is this unsure of, in a line of nothing better, is a smudge or a part of a drawing. */
const NOISE_CONFIDENCE = 35;

/** Words read off a picture as blocks, with the box of each word and of the whole. */
export function blocksFromWords(words: readonly ReadWord[], page: number, at?: RawBlock["at"]): RawBlock[] {
  const bodyHeight = median(groupBy(words, (word) => word.line).map(letterHeight));
  return groupBy(words, (word) => word.paragraph)
    .flatMap((paragraph) => splitAtHeadings(paragraph, bodyHeight))
    .map((paragraph) => toBlock(paragraph, page, bodyHeight))
    .filter((block): block is RawBlock => block !== undefined)
    .map((block, _, all) => (standsInMargin(block, all) ? { ...block, leftOut: "page furniture" } : block))
    .map((block) => (at ? { ...block, at } : block));
}

function toBlock(paragraph: ReadWord[], page: number, bodyHeight: number): RawBlock | undefined {
  const lines = groupBy(paragraph, (word) => word.line);
  const confidence = mean(paragraph.map((word) => word.confidence));
  if (confidence < NOISE_CONFIDENCE || !paragraph.some((word) => /\p{L}{2}|\d/u.test(word.text))) return undefined;
  const words: PictureWord[] = [];
  let text = "";
  lines.flat().forEach((word, index, all) => {
    const before = all[index - 1];
    // A hyphen at a line end before a small letter belongs to the line break.
    const broken = before && before.line !== word.line && /\p{Ll}[-\u2010]$/u.test(text) && /^\p{Ll}/u.test(word.text);
    if (broken) {
      text = text.slice(0, -1);
      words.at(-1)!.end = text.length;
    } else if (text !== "") text += " ";
    const start = text.length;
    text += word.text;
    words.push({ start, end: text.length, box: { page, ...word.box }, confidence: Math.round(word.confidence) });
  });
  const isHeading = lines.length <= 2 && paragraph.length <= 14 && letterHeight(lines[0]!) > bodyHeight * HEADING_SIZE && !/[.;,]$/.test(text);
  const bullet = /^(?:[•*»e°-]|\d{1,2}[.)])\s+(?=\S)/.exec(text);
  const isItem = bullet !== null && /^[•*»-]/.test(text);
  const cut = isItem ? bullet[0].length : 0;
  return {
    kind: isHeading ? "heading" : isItem ? "list-item" : "paragraph",
    ...(isHeading ? { level: 2 } : {}),
    text: text.slice(cut),
    words: words.map((word) => ({ ...word, start: word.start - cut, end: word.end - cut })).filter((word) => word.start >= 0),
    box: around(
      paragraph.map((word) => word.box),
      page,
    ),
    confidence: Math.round(confidence),
  };
}

const HEADING_SIZE = 1.22;

/** The height of a line's capitals, from words without descenders; the boxes of other words say little. */
function letterHeight(line: readonly ReadWord[]): number {
  const heights = line.filter((word) => /[\p{Lu}\dbdfhkl]/u.test(word.text) && !/[gjpqyQ,;()]/.test(word.text)).map((word) => word.box.height);
  return median(heights.length > 0 ? heights : line.map((word) => word.box.height));
}

/** The reader takes a heading and the paragraph under it for one where they stand close. */
function splitAtHeadings(paragraph: ReadWord[], bodyHeight: number): ReadWord[][] {
  const isLarge = (line: readonly ReadWord[]) => letterHeight(line) > bodyHeight * HEADING_SIZE;
  const parts: ReadWord[][] = [];
  groupBy(paragraph, (word) => word.line).forEach((line, index, lines) => {
    if (index > 0 && isLarge(line) === isLarge(lines[index - 1]!)) parts.at(-1)!.push(...line);
    else parts.push([...line]);
  });
  return parts;
}

/** A short line at the very top or foot of the page that is no sentence and no heading. */
function standsInMargin(block: RawBlock, all: readonly RawBlock[]): boolean {
  const { box, kind, text } = block;
  if (!box || kind === "heading" || text.length > 60 || /[.!?:]$/.test(text) || all.length < 4) return false;
  const isFirst = block === all[0] && box.top + box.height < 0.12;
  return isFirst || (block === all.at(-1) && box.top > 0.88);
}

export function around(boxes: readonly Omit<Box, "page">[], page: number): Box {
  const left = Math.min(...boxes.map((box) => box.left));
  const top = Math.min(...boxes.map((box) => box.top));
  const width = Math.max(...boxes.map((box) => box.left + box.width)) - left;
  const height = Math.max(...boxes.map((box) => box.top + box.height)) - top;
  return { page, left: round(left), top: round(top), width: round(width), height: round(height) };
}

export function countLowConfidence(blocks: readonly Pick<Block, "confidence">[]): number {
  return blocks.filter((block) => block.confidence !== undefined && block.confidence < LOW_CONFIDENCE).length;
}

function groupBy<T>(items: readonly T[], key: (item: T) => number): T[][] {
  const groups: T[][] = [];
  items.forEach((item, index) => {
    if (index > 0 && key(items[index - 1]!) === key(item)) groups.at(-1)!.push(item);
    else groups.push([item]);
  });
  return groups;
}

function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
}

function round(value: number): number {
  return Math.round(value * 10_000) / 10_000;
}
