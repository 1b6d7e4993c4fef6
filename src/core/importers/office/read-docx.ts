import mammoth from "mammoth";
import { fail, ok, type Result } from "../../lib/result";
import { numberBlocks } from "../../source/number-blocks";
import { blocksFromDom } from "../html/blocks-from-dom";
import { reasonFor } from "../html/left-out-reason";
import { parsePage } from "../html/parse-page";
import { sanitiseView } from "../html/sanitise-view";
import type { Imported, Importer, ImportProblem } from "../importer";
import { looksLikeZip, openZip } from "../open-zip";
import { titleOf } from "../title-of";

const STYLES = [
  "p[style-name='Title'] => h1:fresh",
  "p[style-name='Subtitle'] => h2:fresh",
  "p[style-name='caption'] => p.caption:fresh",
  "p[style-name='Caption'] => p.caption:fresh",
];
/** Pictures in the view; more than this and the page would be slow to open. */
const MAX_PICTURE_CHARACTERS = 4_000_000;

/** A word-processor document (Office Open XML) through HTML; headers and footers are no part of the text. */
export async function readDocx(bytes: Uint8Array, name: string): Promise<Result<Imported, ImportProblem>> {
  // The reader below unpacks without any limit, so everything is counted first.
  const zip = await openZip(bytes, "DOCX", (entry) => entry === "word/document.xml", true);
  if (!zip.ok) return zip;
  if (!zip.value.text("word/document.xml")) return fail({ type: "document-broken", format: "DOCX" });
  let shown = 0;
  const picture = mammoth.images.imgElement(async (image) => {
    const data = await image.readAsBase64String();
    shown += data.length;
    return { src: shown < MAX_PICTURE_CHARACTERS ? `data:${image.contentType};base64,${data}` : "" };
  });
  const html = await mammoth
    .convertToHtml({ buffer: Buffer.from(bytes) }, { styleMap: STYLES, convertImage: picture })
    .then((result) => result.value)
    .catch(() => undefined);
  if (html === undefined) return fail({ type: "document-broken", format: "DOCX" });
  const page = parsePage(html);
  if (!page.ok) return page;
  const blocks = numberBlocks(blocksFromDom(page.value.body, { reasonFor: docxReason }));
  if (!blocks.some((block) => !block.leftOut)) return fail({ type: "passage-empty" });
  return ok({ kind: "docx", title: titleOf(blocks, name), blocks, warnings: [], view: sanitiseView(html) });
}

/** Notes come as a list at the end; captions have a style of their own. */
function docxReason(element: Element): string | undefined {
  if (/^(?:footnote|endnote)-/.test(element.getAttribute("id") ?? "")) return "footnote";
  if (element.getAttribute("class") === "caption") return "picture caption";
  return /^(?:nav|aside|footer)$/i.test(element.tagName) ? reasonFor(element) : undefined;
}

export const docxImporter: Importer = {
  id: "docx",
  recognises: ({ bytes, name }) => (looksLikeZip(bytes) && contains(bytes, "word/")) || /\.docx$/i.test(name),
  read: ({ bytes, name }) => readDocx(bytes, name),
};

/** Names of entries stand in a zip as they are. */
export function contains(bytes: Uint8Array, text: string): boolean {
  return Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength).includes(text);
}
