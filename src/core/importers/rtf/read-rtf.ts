import { fail, ok, type Result } from "../../lib/result";
import { numberBlocks, plainSpaces, type RawBlock } from "../../source/number-blocks";
import type { Imported, Importer, ImportProblem } from "../importer";
import { rowText } from "../row-text";
import { titleOf } from "../title-of";
import { parseRtf, type RtfParagraph } from "./parse-rtf";

export function readRtf(bytes: Uint8Array, name: string): Result<Imported, ImportProblem> {
  const paragraphs = parseRtf(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength).toString("latin1"));
  if (!paragraphs) return fail({ type: "document-broken", format: "RTF" });
  const blocks = numberBlocks(withTableHeadings(paragraphs).map(toBlock));
  if (!blocks.some((block) => !block.leftOut && /\p{L}/u.test(block.text))) return fail({ type: "passage-empty" });
  return ok({ kind: "rtf", title: titleOf(blocks, name), blocks, warnings: [] });
}

type Row = RtfParagraph & { headings?: string[]; isHeadingRow?: boolean };

/** The first row of a table whose cells are set as headings is woven into the rows below it. */
function withTableHeadings(paragraphs: readonly RtfParagraph[]): Row[] {
  let headings: string[] = [];
  return paragraphs.map((paragraph, index): Row => {
    if (!isRow(paragraph)) {
      headings = [];
      return paragraph;
    }
    const opens = !paragraphs[index - 1] || !isRow(paragraphs[index - 1]!);
    if (opens && /heading/i.test(paragraph.style)) {
      headings = cellsOf(paragraph);
      return { ...paragraph, isHeadingRow: true };
    }
    return { ...paragraph, headings };
  });
}

const isRow = (paragraph: RtfParagraph) => paragraph.inTable || paragraph.text.includes("\u0007");
const cellsOf = (paragraph: RtfParagraph) => paragraph.text.split("\u0007").map(plainSpaces);

function toBlock(paragraph: Row): RawBlock {
  const { text, style, outline, isList, note, headings = [], isHeadingRow } = paragraph;
  if (note) return { kind: "paragraph", text, leftOut: "footnote" };
  if (isHeadingRow) return { kind: "table-row", text: cellsOf(paragraph).filter(Boolean).join(" · "), leftOut: "table heading" };
  if (isRow(paragraph)) return { kind: "table-row", text: rowText(cellsOf(paragraph), headings) };
  const level = outline !== undefined && outline < 6 ? outline + 1 : headingLevel(style);
  if (level) return { kind: "heading", level, text };
  if (/^(?:caption|illustration|figure)\b/i.test(style)) return { kind: "caption", text, leftOut: "picture caption" };
  if (/^quot/i.test(style)) return { kind: "quotation", text };
  const bulleted = /^\s*[•◦▪]\s*/.exec(text);
  return isList || bulleted ? { kind: "list-item", text: text.slice(bulleted?.[0].length ?? 0) } : { kind: "paragraph", text };
}

function headingLevel(style: string): number | undefined {
  if (/^title$/i.test(style)) return 1;
  if (/^subtitle$/i.test(style)) return 2;
  const level = /^heading (\d)$/i.exec(style)?.[1];
  return level ? Math.min(6, Number(level)) : undefined;
}

export const rtfImporter: Importer = {
  id: "rtf",
  recognises: ({ bytes }) => /^\s*\{\\rtf/.test(new TextDecoder("latin1").decode(bytes.subarray(0, 16))),
  read: async ({ bytes, name }) => readRtf(bytes, name),
};
