import type { Item, PdfPage } from "./page-items";

/** A line of one column, in reading order; `cells` where wide gaps part it, as in a table. */
export type Line = {
  page: number;
  text: string;
  cells: string[];
  cellEdges: { left: number; right: number }[];
  left: number;
  right: number;
  bottom: number;
  size: number;
  bold: boolean;
  /** The column's own edges. */
  column: { left: number; right: number };
};

type Row = Item[];

/** A gap this wide, in letter sizes, parts cells; only cells that stand under cells make a table row. */
const CELL_GAP = 0.8;

/**
 * The lines of a page as they are read: down the left column and then the right one, where a gutter
 * runs down the page; a line across both columns ends them.
 *
 *   items → rows of one baseline → gutter → bands of columns → lines with their cells
 */
export function linesOfPage(page: PdfPage): Line[] {
  const rows = rowsOf(page.items);
  const whole = extent(page.items);
  const gutter = findGutter(rows, whole);
  if (!gutter) return rows.map((row) => toLine(row, page.number, whole));
  const lines: Line[] = [];
  let band: { left: Row[]; right: Row[] } = { left: [], right: [] };
  const flush = () => {
    for (const side of [band.left, band.right]) lines.push(...side.map((row) => toLine(row, page.number, extent(side.flat()))));
    band = { left: [], right: [] };
  };
  for (const row of rows) {
    const left = row.filter((item) => (item.left + item.right) / 2 < gutter.at);
    const right = row.filter((item) => (item.left + item.right) / 2 >= gutter.at);
    if (crosses(left, right, gutter)) {
      flush();
      lines.push(toLine(row, page.number, whole));
    } else {
      if (left.length > 0) band.left.push(left);
      if (right.length > 0) band.right.push(right);
    }
  }
  flush();
  return lines;
}

/** Items of one baseline; a small raised or lowered one belongs to the line of the word it follows. */
function rowsOf(items: readonly Item[]): Row[] {
  const rows: Row[] = [];
  const common = sizeOf(items);
  const isSmall = (item: Item) => item.size < common * 0.8 && item.text.trim().length <= 3;
  for (const item of items.filter((one) => !isSmall(one)).sort((a, b) => a.bottom - b.bottom || a.left - b.left)) {
    const row = rows.findLast((other) => Math.abs(other[0]!.bottom - item.bottom) < Math.max(other[0]!.size, item.size) * 0.42);
    if (row) row.push(item);
    else rows.push([item]);
  }
  for (const item of items.filter(isSmall)) {
    const follows = (other: Item) => Math.abs(item.left - other.right) < 3 && Math.abs(item.bottom - other.bottom) < other.size * 0.7;
    const row = rows.find((other) => other.some(follows)) ?? rows.find((other) => Math.abs(other[0]!.bottom - item.bottom) < item.size * 0.42);
    if (row) row.push(item);
    else rows.push([item]);
  }
  return rows.map((row) => row.sort((a, b) => a.left - b.left)).sort((a, b) => rowBottom(a) - rowBottom(b));
}

/** The baseline of a row is that of its largest letters. */
function rowBottom(row: Row): number {
  return row.reduce((best, item) => (item.size > best.size ? item : best)).bottom;
}

type Gutter = { at: number; from: number; to: number };

/** A line runs across the gutter when a word stands in it, or when nothing but a word space lies there. */
function crosses(left: Row, right: Row, gutter: Gutter): boolean {
  const edge = Math.max(...left.map((item) => item.right));
  const start = Math.min(...right.map((item) => item.left));
  if (left.length > 0 && edge > gutter.at + 1) return true;
  if (right.length > 0 && start < gutter.at - 1) return true;
  return left.length > 0 && right.length > 0 && start - edge < Math.min(gutter.to - gutter.from, left[0]!.size) * 0.6;
}

