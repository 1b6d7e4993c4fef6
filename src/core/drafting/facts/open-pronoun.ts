import type { Analysis, Sentence } from "../../language/analysis";
import type { Node } from "../../language/tree";
import { isOfAll } from "../phrasing/one-of-some";
import { isWeOfAll } from "../phrasing/we-of-all";

/** "the moment when *it* stands lowest": a noun phrase that is only clear beside the sentence before. */
export function hasOpenPronoun(np: Node, sentence: Sentence, analysis: Analysis): boolean {
  if (np.kids.length === 0) return isOpen(np, sentence, analysis);
  const [relative, verbs] = np.kids;
  // "proteins that lock onto a germ and mark *it*": a relative clause whose subject is the noun takes up what it names itself.
  const isOfNoun = (np.cat === "rc" && relative?.cat === "rel" && verbs?.cat === "vp") || (np.role === "reduced" && verbs?.cat === "vp");
  return np.kids.some((kid) => (isOfNoun && kid === verbs ? holdsSpeaker(kid, sentence, analysis) : hasOpenPronoun(kid, sentence, analysis)));
}

function isOpen(node: Node, sentence: Sentence, analysis: Analysis): boolean {
  const { cat, flags, start } = node;
  if (cat === "pro" && (sentence.resolved?.has(start) || flags?.some((flag) => /^(?:refl|indef|other|second)$/.test(flag)))) return false;
  if (cat === "poss" && flags?.includes("second")) return false;
  if (isOfAll(node, sentence)) return false;
  return (cat === "pro" || cat === "poss") && !isWeOfAll(node, sentence, analysis);
}

/** *I*, *my* and *we* inside the clause are somebody's who is not named. */
function holdsSpeaker(node: Node, sentence: Sentence, analysis: Analysis): boolean {
  if (node.kids.length === 0) return Boolean(node.flags?.includes("first")) && isOpen(node, sentence, analysis);
  return node.kids.some((kid) => holdsSpeaker(kid, sentence, analysis));
}
