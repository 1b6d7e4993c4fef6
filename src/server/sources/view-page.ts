import { eq } from "drizzle-orm";
import { db } from "../db/client";
import { sources } from "../db/schema";
import { hasFile, readFile } from "../files/file-store";

const STYLE =
  "body{font:15px/1.5 Georgia,serif;margin:1.2rem;max-width:44rem;color:#1f2b33;background:#fffefb;overflow-wrap:anywhere}img{max-width:100%;height:auto}table{border-collapse:collapse}td,th{border:1px solid #d8d3c6;padding:.2rem .5rem;text-align:left}nav,footer,aside{color:#56636b}h1,h2,h3{line-height:1.25}";

/** The sanitised page of a source, ready to show; undefined where it has none. */
export function viewPage(sourceId: string): string | undefined {
  const row = db().select({ hash: sources.viewHash, title: sources.title }).from(sources).where(eq(sources.id, sourceId)).get();
  if (!row?.hash || !hasFile(row.hash)) return undefined;
  const body = new TextDecoder().decode(readFile(row.hash));
  return `<!doctype html><html><head><meta charset="utf-8"><title>${row.title.replace(/[<&]/g, " ")}</title><style>${STYLE}</style></head><body>${body}</body></html>`;
}
