import type { Clause } from "../../language/clause";
import { nodeText } from "../../language/node-text";
import type { Node } from "../../language/tree";

const PART_OF_DAY = /^(?:in the (?:morning|evening|afternoon)|at (?:dawn|noon|dusk|nightfall))\b/i;

/** "*In the morning* the strings *had* untwisted themselves": it was so then, and had happened before. */
export function isBeforeThen(time: Node, { auxiliaries: [first], sentence, subject }: Clause): boolean {
  return first?.cat === "have" && first.flags?.includes("past") === true && time.end <= subject.start && PART_OF_DAY.test(nodeText(sentence, time));
}
