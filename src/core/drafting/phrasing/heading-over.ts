import type { Analysis, Sentence } from "../../language/analysis";

/** The heading that a sentence stands under and that says what for. */
export function headingOver(sentence: Sentence, { blocks }: Analysis): string | undefined {
  const at = blocks.findIndex((block) => block.id === sentence.block.id);
  const above = blocks.slice(0, at).filter((block) => block.kind === "heading" && !block.leftOut);
  const own = above.at(-1);
  // "Steps" and "What you need" name nothing; the heading that it stands under does.
  const isBare =
    own !== undefined &&
    /^(?:the )?(?:steps|method|instructions|what to do|how to do it|procedure|materials|ingredients|tools|(?:what )?you (?:will )?need)$/i.test(own.text);
  return isBare ? above.findLast((block) => (block.level ?? 2) < (own.level ?? 2))?.text : own?.text;
}
