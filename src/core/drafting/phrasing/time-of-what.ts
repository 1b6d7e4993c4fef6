import type { Clause } from "../../language/clause";
import { nodeText } from "../../language/node-text";
import type { Node } from "../../language/tree";

/** "Children need *9 to 12 hours*": of what, another sentence says. */
export function isTimeOfWhat(np: Node, { sentence, verb, adjuncts }: Clause): boolean {
  if (np.role !== "quantity" || !/^(?:need|get|want|require|have)$/.test(verb.lemma ?? "")) return false;
  return adjuncts.every(({ node }) => node.start < np.end) && /\b(?:hours|minutes)$/.test(nodeText(sentence, np));
}
