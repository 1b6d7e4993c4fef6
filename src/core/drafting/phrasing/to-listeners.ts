import { type Analysis, narratorOf } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import type { Phrasing } from "./ask-clause";

/** "I have brought *you* four jars": what a speaker does for those who listen. */
export function isToListeners({ clause, subject }: Phrasing, analysis: Analysis): boolean {
  const isYou = clause.complements.some(({ node }) => node.cat === "np" && /^you$/i.test(nodeText(clause.sentence, node)));
  return isYou && subject === narratorOf(clause.sentence, analysis);
}
