import type { Block } from "../source/schema";

export type RawBlock = { kind: Block["kind"]; level?: number; text: string };

/** Gives blocks their ids and numbers: headings count apart, so that paragraph numbers match what is printed. */
export function numberBlocks(raw: readonly RawBlock[]): Block[] {
  let headings = 0;
  let paragraphs = 0;
  return raw
    .map((block) => ({ ...block, text: block.text.replace(/[\s\u200b\ufeff]+/g, " ").trim() }))
    .filter((block) => block.text !== "")
    .map((block, index) => ({
      id: `b${index + 1}`,
      kind: block.kind,
      ...(block.level ? { level: block.level } : {}),
      text: block.text,
      locator: block.kind === "heading" ? { type: "heading", number: ++headings } : { type: "paragraph", number: ++paragraphs },
    }));
}
