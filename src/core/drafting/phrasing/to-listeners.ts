import { type Analysis, narratorOf } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import type { Phrasing } from "./ask-clause";

/** "I have brought *you* four jars", "If you cannot sleep *tonight*, think of a bird": what a speaker says to those who listen. */
export function isToListeners({ clause, subject }: Phrasing, analysis: Analysis): boolean {
  if ((clause.imperative || subject === "you") && /\btonight\b/i.test(clause.sentence.text)) return true;
  const isYou = clause.complements.some(({ node }) => node.cat === "np" && /^you$/i.test(nodeText(clause.sentence, node)));
  return isYou && subject === narratorOf(clause.sentence, analysis);
}
