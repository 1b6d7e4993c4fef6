import type { Block } from "./schema";

export type SourceText = { id: string; title: string; language: string; blocks: readonly Block[] };

/**
 * The blocks of a set's sources one after the other. Ids stay unique: those of the second source and
 * later ones carry the source's id in front. A source that does not open with a heading of its own
 * gets its title as one, so that nobody reads two sources as one text.
 */
export function joinSources(sources: readonly SourceText[]): Block[] {
  if (sources.length === 1) return sources[0]!.blocks.map((block) => ({ ...block, sourceId: sources[0]!.id }));
  return sources.flatMap((source, index) => {
    const own = source.blocks.map((block) => ({ ...block, id: index === 0 ? block.id : `${source.id}:${block.id}`, sourceId: source.id }));
    const opens = own.find((block) => !block.leftOut)?.kind === "heading";
    const title: Block = {
      id: `${source.id}:title`,
      kind: "heading",
      level: 1,
      text: source.title,
      locator: { type: "heading", number: 1 },
      sourceId: source.id,
    };
    return opens ? own : [title, ...own];
  });
}

/** The languages that are drafted from, in the order of preference; a set is drafted from one of them. */
const DRAFTED = ["en", "es"] as const;
export type DraftedLanguage = (typeof DRAFTED)[number];

/** The language that a set is drafted from: English where any source is, else Spanish; none where neither is there. */
export function draftedLanguage(languages: readonly string[]): DraftedLanguage | undefined {
  return DRAFTED.find((language) => languages.includes(language));
}

/** The same blocks for drafting: what is in another language is left out, since it would not be understood. */
export function draftableBlocks(blocks: readonly Block[], languageBySource: ReadonlyMap<string, string>): Block[] {
  const drafted = draftedLanguage([...languageBySource.values()]) ?? "en";
  return blocks.map((block) => {
    const language = block.sourceId === undefined ? drafted : languageBySource.get(block.sourceId);
    return block.leftOut || language === undefined || language === drafted ? block : { ...block, leftOut: "in another language" };
  });
}
