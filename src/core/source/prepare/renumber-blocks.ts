import type { Block, Locator } from "../schema";

/** Counts headings and paragraphs anew; pages, slides and times stay what they are. */
export function renumberBlocks(blocks: readonly Block[]): Block[] {
  const counts = new Map<string, number>();
  const next = (key: string) => {
    counts.set(key, (counts.get(key) ?? 0) + 1);
    return counts.get(key)!;
  };
  return blocks.map((block) => {
    const locator = renumbered(block, next);
    return sameNumber(locator, block.locator) ? block : { ...block, locator };
  });
}

function renumbered({ kind, locator }: Block, next: (key: string) => number): Locator {
  if (locator.type === "page") return { ...locator, paragraph: next(`page ${locator.page}`) };
  if (locator.type !== "heading" && locator.type !== "paragraph") return locator;
  return kind === "heading" ? { type: "heading", number: next("heading") } : { type: "paragraph", number: next("paragraph") };
}

function sameNumber(a: Locator, b: Locator): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}
