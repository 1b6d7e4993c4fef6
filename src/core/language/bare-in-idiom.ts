import type { Sentence } from "./analysis";
import { headTerminal, type Node } from "./tree";

const IN_IDIOMS =
  /^(?:holiday|vacation|home|school|bed|work|foot|board|duty|leave|hand|town|court|church|prison|hospital|college|university|sale|trial|strike|sight)$/;

/** "If you go on *holiday*, spread a little of it": a noun without an article that is a part of what the verb says, and no thing that was told of. */
export function isBareInIdiom(np: Node, { words }: Sentence): boolean {
  const { lemma = "" } = headTerminal(np);
  return np.f.det === "bare" && np.end - np.start === 1 && IN_IDIOMS.test(lemma) && words[np.start]!.lower === lemma;
}
