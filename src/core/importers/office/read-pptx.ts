import { fail, ok, type Result } from "../../lib/result";
import { numberBlocks, plainSpaces, type RawBlock } from "../../source/number-blocks";
import type { Imported, Importer, ImportProblem } from "../importer";
import { looksLikeZip, type OpenedZip, openZip } from "../open-zip";
import { looksLikeHeadings, rowText } from "../row-text";
import { titleOf } from "../title-of";
import { contains } from "./read-docx";
import { descendants, first, parseXml, type XmlNode } from "./xml-tree";

/** Slides of Office Open XML, in the order in which they are shown: title, text, tables, speaker's notes. */
export async function readPptx(bytes: Uint8Array, name: string): Promise<Result<Imported, ImportProblem>> {
  const zip = await openZip(
    bytes,
    "PPTX",
    (entry) => /^ppt\/(?:presentation\.xml|slides\/|notesSlides\/|_rels\/)/.test(entry) && /\.(?:xml|rels)$/.test(entry),
  );
  if (!zip.ok) return zip;
  try {
    const paths = slidePaths(zip.value);
    if (paths.length === 0) return fail({ type: "document-broken", format: "PPTX" });
    const raw = paths.flatMap((path, index) => readSlide(zip.value, path, index + 1));
    const blocks = numberBlocks(raw);
    if (!blocks.some((block) => !block.leftOut)) return fail({ type: "passage-empty" });
    const notes = blocks.filter((block) => block.leftOut === "speaker notes").length;
    const warnings = notes > 0 ? [{ type: "notes-left-out" as const, count: notes }] : [];
    return ok({ kind: "pptx", title: titleOf(blocks, name), blocks, warnings, slides: paths.length });
  } catch {
    return fail({ type: "document-broken", format: "PPTX" });
  }
}

function slidePaths(zip: OpenedZip): string[] {
  const presentation = parseXml(zip.text("ppt/presentation.xml") ?? "");
  const targets = relations(zip, "ppt/_rels/presentation.xml.rels");
  return [...descendants(presentation, "p:sldId")].flatMap(({ attributes }) => {
    const target = targets.find(({ id }) => id === attributes["r:id"])?.target;
    return target ? [resolvePath("ppt", target)] : [];
  });
}

function relations(zip: OpenedZip, path: string): { id: string; type: string; target: string }[] {
  const xml = zip.text(path);
  if (!xml) return [];
  return [...descendants(parseXml(xml), "Relationship")].map(({ attributes }) => ({
    id: attributes.Id ?? "",
    type: attributes.Type ?? "",
    target: attributes.Target ?? "",
  }));
}

/** "../notesSlides/notesSlide1.xml" seen from "ppt/slides". */
function resolvePath(folder: string, target: string): string {
  if (target.startsWith("/")) return target.slice(1);
  const parts = folder.split("/");
  for (const part of target.split("/")) {
    if (part === "..") parts.pop();
    else if (part !== ".") parts.push(part);
  }
  return parts.join("/");
}

function readSlide(zip: OpenedZip, path: string, slide: number): RawBlock[] {
  const xml = zip.text(path);
  if (!xml) return [];
  const tree = first(parseXml(xml), "p:spTree");
  if (!tree) return [];
  const shapes = shapesOf(tree);
  const titled = shapes.find((shape) => /^(?:title|ctrTitle)$/.test(placeholder(shape) ?? ""));
  // Slides made without placeholders: the box that stands highest, if it is short enough for a title.
  const title = titled ?? highest(shapes.filter((shape) => shape.name === "p:sp" && placeholder(shape) === undefined));
  const isTitle = (shape: XmlNode) => shape === title && (titled !== undefined || wordsOf(shape).length <= 12);
  const blocks: RawBlock[] = [];
  for (const shape of [...shapes].sort((a, b) => Number(isTitle(b)) - Number(isTitle(a)))) {
    if (/^(?:sldNum|ftr|dt|hdr)$/.test(placeholder(shape) ?? "")) continue;
    if (isTitle(shape)) blocks.push({ kind: "heading", level: slide === 1 ? 1 : 2, text: wordsOf(shape).join(" "), at: { slide, part: "title" } });
    else blocks.push(...shapeBlocks(shape).map((block) => ({ ...block, at: { slide, part: "text" as const } })));
  }
  return [...blocks, ...readNotes(zip, path, slide)];
}

