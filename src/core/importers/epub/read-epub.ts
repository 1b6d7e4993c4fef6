import { fail, ok, type Result } from "../../lib/result";
import { numberBlocks, type RawBlock } from "../../source/number-blocks";
import { blocksFromDom } from "../html/blocks-from-dom";
import { reasonFor } from "../html/left-out-reason";
import { parsePage } from "../html/parse-page";
import { sanitiseView } from "../html/sanitise-view";
import type { Imported, Importer, ImportProblem, ImportTools } from "../importer";
import { contains } from "../office/read-docx";
import { descendants, first, parseXml, type XmlNode } from "../office/xml-tree";
import { looksLikeZip, type OpenedZip, openZip } from "../open-zip";
import { titleOf } from "../title-of";
import { promoteStyledHeadings } from "./styled-headings";

/** The view of a whole book would be too much for a page; it shows as much as this. */
const MAX_VIEW_CHARACTERS = 400_000;
const FURNITURE = /\b(?:toc|landmarks|titlepage|copyright-page|cover|colophon|index)\b/;

/** A book (EPUB 2 and 3): the chapters of its spine, in order. */
export async function readEpub(bytes: Uint8Array, name: string, tools: Pick<ImportTools, "progress">): Promise<Result<Imported, ImportProblem>> {
  const zip = await openZip(bytes, "EPUB", (entry) => /\.(?:xml|opf|x?html?|css)$/i.test(entry));
  if (!zip.ok) return zip;
  let book: Book | undefined;
  try {
    book = openBook(zip.value);
  } catch {
    return fail({ type: "document-broken", format: "EPUB" });
  }
  if (!book) return fail({ type: "document-broken", format: "EPUB" });
  const raw: RawBlock[] = [];
  let view = "";
  for (const [index, chapter] of book.chapters.entries()) {
    tools.progress("chapters", index, book.chapters.length);
    const page = parsePage(chapter);
    if (!page.ok) return page;
    promoteStyledHeadings(page.value, zip.value);
    raw.push(...blocksFromDom(page.value.body, { reasonFor: bookReason }));
    if (view.length < MAX_VIEW_CHARACTERS) view += sanitiseView(page.value.body.innerHTML);
  }
  const blocks = numberBlocks(raw);
  if (!blocks.some((block) => !block.leftOut)) return fail({ type: "passage-empty" });
  const { title, creator, language } = book;
  return ok({
    kind: "epub",
    title: /^(?:unknown title|untitled)?$/i.test(title) ? titleOf(blocks, name) : title,
    blocks,
    warnings: [],
    view: view.slice(0, MAX_VIEW_CHARACTERS * 2),
    ...(creator ? { byline: creator } : {}),
    ...(language ? { language: language.slice(0, 2).toLowerCase() } : {}),
  });
}

type Book = { title: string; creator: string; language: string; chapters: string[] };

function openBook(zip: OpenedZip): Book | undefined {
  const container = zip.text("META-INF/container.xml");
  const path = container && first(parseXml(container), "rootfile")?.attributes["full-path"];
  const opf = path ? zip.text(path) : undefined;
  if (!path || !opf) return undefined;
  const tree = parseXml(opf);
  const folder = path.includes("/") ? path.slice(0, path.lastIndexOf("/") + 1) : "";
  const named = (name: string) => first(tree, name) ?? first(tree, `opf:${name}`);
  const manifest = named("manifest");
  const spine = named("spine");
  if (!manifest || !spine) return undefined;
  const items = new Map(elements(manifest).map(({ attributes }) => [attributes.id ?? "", attributes]));
  const chapters = elements(spine).flatMap(({ attributes }) => {
    const item = items.get(attributes.idref ?? "");
    if (!item || /\bnav\b/.test(item.properties ?? "") || attributes.linear === "no") return [];
    return zip.text(folder + decodeURIComponent(item.href ?? "")) ?? [];
  });
  const meta = (name: string) =>
    first(tree, name)
      ?.children.map((child) => child.text)
      .join("")
      .trim() ?? "";
  return { title: meta("dc:title"), creator: meta("dc:creator"), language: meta("dc:language"), chapters };
}

function elements(node: XmlNode): XmlNode[] {
  return [...descendants(node, "item"), ...descendants(node, "opf:item"), ...descendants(node, "itemref"), ...descendants(node, "opf:itemref")];
}

function bookReason(element: Element): string | undefined {
  const type = element.getAttribute("epub:type") ?? "";
  if (FURNITURE.test(type)) return "page furniture";
  return /\b(?:footnotes?|endnotes?|rearnotes?)\b/.test(type) ? "footnote" : /^(?:NAV|ASIDE)$/i.test(element.tagName) ? reasonFor(element) : undefined;
}

export const epubImporter: Importer = {
  id: "epub",
  recognises: ({ bytes, name }) => (looksLikeZip(bytes) && contains(bytes.subarray(0, 100), "application/epub+zip")) || /\.epub$/i.test(name),
  read: ({ bytes, name }, tools) => readEpub(bytes, name, tools),
};
