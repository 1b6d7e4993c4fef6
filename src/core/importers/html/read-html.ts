import { fail, ok, type Result } from "../../lib/result";
import { numberBlocks } from "../../source/number-blocks";
import { MAX_IMPORTED_CHARACTERS } from "../../source/schema";
import { decodeText } from "../decode-text";
import type { Imported, Importer, ImportProblem } from "../importer";
import { titleOf } from "../title-of";
import { blocksFromDom } from "./blocks-from-dom";
import { parsePage } from "./parse-page";
import { readWebPage } from "./read-web-page";
import { sanitiseView } from "./sanitise-view";

/** A saved page or a document written as HTML: an article with menus around it is read like one from the web. */
export function readHtml(html: string, name: string): Result<Imported, ImportProblem> {
  if (html.length > MAX_IMPORTED_CHARACTERS * 2) return fail({ type: "passage-too-long", characters: html.length, limit: MAX_IMPORTED_CHARACTERS * 2 });
  const page = parsePage(html);
  if (!page.ok) return page;
  const { body } = page.value;
  if (page.value.querySelector("nav, article, main, aside, header, footer")) {
    const asArticle = readWebPage(html, undefined);
    if (asArticle.ok) return ok({ ...asArticle.value, kind: "html" });
  }
  const blocks = numberBlocks(blocksFromDom(body));
  if (!blocks.some((block) => !block.leftOut && /\p{L}/u.test(block.text))) return fail({ type: "passage-empty" });
  const language = page.value.documentElement.getAttribute("lang")?.slice(0, 2).toLowerCase();
  return ok({
    kind: "html",
    title: titleOf(blocks) === titleOf(blocks, name) ? titleOf(blocks) : (page.value.title?.trim() || titleOf(blocks, name)).slice(0, 200),
    blocks,
    warnings: [],
    view: sanitiseView(body.innerHTML),
    ...(language ? { language } : {}),
  });
}

export const htmlImporter: Importer = {
  id: "html",
  recognises: ({ bytes, name, contentType }) =>
    /^text\/html|application\/xhtml/.test(contentType ?? "") ||
    /^\s*(?:<!--[^>]*-->\s*)*<(?:!doctype html|html|head|body)[\s>]/i.test(decodeText(bytes.subarray(0, 1024))) ||
    (/\.x?html?$/i.test(name) && /<[a-z]+[\s>/]/i.test(decodeText(bytes.subarray(0, 4096)))),
  read: async ({ bytes, name, url }) => {
    const html = decodeText(bytes, /<meta[^>]+charset=["']?([\w-]+)/i.exec(new TextDecoder("latin1").decode(bytes.subarray(0, 2048)))?.[1]);
    return url ? readWebPage(html, url) : readHtml(html, name);
  },
};
