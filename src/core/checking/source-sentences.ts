import type { Lexicon } from "../language/lexicon";
import { splitSentences } from "../language/split-sentences";
import type { Block } from "../source/schema";
import { baseSet } from "./content-words";

export type SourceSentence = { blockId: string; start: number; end: number; text: string; bases: ReadonlySet<string> };

const known = new WeakMap<readonly Block[], SourceSentence[]>();

/** The sentences of a source with their content words; made once for each version of it. */
export function sourceSentences(blocks: readonly Block[], lexicon: Lexicon): SourceSentence[] {
  const found = known.get(blocks) ?? read(blocks, lexicon);
  known.set(blocks, found);
  return found;
}

function read(blocks: readonly Block[], lexicon: Lexicon): SourceSentence[] {
  return blocks
    .filter((block) => !block.leftOut && block.kind !== "heading")
    .flatMap((block) =>
      splitSentences(block.text).map(({ start, end }) => {
        const text = block.text.slice(start, end);
        return { blockId: block.id, start, end, text, bases: baseSet(text, lexicon) };
      }),
    );
}

/** Share of some words that a sentence has, 0 to 1. */
export function shareOf(words: readonly string[], { bases }: Pick<SourceSentence, "bases">): number {
  return words.length === 0 ? 0 : words.filter((word) => bases.has(word)).length / words.length;
}

/** Does one of the spans lie in the sentence? */
export function isQuoted({ blockId, start, end }: SourceSentence, evidence: readonly { blockId: string; start: number; end: number }[]): boolean {
  return evidence.some((span) => span.blockId === blockId && span.start < end && start < span.end);
}
