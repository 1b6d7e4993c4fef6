import type { Line } from "./lines-of-page";

type PageLines = { number: number; height: number; lines: Line[] };
/** Headers and footers stand in these shares of the page's height. */
const EDGE = 0.13;
const PAGE_NUMBER = /^(?:[-–—|•\s]*)?(?:page|seite|p\.)?\s*(?:\d{1,4}|[ivxlc]{1,6})(?:\s*(?:of|\/|von|–)\s*\d{1,4})?(?:[-–—|•\s]*)$/i;

/** Running headers, footers and page numbers, found by their repetition at the same place from page to page. */
export function findFurniture(pages: readonly PageLines[], body: number): Set<Line> {
  const seen = new Map<string, { line: Line; page: number }[]>();
  const found = new Set<Line>();
  for (const page of pages) {
    for (const line of edgeLines(page)) {
      if (pages.length === 1 && line.bottom > page.height / 2 && PAGE_NUMBER.test(line.text)) found.add(line);
      if (standsInMargin(line, page, body)) found.add(line);
      const key = `${pattern(line.text)}@${Math.round(line.bottom / 12)}`;
      seen.set(key, [...(seen.get(key) ?? []), { line, page: page.number }]);
    }
  }
  for (const places of seen.values()) {
    const on = new Set(places.map((place) => place.page)).size;
    // Left and right pages may carry different headers, so a third of the pages is enough.
    if (on >= 3 ? on >= pages.length * 0.3 : on === 2 && pages.length <= 4) for (const { line } of places) found.add(line);
  }
  return found;
}

/**
 * Where there is nothing to compare with: a short line at the very edge, no larger than the text, no
 * sentence, and set off from everything else by a wide gap.
 */
function standsInMargin(line: Line, { lines, height }: PageLines, body: number): boolean {
  const isAtEdge = line.bottom < height * 0.11 || line.bottom > height * 0.91;
  if (!isAtEdge || line.size > body * 1.05 || line.bold || line.text.length > 60 || /[.!?:]$/.test(line.text)) return false;
  const gaps = lines.filter((other) => other !== line && Math.abs(other.bottom - line.bottom) > 1).map((other) => Math.abs(other.bottom - line.bottom));
  return gaps.length > 3 && Math.min(...gaps) > line.size * 1.9;
}

function edgeLines({ lines, height }: PageLines): Line[] {
  return lines.filter((line) => line.bottom < height * EDGE || line.bottom > height * (1 - EDGE));
}

/** "Chapter 3 · 41" and "Chapter 3 · 43" are one header. */
function pattern(text: string): string {
  return text
    .toLowerCase()
    .replace(/\d+|\b[ivxlc]+\b/g, "#")
    .replace(/[^\p{L}#]+/gu, " ")
    .trim();
}
