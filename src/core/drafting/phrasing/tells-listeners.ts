import type { Clause } from "../../language/clause";
import { headTerminal, type Node } from "../../language/tree";

/** "In three years *you raised* …": said to those who listen, and not to whoever reads. */
export function tellsListeners(clause: Clause): boolean {
  const { subject, verb, auxiliaries } = clause;
  const isThen = (part: Node) => part.flags?.includes("past") === true && part.cat !== "modal" && !isPlain(part, clause);
  return headTerminal(subject).lemma === "you" && [verb, ...auxiliaries].some(isThen);
}

/** "If you *put* wet layers on top": one form for then and now, and under *if* it is now. */
function isPlain({ lemma, start }: Node, { rank, sentence }: Clause): boolean {
  return rank === "adverbial" && sentence.words[start]!.lower === lemma;
}
