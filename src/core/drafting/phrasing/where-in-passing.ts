import type { Clause, Part } from "../../language/clause";
import { type Node, reasonNode } from "../../language/tree";

/** "to grow tea in India, *where land was cheap*", "At Selm, *where each class has a bed*, pupils plant": said in passing of a place. */
export function isWhereInPassing(node: Node, parts: readonly Part[]): boolean {
  if (reasonNode(node).f.sub !== "where") return false;
  return node.cat === "c-sb" || (node.cat === "sb-c" && parts.some((part) => part.node.cat === "pp-c" && part.node.end === node.start));
}

/** "The tallest tower, *at 93 m*, stands in Norrock": said in passing of the tower. */
export function isSizeInPassing(node: Node, { subject, verb }: Clause): boolean {
  return reasonNode(node).f.sub === "at" && !reasonNode(node).f.time && node.start >= subject.end && node.end <= verb.start;
}
