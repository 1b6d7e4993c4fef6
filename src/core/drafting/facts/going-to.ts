import type { Clause } from "../../language/clause";
import type { Node } from "../../language/tree";

/** "is going *to wash the dishes*": what will be done, and not what anybody goes for. */
export function goingTo({ verb, auxiliaries, adjuncts, sentence }: Clause): { node: Node } | undefined {
  const isGoing = sentence.words[verb.start]?.lower === "going" && auxiliaries.at(-1)?.cat === "be";
  return isGoing ? adjuncts.find(({ node }) => node.cat === "vp" && node.f.form === "to" && node.start === verb.end) : undefined;
}
