import type { Part } from "../../language/clause";
import { type Node, reasonNode, walkTree } from "../../language/tree";

/** "on old walls, *on gravestones and on bark*": goes on with the list that the phrase before it opened, with the same preposition. */
export function goesOnList(node: Node, parts: readonly Part[]): boolean {
  const before = parts.find((part) => part.node.end === node.start)?.node;
  if (!before || !isLike(before, node)) return false;
  const next = parts.find((part) => part.node.start === node.end)?.node;
  // "in the Bay of Fundy, in Canada": one place, told twice.
  return isLast(node) || (next !== undefined && isLike(node, next) && isLast(next));
}

/** Whether another phrase of the clause belongs to one list with it. */
export function isOfList(node: Node, parts: readonly Part[]): boolean {
  return goesOnList(node, parts) || parts.some((part) => part.node.start === node.end && goesOnList(part.node, parts));
}

/** Two phrases with one preposition and a comma between them. */
function isLike(first: Node, second: Node): boolean {
  const [own, other] = [reasonNode(first), reasonNode(second)];
  const isMarked = second.cat.startsWith("c-") || /-c$/.test(first.cat);
  return isMarked && own.cat === "pp" && other.cat === "pp" && own.f.sub !== undefined && own.f.sub === other.f.sub && !own.f.time && !other.f.time;
}

/** "*on gravestones and on bark*", "*and from the state*" */
function isLast(node: Node): boolean {
  return walkTree(node).some(({ cat, role }) => cat === "conj" || (cat === "pp" && role === "coordination"));
}