function shapesOf(tree: XmlNode): XmlNode[] {
  return tree.children.flatMap((child) =>
    child.name === "p:grpSp" ? shapesOf(child) : child.name === "p:sp" || child.name === "p:graphicFrame" ? [child] : [],
  );
}

function placeholder(shape: XmlNode): string | undefined {
  const mark = first(shape, "p:ph");
  return mark ? (mark.attributes.type ?? "body") : undefined;
}

function highest(shapes: readonly XmlNode[]): XmlNode | undefined {
  const top = (shape: XmlNode) => Number(first(shape, "a:off")?.attributes.y ?? Number.POSITIVE_INFINITY);
  return shapes
    .filter((shape) => wordsOf(shape).length > 0)
    .reduce<XmlNode | undefined>((best, shape) => (best && top(best) <= top(shape) ? best : shape), undefined);
}

function wordsOf(shape: XmlNode): string[] {
  return plainSpaces(
    paragraphsOf(shape)
      .map(({ text }) => text)
      .join(" "),
  )
    .split(" ")
    .filter(Boolean);
}

function paragraphsOf(shape: XmlNode): { text: string; bullet: boolean }[] {
  const isBody = placeholder(shape) === "body" || /^(?:obj|half)$/.test(placeholder(shape) ?? "");
  return [...descendants(shape, "a:p")].map((paragraph) => {
    const text = paragraph.children.map((child) => (child.name === "a:br" ? " " : [...descendants(child, "a:t")].map(textOf).join(""))).join("");
    const marks = first(paragraph, "a:pPr");
    const bullet = marks ? (first(marks, "a:buNone") ? false : isBody || Boolean(first(marks, "a:buChar") ?? first(marks, "a:buAutoNum"))) : isBody;
    return { text, bullet };
  });
}

function textOf(node: XmlNode): string {
  return node.children.map((child) => child.text).join("");
}

function shapeBlocks(shape: XmlNode): RawBlock[] {
  const table = first(shape, "a:tbl");
  if (!table) return paragraphsOf(shape).map(({ text, bullet }) => ({ kind: bullet ? "list-item" : "paragraph", text }));
  const rows = [...descendants(table, "a:tr")].map((row) =>
    [...descendants(row, "a:tc")].map((cell) => plainSpaces([...descendants(cell, "a:t")].map(textOf).join(" "))),
  );
  const headed = rows.length > 1 && (first(table, "a:tblPr")?.attributes.firstRow === "1" || looksLikeHeadings(rows));
  return rows.map((cells, index) =>
    headed && index === 0
      ? { kind: "table-row", text: cells.filter(Boolean).join(" · "), leftOut: "table heading" }
      : { kind: "table-row", text: rowText(cells, headed ? rows[0]! : []) },
  );
}

function readNotes(zip: OpenedZip, path: string, slide: number): RawBlock[] {
  const folder = path.slice(0, path.lastIndexOf("/"));
  const links = relations(zip, `${folder}/_rels/${path.slice(folder.length + 1)}.rels`);
  const target = links.find(({ type }) => type.endsWith("/notesSlide"))?.target;
  const xml = target && zip.text(resolvePath(folder, target));
  const tree = xml ? first(parseXml(xml), "p:spTree") : undefined;
  if (!tree) return [];
  return shapesOf(tree)
    .filter((shape) => placeholder(shape) === "body")
    .flatMap((shape) => paragraphsOf(shape).map(({ text }): RawBlock => ({ kind: "paragraph", text, leftOut: "speaker notes", at: { slide, part: "notes" } })));
}

export const pptxImporter: Importer = {
  id: "pptx",
  recognises: ({ bytes, name }) => (looksLikeZip(bytes) && contains(bytes, "ppt/slides")) || /\.pptx$/i.test(name),
  read: ({ bytes, name }) => readPptx(bytes, name),
};
