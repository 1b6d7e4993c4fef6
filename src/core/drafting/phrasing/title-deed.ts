import type { Analysis, Sentence } from "../../language/analysis";
import { literally } from "../../lib/literally";
import { headingOver } from "./heading-over";

const OPENS = /^(?:how to |how (?:do|can|should) (?:you|we|i) )/i;
const LONGEST = 9;

/** "How to Mend a Puncture", "Build a Bird Box" → "mend a puncture", "build a bird box": what a how-to text teaches. */
export function titleDeed(sentence: Sentence, analysis: Analysis): string | undefined {
  const { blocks, lexicon } = analysis;
  const title = headingOver(sentence, analysis)?.replace(/[.?!:].*$/su, "") ?? "";
  const deed = title.replace(OPENS, "");
  const words = deed.split(/\s+/);
  if (words.length < 2 || words.length > LONGEST) return undefined;
  // A title without *how to* opens with a verb that has something to do it to: "Make a Paper Boat".
  const isCommand = (lexicon.findWord(words[0]!.toLowerCase())?.verb ?? 0) > 0 && /^(?:an?|the|your|my|our)$/i.test(words[1]!);
  if (deed === title && !isCommand) return undefined;
  return words.map((word) => (isNameInText(word, blocks) ? word : word.toLowerCase())).join(" ");
}

/** A word that the text writes with a capital inside its sentences too. */
function isNameInText(word: string, blocks: Analysis["blocks"]): boolean {
  const inside = new RegExp(`(?<=[\\p{Ll},;] )${literally(word)}\\b`, "u");
  return /^\p{Lu}/u.test(word) && blocks.some(({ kind, text }) => kind !== "heading" && inside.test(text));
}
