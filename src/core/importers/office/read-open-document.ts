import { fail, ok, type Result } from "../../lib/result";
import { numberBlocks, plainSpaces, type RawBlock } from "../../source/number-blocks";
import type { Block } from "../../source/schema";
import type { Imported, Importer, ImportProblem } from "../importer";
import { looksLikeZip, openZip } from "../open-zip";
import { looksLikeHeadings, rowText } from "../row-text";
import { titleOf } from "../title-of";
import { contains } from "./read-docx";
import { descendants, first, parseXml, type XmlNode } from "./xml-tree";

type Out = { blocks: RawBlock[]; styleNames: ReadonlyMap<string, string>; at?: RawBlock["at"] };

/** A text document (ODT) of OASIS OpenDocument. */
export async function readOdt(bytes: Uint8Array, name: string): Promise<Result<Imported, ImportProblem>> {
  const content = await openContent(bytes, "ODT");
  if (!content.ok) return content;
  const body = first(content.value, "office:text");
  if (!body) return fail({ type: "document-broken", format: "ODT" });
  const out: Out = { blocks: [], styleNames: styleNames(content.value) };
  for (const child of body.children) walk(child, out, "paragraph");
  const blocks = numberBlocks(out.blocks);
  if (!blocks.some((block) => !block.leftOut)) return fail({ type: "passage-empty" });
  return ok({ kind: "odt", title: titleOf(blocks, name), blocks, warnings: [] });
}

/** Slides (ODP): the title first, then the text, then the speaker's notes. */
export async function readOdp(bytes: Uint8Array, name: string): Promise<Result<Imported, ImportProblem>> {
  const content = await openContent(bytes, "ODP");
  if (!content.ok) return content;
  const out: Out = { blocks: [], styleNames: styleNames(content.value) };
  const pages = [...descendants(content.value, "draw:page")];
  pages.forEach((page, index) => {
    for (const part of ["title", "text", "notes"] as const) readSlidePart(page, index + 1, part, out);
  });
  const blocks = numberBlocks(out.blocks);
  if (!blocks.some((block) => !block.leftOut)) return fail({ type: "passage-empty" });
  const notes = blocks.filter((block) => block.leftOut === "speaker notes").length;
  const warnings = notes > 0 ? [{ type: "notes-left-out" as const, count: notes }] : [];
  return ok({ kind: "odp", title: titleOf(blocks, name), blocks, warnings, slides: pages.length });
}

function readSlidePart(page: XmlNode, slide: number, part: "title" | "text" | "notes", out: Out): void {
  const frames = page.children.filter((child) => child.name !== "presentation:notes");
  const titled = frames.find((node) => node.attributes["presentation:class"] === "title");
  // A slide made without the program's own layouts: the box that stands highest, if it is short enough for a title.
  const highest = frames.filter((node) => node.name === "draw:frame").sort((a, b) => topOf(a) - topOf(b))[0];
  const isTitle = (node: XmlNode) => node === (titled ?? (highest && wordsIn(highest) <= 12 ? highest : undefined));
  const furniture = (node: XmlNode) => /^(?:page-number|footer|header|date-time)$/.test(node.attributes["presentation:class"] ?? "");
  const nodes =
    part === "notes"
      ? [...descendants(page, "presentation:notes")].flatMap((notes) =>
          [...descendants(notes, "draw:frame")].filter((frame) => frame.attributes["presentation:class"] === "notes"),
        )
      : frames.filter((node) => isTitle(node) === (part === "title") && !furniture(node));
  const before = out.blocks.length;
  for (const node of nodes) walk(node, { ...out, at: { slide, part } }, part === "title" ? "heading" : "paragraph");
  if (part === "title" && out.blocks.length > before) {
    // A title set on two lines is one title.
    const title = out.blocks
      .splice(before)
      .map((block) => plainSpaces(block.text))
      .join(" ");
    out.blocks.push({ kind: "heading", level: slide === 1 ? 1 : 2, text: title, at: { slide, part } });
  }
  if (part === "notes") for (const block of out.blocks.slice(before)) block.leftOut = "speaker notes";
}

function topOf(frame: XmlNode): number {
  return Number.parseFloat(frame.attributes["svg:y"] ?? "") || Number.POSITIVE_INFINITY;
}

function wordsIn(frame: XmlNode): number {
  return [...descendants(frame, "text:p")]
    .map((p) => inlineText(p, []))
    .join(" ")
    .split(/\s+/)
    .filter(Boolean).length;
}

async function openContent(bytes: Uint8Array, format: string): Promise<Result<XmlNode, ImportProblem>> {
  const zip = await openZip(bytes, format, (entry) => entry === "content.xml");
  if (!zip.ok) return zip;
  const xml = zip.value.text("content.xml");
  if (!xml) return fail({ type: "document-broken", format });
  try {
    return ok(parseXml(xml));
  } catch {
    return fail({ type: "document-broken", format });
  }
}

/** Automatic styles point to the named style they were made from, which is the one that says what a paragraph is. */
function styleNames(content: XmlNode): Map<string, string> {
  const parents = new Map(
    [...descendants(content, "style:style")].map(({ attributes }) => [attributes["style:name"] ?? "", attributes["style:parent-style-name"] ?? ""]),
  );
  return new Map([...parents].map(([name, parent]) => [name, parent || name]));
}

