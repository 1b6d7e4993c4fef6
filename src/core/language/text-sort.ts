import type { Sentence, TextSort } from "./analysis";
import { plainCharacters } from "./text-view";

/** What sort of text it is, by its surface: dialogue, a writer's "I believe … should", numbered commands. */
export function sortOfText(sentences: readonly Sentence[]): TextSort {
  const prose = sentences.filter((sentence) => sentence.block.kind !== "heading");
  const count = (pattern: RegExp) => prose.filter((sentence) => pattern.test(plainCharacters(sentence.text))).length;
  const share = (found: number) => found / Math.max(1, prose.length);
  if (share(count(/"/)) > 0.12 && share(count(/\b(?:he|she|they|I) |\b(?:said|asked|whispered|cried)\b/)) > 0.2) return "story";
  if (count(/\b(?:I|we) (?:believe|think|argue|feel)\b|\bin my (?:view|opinion)\b/i) > 0 || share(count(/\b(?:should|ought to|must)\b/)) > 0.2)
    return "opinion";
  const steps = prose.filter((sentence) => sentence.block.kind === "list-item").length;
  return steps >= 4 ? "steps" : "expository";
}