/** The widest stripe down the middle that next to no line crosses, with text that fills the space on both its sides. */
function findGutter(rows: readonly Row[], { left, right }: { left: number; right: number }): Gutter | undefined {
  if (rows.length < 6) return undefined;
  const step = 2;
  let best: Gutter | undefined;
  let from: number | undefined;
  for (let at = left + (right - left) * 0.28; at <= left + (right - left) * 0.72 + step; at += step) {
    const crossing = rows.filter((row) => row.some((item) => item.left < at && item.right > at)).length;
    const isOpen = crossing <= rows.length * 0.15 && at <= left + (right - left) * 0.72;
    if (isOpen) from ??= at;
    else if (from !== undefined) {
      if (at - from >= 6 && (!best || at - from > best.to - best.from)) best = { from, to: at, at: (from + at) / 2 };
      from = undefined;
    }
  }
  return best && hasColumns(rows, best, left, right) ? best : undefined;
}

/** Both sides hold lines that begin at one edge and mostly fill their column; the short cells of a table do not. */
function hasColumns(rows: readonly Row[], { at }: Gutter, left: number, right: number): boolean {
  return [
    { side: rows.map((row) => row.filter((item) => item.right <= at)), space: at - left },
    { side: rows.map((row) => row.filter((item) => item.left >= at)), space: right - at },
  ].every(({ side, space }) => {
    const lines = side.filter((row) => row.length > 0).map(extent);
    const starts = lines.map((line) => line.left).sort((a, b) => a - b);
    const edge = starts[Math.floor(starts.length / 4)]!;
    const aligned = starts.filter((start) => Math.abs(start - edge) < 4).length;
    return lines.length >= 4 && aligned >= lines.length * 0.4 && median(lines.map((line) => line.right - line.left)) > space * 0.5;
  });
}

function cutRow(row: Row): Row[] {
  const cells: Row[] = [];
  row.forEach((item, index) => {
    const before = row[index - 1];
    if (before && item.left - before.right < Math.max(item.size, before.size) * CELL_GAP) cells.at(-1)!.push(item);
    else cells.push([item]);
  });
  return cells;
}

function toLine(row: Row, page: number, column: Line["column"]): Line {
  const cut = cutRow(row).filter((cell) => joinItems(cell) !== "");
  const letters = row.reduce((sum, item) => sum + item.text.length, 0);
  return {
    page,
    cells: cut.map(joinItems),
    cellEdges: cut.map(extent),
    text: joinItems(row),
    ...extent(row),
    bottom: rowBottom(row),
    size: sizeOf(row),
    bold: row.reduce((sum, item) => sum + (item.bold ? item.text.length : 0), 0) > letters * 0.8,
    column,
  };
}

function joinItems(items: readonly Item[]): string {
  let text = "";
  items.forEach((item, index) => {
    const before = items[index - 1];
    const gap = before ? item.left - before.right : 0;
    if (before && gap > item.size * 0.16 && !text.endsWith(" ") && !item.text.startsWith(" ")) text += " ";
    text += isNoteMark(item, before, items) ? "" : item.text;
  });
  return text.replace(/\s+/g, " ").trim();
}

/** A small raised number behind a word or full stop is the mark of a note. */
function isNoteMark(item: Item, before: Item | undefined, items: readonly Item[]): boolean {
  const base = sizeOf(items);
  return (
    before !== undefined &&
    /^\d{1,2}$/.test(item.text.trim()) &&
    item.size < base * 0.8 &&
    item.bottom < before.bottom - base * 0.15 &&
    /[\p{L}.,”’)]$/u.test(before.text.trim())
  );
}

/** The size that most letters have. */
function sizeOf(items: readonly Item[]): number {
  const letters = new Map<number, number>();
  for (const item of items) letters.set(Math.round(item.size * 2) / 2, (letters.get(Math.round(item.size * 2) / 2) ?? 0) + item.text.length);
  return [...letters].reduce((best, entry) => (entry[1] > best[1] ? entry : best), [0, 0])[0];
}

function extent(items: readonly { left: number; right: number }[]): { left: number; right: number } {
  return { left: Math.min(...items.map((item) => item.left)), right: Math.max(...items.map((item) => item.right)) };
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
}
