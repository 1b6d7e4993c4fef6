import { timeCode } from "@/core/source/locator-label";

/** "20 pages", "12 slides", "4:05". */
export function lengthText({ pages, slides, durationMs }: { pages: number | null; slides: number | null; durationMs: number | null }): string {
  if (durationMs) return timeCode(durationMs);
  if (slides) return `${slides} ${slides === 1 ? "slide" : "slides"}`;
  return pages ? `${pages} ${pages === 1 ? "page" : "pages"}` : "";
}
