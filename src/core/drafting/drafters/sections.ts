import type { Sentence } from "../../language/analysis";
import type { Block } from "../../source/schema";
import type { SourceStock } from "../source-stock";

/** What stands under one heading. */
export type Section = { heading?: Block; sentences: Sentence[] };

export function sectionsOf({ analysis }: SourceStock): Section[] {
  const found: Section[] = [];
  let open: Section | undefined;
  const byBlock = new Map<string, Sentence[]>();
  for (const sentence of analysis.sentences) byBlock.set(sentence.block.id, [...(byBlock.get(sentence.block.id) ?? []), sentence]);
  for (const block of analysis.blocks) {
    if (block.leftOut) continue;
    if (block.kind === "heading" || !open) found.push((open = { ...(block.kind === "heading" ? { heading: block } : {}), sentences: [] }));
    if (block.kind !== "heading") open.sentences.push(...(byBlock.get(block.id) ?? []));
  }
  return found;
}

/** The source's own title, where it has one. */
export function titleOf({ analysis }: SourceStock): string | undefined {
  const shown = analysis.blocks.filter((block) => !block.leftOut);
  const [first] = shown;
  // Several heads of the same rank: the first is no title of the whole.
  const isOnly = shown.filter((block) => block.kind === "heading" && (block.level ?? 2) === (first?.level ?? 2)).length === 1;
  return first?.kind === "heading" && (isOnly || first.level !== 1) ? first.text : undefined;
}
