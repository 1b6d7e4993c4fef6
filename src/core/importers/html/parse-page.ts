import { parseHTML } from "linkedom";
import { fail, ok, type Result } from "../../lib/result";
import type { ImportProblem } from "../importer";

const MAX_DEPTH = 600;
const VOID_OR_UNCLOSED = new Set(
  "area base br col embed hr img input link meta param source track wbr p li td th tr dt dd option tbody thead tfoot colgroup".split(" "),
);

/**
 * HTML as a document; scripts are text in it and never run. Pages nested deeper than any page that
 * people write are refused first, since walking them would exhaust the stack.
 */
export function parsePage(html: string): Result<Document, ImportProblem> {
  if (deepest(html) > MAX_DEPTH) return fail({ type: "html-too-deep" });
  const whole = /<html[\s>]/i.test(html) ? html : `<!doctype html><html><head></head><body>${html}</body></html>`;
  return ok(parseHTML(whole).document as unknown as Document);
}

function deepest(html: string): number {
  let depth = 0;
  let most = 0;
  for (const [tag, name] of html.matchAll(/<\/?([a-z][a-z0-9-]*)[^<>]*>/gi)) {
    if (VOID_OR_UNCLOSED.has(name!.toLowerCase()) || tag.endsWith("/>")) continue;
    depth = tag.startsWith("</") ? Math.max(0, depth - 1) : depth + 1;
    most = Math.max(most, depth);
  }
  return most;
}
