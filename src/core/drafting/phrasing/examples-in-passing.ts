import type { Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { nodeText } from "../../language/node-text";
import { type Node, walkTree } from "../../language/tree";

/** "Hinge joints, *such as the knee and the elbow*, move …": examples, said in passing. */
export function isExample(node: Node, clause: Clause): boolean {
  return node.cat === "c-pp-c" && node.kids[0]?.kids[1]?.f.sub === "suchas" && node.end <= clause.verb.start;
}

/** "the cantons, *as the Swiss states are known*" */
export function isNamedInPassing(node: Node, sentence: Sentence): boolean {
  return node.cat.startsWith("c-sb") && /^,? ?as .* (?:is|are|was|were) (?:known|called),?$/i.test(nodeText(sentence, node));
}

/** "earned $9,300, *enough to pay for the summer*", read as one part or as two */
export function isEnoughInPassing(node: Node, { sentence: { words } }: Clause): boolean {
  const isEnough = (at: number) => words[at]?.lower === "enough" && words[at - 1]?.text === ",";
  return (node.cat.startsWith("c-") && isEnough(node.start + 1)) || (node.cat === "vp" && node.f.form === "to" && isEnough(node.start - 1));
}

/** "needs a source of energy, *such as a battery*" */
export function isExampleBehind(node: Node, { verb }: Clause): boolean {
  // "contain many substances, *including acids and sugars*"
  if (node.cat === "c-vp" && node.start >= verb.end && walkTree(node).find(({ cat }) => cat === "v")?.lemma === "include") return true;
  return (
    /^c-pp(?:-c)?$/.test(node.cat) &&
    node.start >= verb.end &&
    walkTree(node).some(({ cat, f, lemma }) => cat === "prep" && (f.sub === "suchas" || lemma === "including"))
  );
}
