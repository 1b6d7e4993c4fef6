import { plainSpaces, type RawBlock } from "../../source/number-blocks";
import type { Block } from "../../source/schema";
import { isHidden, reasonFor } from "./left-out-reason";
import { readTable } from "./read-table";

type Context = { kind: Block["kind"]; reason?: string | undefined };
type Options = {
  /** Addresses of pictures are taken from the page's own; without it they are left away. */
  pictureAddress?: (src: string) => string | undefined;
  /** Tells why an element's text is not part of the passage. */
  reasonFor?: (element: Element) => string | undefined;
};

const SKIPPED = new Set(
  "SCRIPT STYLE NOSCRIPT TEMPLATE SVG MATH IFRAME OBJECT CANVAS SELECT BUTTON INPUT TEXTAREA AUDIO VIDEO MAP HEAD DIALOG RP RT".split(" "),
);
const INLINE = new Set(
  "A ABBR ACRONYM B BDI BDO BIG CITE CODE DATA DEL DFN EM FONT I INS KBD LABEL MARK METER OUTPUT PROGRESS Q RUBY S SAMP SMALL SPAN STRIKE STRONG SUB SUP TIME TT U VAR WBR".split(
    " ",
  ),
);

/** The text of a document as blocks, in the order of the page. What is in `SKIPPED` is no reading matter. */
export function blocksFromDom(root: Element, options: Options = {}): RawBlock[] {
  const blocks: RawBlock[] = [];
  let pending = "";
  const flush = ({ kind, reason }: Context, level?: number) => {
    const text = plainSpaces(pending);
    pending = "";
    if (text !== "") blocks.push({ kind, text, ...(level ? { level } : {}), ...(reason ? { leftOut: reason } : {}) });
  };
  const walk = (node: Node, context: Context) => {
    if (node.nodeType === 3) {
      pending += node.textContent ?? "";
      return;
    }
    if (node.nodeType !== 1) return;
    const element = node as Element;
    const tag = element.tagName.toUpperCase();
    if (SKIPPED.has(tag) || isHidden(element)) return;
    if (tag === "BR") {
      // Two in a row part paragraphs.
      if (isBreak(element.previousSibling)) flush(context);
      else pending += " ";
      return;
    }
    if (tag === "IMG") return pictureBlock(element, context);
    if (tag === "SUP" || tag === "SUB") {
      pending += tag === "SUP" ? raised(element) : (element.textContent ?? "");
      return;
    }
    const inner = { ...context, reason: context.reason ?? (options.reasonFor ?? reasonFor)(element) };
    if (INLINE.has(tag) && !hasBlocks(element)) {
      for (const child of element.childNodes) walk(child, context);
      return;
    }
    flush(context);
    if (tag === "TABLE" && !isLayoutTable(element)) {
      for (const row of readTable(element)) blocks.push(inner.reason ? { ...row, leftOut: inner.reason } : row);
      return;
    }
    const own = contextOf(tag, inner);
    for (const child of element.childNodes) walk(child, own);
    flush(own, /^H[1-6]$/.test(tag) ? Number(tag[1]) : undefined);
  };
  const pictureBlock = (element: Element, context: Context) => {
    const alt = plainSpaces(element.getAttribute("alt") ?? "");
    const picture = options.pictureAddress?.(element.getAttribute("src") ?? "");
    if (!picture || alt === "") return;
    flush(context);
    blocks.push({ kind: "caption", text: alt, leftOut: context.reason ?? "picture description", picture });
  };
  walk(root, { kind: "paragraph" });
  flush({ kind: "paragraph" });
  return blocks;
}

function contextOf(tag: string, context: Context): Context {
  if (/^H[1-6]$/.test(tag)) return { ...context, kind: "heading" };
  if (tag === "LI" || tag === "DD") return { ...context, kind: "list-item" };
  if (tag === "BLOCKQUOTE") return { ...context, kind: "quotation" };
  if (tag === "FIGCAPTION" || tag === "CAPTION") return { ...context, kind: "caption", reason: context.reason ?? "picture caption" };
  return context;
}

function isBreak(node: Node | null): boolean {
  if (node?.nodeType === 3 && (node.textContent ?? "").trim() === "") return isBreak(node.previousSibling);
  return node?.nodeType === 1 && (node as Element).tagName.toUpperCase() === "BR";
}

const BLOCKS = "p,div,ul,ol,li,h1,h2,h3,h4,h5,h6,table,blockquote,figure,section,article";

function hasBlocks(element: Element): boolean {
  return element.querySelector(BLOCKS) !== null;
}

/** A table that only places things on the page. */
function isLayoutTable(table: Element): boolean {
  return table.getAttribute("role") === "presentation" || table.querySelector("h1,h2,h3,table,ul,ol") !== null || table.querySelectorAll("td,th").length < 3;
}

const RAISED: Record<string, string> = { "0": "⁰", "1": "¹", "2": "²", "3": "³", "4": "⁴", "5": "⁵", "6": "⁶", "7": "⁷", "8": "⁸", "9": "⁹", "-": "⁻" };

/** "m²" stays readable; the number of a note, which is a link or stands in brackets, is no part of the sentence. */
function raised(element: Element): string {
  const text = element.textContent?.trim() ?? "";
  if (element.querySelector("a") || element.closest("a") || /^\[?(?:\d+|[*†‡a-z])\]$/.test(text) || /^[*†‡]$/.test(text)) return "";
  return /^-?\d+$/.test(text) ? [...text].map((character) => RAISED[character] ?? character).join("") : text;
}
