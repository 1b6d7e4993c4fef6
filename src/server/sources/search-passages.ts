import { sql } from "drizzle-orm";
import { z } from "zod";
import { db } from "../db/client";
import { standinOrigin } from "../env";
import { guardedFetch } from "../fetching/guarded-fetch";

/** A passage that speaks of a topic. `marks` are the found words in `text`. */
export type FoundPassage = {
  id: string;
  from: { sourceId: string; blockId: string } | { url: string };
  title: string;
  text: string;
  marks: { start: number; end: number }[];
};

const SMALL_WORDS = new Set(
  "a an the of in on at to for and or is are was were be by with from as it its this that what how why do does i we you they he she".split(" "),
);

/** The words of a question worth searching for. */
export function searchWords(query: string): string[] {
  const words = query.toLowerCase().match(/[\p{L}\d]+/gu) ?? [];
  const content = words.filter((word) => !SMALL_WORDS.has(word) && word.length > 1);
  return [...new Set(content.length > 0 ? content : words)].slice(0, 12);
}

/** Paragraphs of all sources, best first (BM25 of SQLite FTS5). */
export function searchSources(query: string, limit = 24): FoundPassage[] {
  const words = searchWords(query);
  if (words.length === 0) return [];
  const match = words.map((word) => `"${word}"*`).join(" OR ");
  const rows = db().all<{ sourceId: string; blockId: string; marked: string; title: string }>(sql`
    SELECT passages.source_id AS sourceId, passages.block_id AS blockId, highlight(passages, 2, char(1), char(2)) AS marked, sources.title AS title
    FROM passages JOIN sources ON sources.id = passages.source_id
    WHERE passages MATCH ${match} AND sources.deleted_at IS NULL AND length(passages.text) > 60
    ORDER BY bm25(passages) LIMIT ${limit}`);
  // The same paragraph in two sources is shown once.
  const once = rows.filter((row, index) => rows.findIndex((other) => other.marked === row.marked) === index);
  return once.map(({ sourceId, blockId, marked, title }) => ({ id: `${sourceId}/${blockId}`, from: { sourceId, blockId }, title, ...unmark(marked) }));
}

const shelfSchema = z.object({ passages: z.array(z.object({ title: z.string(), url: z.string(), text: z.string() })).max(50) });

/** The reference shelf of the stand-in site, where there is one: `GET /shelf/search?q=…`. */
export async function searchShelf(query: string): Promise<FoundPassage[]> {
  const origin = standinOrigin();
  const words = searchWords(query);
  if (!origin || words.length === 0) return [];
  const fetched = await guardedFetch(`${origin}/shelf/search?q=${encodeURIComponent(words.join(" "))}`, { bytes: 500_000, seconds: 4, allowedOrigin: origin });
  if (!fetched.ok) return [];
  const found = shelfSchema.safeParse(JSON.parse(new TextDecoder().decode(fetched.value.bytes)));
  if (!found.success) return [];
  return found.data.passages.map(({ title, url, text }, index) => ({ id: `shelf/${index}/${url}`, from: { url }, title, text, marks: findWords(text, words) }));
}

/** SQLite marks what it found with two characters that no text holds. */
function unmark(marked: string): Pick<FoundPassage, "text" | "marks"> {
  const marks: FoundPassage["marks"] = [];
  let text = "";
  for (const part of marked.split(/(\u0001[^\u0002]*\u0002)/)) {
    const isFound = part.startsWith("\u0001");
    const words = isFound ? part.slice(1, -1) : part;
    if (isFound) marks.push({ start: text.length, end: text.length + words.length });
    text += words;
  }
  return { text, marks };
}

function findWords(text: string, words: readonly string[]): FoundPassage["marks"] {
  return [...text.matchAll(/[\p{L}\d]+/gu)]
    .filter((match) => words.some((word) => match[0].toLowerCase().startsWith(word.replace(/s$/, ""))))
    .map((match) => ({ start: match.index, end: match.index + match[0].length }));
}
