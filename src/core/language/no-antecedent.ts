import type { Sentence } from "./analysis";
import { headTerminal, type Node } from "./tree";

const IN_IDIOMS =
  /^(?:holiday|vacation|home|school|bed|work|foot|board|duty|leave|hand|town|court|church|prison|hospital|college|university|sale|trial|strike|sight)$/;
/** What is said of what happened, and of no thing. */
export const JUDGED =
  /^(?:time|funny|fair|unfair|strange|odd|sad|good|bad|wrong|right|true|important|silly|stupid|great|wonderful|terrible|awful|possible|impossible|likely|easy|hard|difficult|dangerous|safe|unsafe|over|enough|fun|lucky|shame|pity|mistake|joke|idea)$/;
const FRAMES = /^(?:test|experiment|study|trial|survey)$/;

const PIECES = /^(?:strip|piece|slice|sheet|scrap|lump|block|ball|length|pinch|spoonful|handful|cup|drop|layer|bit|stick)$/;

/**
 * What no pronoun takes up: a noun without an article that is a part of what the verb says ("If you go on *holiday*, spread a
 * little of it"), and what only tells under which heading something is told ("In *one test* a fringe made it quieter").
 */
export function isNoAntecedent(np: Node, { words }: Sentence): boolean {
  const { lemma = "" } = headTerminal(np);
  // "the inside *of one*": of one of what?
  if (words[np.end - 1]?.lower === "one" && words[np.end - 2]?.lower === "of") return true;
  // "sold *as scrap*", "known *as a pest*": what something passes for.
  if (words[np.start - 1]?.lower === "as" && /^(?:sold|used|known|seen|regarded|treated|bought|kept|worn|served)$/.test(words[np.start - 2]?.lower ?? ""))
    return true;
  const [second = "", first = ""] = [words[np.start - 1]?.lower, words[np.start - 2]?.lower];
  // "as long *as your hand*", "*on the way* down": how long, and on no way that is spoken of.
  if (second === "as" && words[np.start - 3]?.lower === "as") return true;
  if ((second === "on" && lemma === "way") || (second === "in" && lemma === "fact")) return true;
  // "a strip *of wool*": the strip, and not the wool.
  if (second === "of" && PIECES.test(first) && np.f.det === "bare" && np.f.num !== "pl") return true;
  const isBare = np.f.det === "bare" && np.end - np.start === 1 && IN_IDIOMS.test(lemma) && words[np.start]!.lower === lemma;
  return isBare || (words[np.start - 1]?.lower === "in" && np.end - np.start <= 3 && FRAMES.test(lemma));
}
