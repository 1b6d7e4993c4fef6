import type { Block } from "../source/schema";

/** "Figure 1: …", "Photo: …": words that open a picture's caption and no sentence. */
export const CAPTION = /^(?:fig(?:ure|\.)|table|photo(?:graph)?|image|picture|illustration|map|plate|chart|diagram)\b[\s.]*(?:\d+[a-z]?\s*[:.–-]|[:–])/i;
const LONGEST_CAPTION = 240;

/** Paragraphs that are captions by their first words, in formats that do not say so, become captions and are left out. */
export function markCaptions(blocks: readonly Block[]): Block[] {
  return blocks.map((block) => {
    const isCaption = block.kind === "paragraph" && !block.leftOut && block.text.length <= LONGEST_CAPTION && CAPTION.test(block.text);
    return isCaption ? { ...block, kind: "caption", leftOut: "picture caption" } : block;
  });
}