function walk(node: XmlNode, out: Out, kind: Block["kind"], leftOut?: string): void {
  switch (node.name) {
    case "text:h":
      return addText(node, out, "heading", leftOut, Math.min(6, Math.max(1, Number(node.attributes["text:outline-level"] ?? 1))));
    case "text:p":
      return addParagraph(node, out, kind, leftOut);
    case "text:list-item":
    case "text:list-header":
      for (const child of node.children) walk(child, out, kind === "heading" ? "heading" : "list-item", leftOut);
      return;
    case "table:table":
      return addTable(node, out, leftOut);
    case "text:table-of-content":
    case "text:alphabetical-index":
      for (const child of node.children) walk(child, out, kind, "page furniture");
      return;
    case "text:tracked-changes":
    case "office:annotation":
    case "office:forms":
    case "text:sequence-decls":
    case "draw:image":
    case "svg:title":
    case "svg:desc":
      return;
    default:
      for (const child of node.children) walk(child, out, kind, leftOut);
  }
}

function addParagraph(node: XmlNode, out: Out, kind: Block["kind"], leftOut: string | undefined): void {
  const own = node.attributes["text:style-name"] ?? "";
  const style = `${out.styleNames.get(own) ?? ""} ${own}`;
  if (/\b(?:Title|Subtitle)\b/.test(style)) return addText(node, out, "heading", leftOut, /\bTitle\b/.test(style) ? 1 : 2);
  if (/\b(?:Caption|Illustration|Figure|Drawing)\b/.test(style)) return addText(node, out, "caption", leftOut ?? "picture caption");
  if (/\bQuotations?\b/.test(style)) return addText(node, out, "quotation", leftOut);
  addText(node, out, kind, leftOut);
}

function addText(node: XmlNode, out: Out, kind: Block["kind"], leftOut: string | undefined, level?: number): void {
  const later: XmlNode[] = [];
  const text = inlineText(node, later);
  const shared = { ...(out.at ? { at: out.at } : {}), ...(leftOut ? { leftOut } : {}) };
  out.blocks.push({ kind, text, ...shared, ...(level ? { level } : {}) });
  for (const child of later) {
    if (child.name === "text:note-body") for (const part of child.children) walk(part, out, "paragraph", "footnote");
    else walk(child, out, "paragraph", leftOut);
  }
}

/** The words of a paragraph; boxes that are anchored in it and notes come after it. */
function inlineText(node: XmlNode, later: XmlNode[]): string {
  return node.children
    .map((child) => {
      switch (child.name) {
        case "#text":
          return child.text;
        case "text:s":
        case "text:tab":
        case "text:line-break":
          return " ";
        case "text:soft-page-break":
        case "office:annotation":
        case "text:note-citation":
          return "";
        case "text:note":
          later.push(...child.children.filter((part) => part.name === "text:note-body"));
          return "";
        case "draw:frame":
        case "draw:custom-shape":
          later.push(child);
          return "";
        default:
          return inlineText(child, later);
      }
    })
    .join("");
}

function addTable(table: XmlNode, out: Out, leftOut: string | undefined): void {
  const head = [...descendants(table, "table:table-header-rows")].flatMap((rows) => [...descendants(rows, "table:table-row")]);
  const cellsOf = (row: XmlNode) =>
    row.children
      .filter((cell) => cell.name === "table:table-cell")
      .map((cell) => plainSpaces([...descendants(cell, "text:p")].map((p) => inlineText(p, [])).join(" ")));
  const rows = [...descendants(table, "table:table-row")];
  const headed = head[0] ?? (headingStyled(rows[0]) || looksLikeHeadings(rows.map(cellsOf)) ? rows[0] : undefined);
  const headings = headed ? cellsOf(headed) : [];
  const shared = out.at ? { at: out.at } : {};
  rows.forEach((row, index) => {
    const isHeading = headings.length > 0 && index === 0;
    const text = isHeading ? headings.filter(Boolean).join(" · ") : rowText(cellsOf(row), headings);
    const reason = leftOut ?? (isHeading ? "table heading" : undefined);
    out.blocks.push({ kind: "table-row", text, ...shared, ...(reason ? { leftOut: reason } : {}) });
  });
}

function headingStyled(row: XmlNode | undefined): boolean {
  return row !== undefined && [...descendants(row, "text:p")].every((p) => /Table_20_Heading/.test(p.attributes["text:style-name"] ?? ""));
}

const isOpenDocument = (bytes: Uint8Array, sort: string) =>
  looksLikeZip(bytes) && contains(bytes.subarray(0, 200), `application/vnd.oasis.opendocument.${sort}`);

export const odtImporter: Importer = {
  id: "odt",
  recognises: ({ bytes, name }) => isOpenDocument(bytes, "text") || /\.odt$/i.test(name),
  read: ({ bytes, name }) => readOdt(bytes, name),
};

export const odpImporter: Importer = {
  id: "odp",
  recognises: ({ bytes, name }) => isOpenDocument(bytes, "presentation") || /\.odp$/i.test(name),
  read: ({ bytes, name }) => readOdp(bytes, name),
};
