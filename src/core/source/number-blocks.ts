import type { Block, Locator } from "./schema";

/** A block as an importer finds it; `at` says where, when that is more than a running number. */
export type RawBlock = Omit<Block, "id" | "locator"> & {
  at?: { page: number } | { slide: number; part: "title" | "text" | "notes" } | { startMs: number; endMs: number };
};

/** Gives blocks their ids and numbers: headings count apart, so that paragraph numbers match what is printed. */
export function numberBlocks(raw: readonly RawBlock[]): Block[] {
  const counts = { heading: 0, paragraph: 0, page: 0, onPage: 0 };
  return raw
    .map((block) => ({ ...block, text: plainSpaces(block.text) }))
    .filter((block) => block.text !== "")
    .map(({ at, ...block }, index) => ({ id: `b${index + 1}`, ...block, locator: locate(block.kind, at, counts) }));
}

/** White space as single spaces. Offsets into a text are counted after this. */
export function plainSpaces(text: string): string {
  return text.replace(/[\s\u200b\ufeff]+/g, " ").trim();
}

function locate(kind: Block["kind"], at: RawBlock["at"], counts: { heading: number; paragraph: number; page: number; onPage: number }): Locator {
  if (at && "slide" in at) return { type: "slide", ...at };
  if (at && "startMs" in at) return { type: "time", ...at };
  if (at) {
    if (counts.page !== at.page) counts.onPage = 0;
    counts.page = at.page;
    return { type: "page", page: at.page, paragraph: ++counts.onPage };
  }
  return kind === "heading" ? { type: "heading", number: ++counts.heading } : { type: "paragraph", number: ++counts.paragraph };
}
