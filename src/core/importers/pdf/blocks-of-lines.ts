import type { RawBlock } from "../../source/number-blocks";
import type { Box } from "../../source/schema";
import { CAPTION } from "../mark-captions";
import { around } from "../picture/blocks-from-words";
import { rowText } from "../row-text";
import type { Line } from "./lines-of-page";

type Size = { width: number; height: number };
const LIST_MARK = /^(?:[•‣◦▪●○■–*-]|\(?\d{1,2}[.)]|\(?[a-h][.)])\s+(?=\S)/;
const SENTENCE_END = /[.!?…:][”"’')\]]*$/;

/** Lines as headings, paragraphs, list items, table rows, captions and notes, each with its place on the page. */
export function blocksOfLines(lines: readonly Line[], sizes: ReadonlyMap<number, Size>, body: number): RawBlock[] {
  const groups: Group[] = [];
  lines.forEach((line, index) => {
    const before = lines[index - 1];
    const group = groups.at(-1);
    const isRow = isTableRow(line, before) || isTableRow(line, lines[index + 1]);
    const sort = sortOf(line, lines[index + 1], sizes.get(line.page)!, body, isRow);
    if (group && before && continues(group, before, line, sort)) group.lines.push(line);
    else groups.push({ ...sort, lines: [line] });
  });
  return joinAcrossPages(weaveHeadings(groups).map((group) => toBlock(group, sizes)));
}

type Group = { kind: RawBlock["kind"]; lines: Line[]; level?: number; leftOut?: string; headings?: string[] };

/** A table whose first row alone is bold has headings. */
function weaveHeadings(groups: readonly Group[]): Group[] {
  let headings: string[] | undefined;
  return groups.map((group, index) => {
    if (group.kind !== "table-row") {
      headings = undefined;
      return group;
    }
    const next = groups[index + 1];
    const [line] = group.lines;
    if (groups[index - 1]?.kind !== "table-row" && line!.bold && next?.kind === "table-row" && !next.lines[0]!.bold) {
      headings = line!.cells;
      return { ...group, leftOut: "table heading" };
    }
    return headings?.length === line!.cells.length ? { ...group, headings } : group;
  });
}

type Sort = { kind: RawBlock["kind"]; level?: number; leftOut?: string };

/** Cells stand under cells, at one of their edges or by their middle; the wide gaps of justified text do not. */
function isTableRow(line: Line, neighbour: Line | undefined): boolean {
  if (!neighbour || line.cells.length < 2 || neighbour.cells.length !== line.cells.length || neighbour.page !== line.page) return false;
  if ([line, neighbour].every((other) => other.column.right - other.right < 2)) return false;
  return line.cellEdges.every(({ left, right }, index) => {
    const other = neighbour.cellEdges[index]!;
    return Math.abs(left - other.left) < 4 || Math.abs(right - other.right) < 4 || Math.abs(left + right - other.left - other.right) < 6;
  });
}

function sortOf(line: Line, next: Line | undefined, page: Size, body: number, isRow: boolean): Sort {
  if (LIST_MARK.test(line.text)) return { kind: "list-item" };
  if (isRow) return { kind: "table-row" };
  const short = line.text.length <= 120;
  if (CAPTION.test(line.text) && line.size <= body * 1.05) return { kind: "caption", leftOut: "picture caption" };
  if (line.size < body * 0.92 && line.bottom > page.height * 0.6 && /^(?:\d{1,2}|[*†‡])\s*\S/.test(line.text))
    return { kind: "paragraph", leftOut: "footnote" };
  if (short && line.size > body * 1.12 && /\p{L}/u.test(line.text))
    return { kind: "heading", level: line.size > body * 1.7 ? 1 : line.size > body * 1.35 ? 2 : 3 };
  const standsAlone = !next || next.bold !== line.bold || next.bottom - line.bottom > line.size * 1.9 || next.page !== line.page;
  if (short && line.bold && standsAlone && line.text.length <= 90 && !/[.,;]$/.test(line.text) && !LIST_MARK.test(line.text))
    return { kind: "heading", level: 3 };
  return { kind: "paragraph" };
}

function continues(group: Group, before: Line, line: Line, sort: Sort): boolean {
  const inColumn = Math.abs(before.column.left - line.column.left) < 2;
  if (before.page !== line.page || (!inColumn && group.kind !== "heading")) return false;
  const pitch = line.bottom - before.bottom;
  if (pitch < 0 || pitch > Math.max(line.size, before.size) * 1.75) return false;
  const sameSize = Math.abs(line.size - before.size) < 0.8;
  if (group.kind === "heading" || sort.kind === "heading")
    return group.kind === sort.kind && sameSize && group.level === sort.level && !/[.!?]$/.test(before.text);
  if (group.leftOut && sameSize && sort.kind !== "table-row" && !(sort.leftOut && group.leftOut === "footnote")) return true;
  if (group.kind === "table-row" || sort.kind !== "paragraph" || (sort.leftOut && sort.leftOut !== group.leftOut)) return false;
  if (group.leftOut) return false;
  if (!sameSize && group.kind !== "list-item") return false;
  const width = line.column.right - line.column.left;
  const indented = line.left > before.left + line.size * 0.8 && line.left < line.column.left + width * 0.25;
  if (group.kind === "list-item") return line.left >= group.lines[0]!.left + line.size * 0.4 || !SENTENCE_END.test(before.text);
  const endsShort = before.right < line.column.left + width * 0.82 && SENTENCE_END.test(before.text);
  const spread = group.lines.length > 1 ? group.lines[1]!.bottom - group.lines[0]!.bottom : pitch;
  return !(indented && SENTENCE_END.test(before.text)) && !endsShort && pitch <= spread * 1.3 + 0.5;
}

function toBlock({ kind, lines, level, leftOut, headings }: Group, sizes: ReadonlyMap<number, Size>): RawBlock {
  const { page } = lines[0]!;
  const size = sizes.get(page)!;
  const { cells } = lines[0]!;
  const joined = kind !== "table-row" ? joinLines(lines.map((line) => line.text)) : headings ? rowText(cells, headings) : cells.join(" · ");
  const text = leftOut === "footnote" ? joined.replace(/^(?:\d{1,2}|[*†‡])\s*/, "") : joined;
  return {
    kind,
    text: kind === "list-item" ? text.replace(LIST_MARK, "") : text,
    at: { page },
    box: boxOf(lines, size, page),
    ...(level ? { level } : {}),
    ...(leftOut ? { leftOut } : {}),
  };
}

/** A word hyphenated at a line end is one word again; a hyphen that belongs to a compound before a capital stays. */
export function joinLines(texts: readonly string[]): string {
  return texts.reduce((joined, text) => {
    if (joined === "") return text;
    if (/\p{L}[\u00ad]$/u.test(joined) || (/\p{Ll}[-\u2010]$/u.test(joined) && /^\p{Ll}/u.test(text))) return joined.slice(0, -1) + text;
    return /[-\u2010–/]$/.test(joined) && /\S[-\u2010/]$/.test(joined) ? joined + text : `${joined} ${text}`;
  }, "");
}

function boxOf(lines: readonly Line[], { width, height }: Size, page: number): Box {
  return around(
    lines.map((line) => ({
      left: line.left / width,
      top: (line.bottom - line.size) / height,
      width: (line.right - line.left) / width,
      height: (line.size * 1.25) / height,
    })),
    page,
  );
}

/** A paragraph that runs on over a page or column break is one paragraph; notes and captions between its halves do not part it. */
function joinAcrossPages(blocks: RawBlock[]): RawBlock[] {
  const joined: RawBlock[] = [];
  for (const block of blocks) {
    const last = joined.findLast((other) => !other.leftOut);
    const runsOn =
      last?.kind === "paragraph" && block.kind === "paragraph" && !block.leftOut && !/[.!?…:;][”"’')\]]*$/.test(last.text) && /^\p{Ll}/u.test(block.text);
    if (last && runsOn && !joined.slice(joined.indexOf(last) + 1).some((other) => other.kind === "heading" && !other.leftOut))
      last.text = joinLines([last.text, block.text]);
    else joined.push(block);
  }
  return joined;
}
