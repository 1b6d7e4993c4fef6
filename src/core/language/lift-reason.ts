import type { Part } from "./clause";
import type { Node } from "./tree";

/**
 * "have *to be bought, because nobody wears them*": parsed inside the infinitive, the reason is the
 * whole clause's. Gives the infinitive without it, and the reason by itself.
 */
export function liftReason(part: Part): { part: Part; reason?: Node } {
  if (part.role !== "infinitive") return { part };
  const reason = lastReason(part.node);
  return reason ? { part: { ...part, node: cutAt(part.node, reason) }, reason } : { part };
}

/** The clause with *because* that a verb phrase ends in, down its right side. */
function lastReason(node: Node): Node | undefined {
  const last = node.kids.at(-1);
  if (!last || node.role === "coordination" || node.cat === "s" || node.cat === "np") return undefined;
  if (/^(?:c-)?sb$/.test(last.cat)) return last.f.sub === "cause" && node.kids.length === 2 ? last : undefined;
  return lastReason(last);
}

function cutAt(node: Node, reason: Node): Node {
  if (node.kids.at(-1) === reason) return node.kids[0]!;
  return { ...node, end: reason.start, kids: [...node.kids.slice(0, -1), cutAt(node.kids.at(-1)!, reason)] };
}
