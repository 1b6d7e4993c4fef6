import type { Part } from "./clause";
import type { Node } from "./tree";

/**
 * "have *to be bought, because nobody wears them*", "wood *that has been treated, since it harms the chicks*":
 * parsed inside the infinitive or the thing, the reason is the whole clause's. Gives the part without
 * it, and the reason by itself.
 */
export function liftReason(part: Part): { part: Part; reason?: Node } {
  const { role, node } = part;
  const reason =
    role === "adjunct" && node.cat === "sb"
      ? reasonBehindTime(node)
      : role === "infinitive"
        ? (lastReason(node, /^(?:c-)?sb$/) ?? reasonBehindLastTime(node))
        : role === "object" && node.cat === "np"
          ? (lastReason(node, /^c-sb$/) ?? reasonBehindRelative(node))
          : role === "clause" && node.cat === "ws"
            ? reasonBehindQuestion(node)
            : undefined;
  return reason ? { part: { role, node: cutAt(node, reason) }, reason } : { part };
}

/** "crack *when the oven is hot, because* the outside dries faster": behind its comma the reason is that of the whole. */
function reasonBehindTime({ kids: [word, told], f }: Node): Node | undefined {
  if (!/^(?:when|after|before|until|once|as)$/.test(f.sub ?? "") || !word || told?.cat !== "s" || told.role !== "subject") return undefined;
  return lastReason(told.kids[1]!, /^c-sb$/);
}

/** "let it cool *before you touch it, because* the glass stays hot": the time stands last in what is let. */
function reasonBehindLastTime({ role, kids }: Node): Node | undefined {
  const last = kids.at(-1);
  return role === "adjunct" && last?.cat === "sb" ? reasonBehindTime(last) : undefined;
}

/** "may read everything *that the police have collected, because* nobody can defend …": the reason of reading it. */
function reasonBehindRelative({ role, kids }: Node): Node | undefined {
  const told = role === "relative" && kids[1]?.cat === "rc" ? kids[1].kids.at(-1) : undefined;
  if (!told) return undefined;
  return told.cat === "s" && told.role === "subject" ? lastReason(told.kids[1]!, /^c-sb$/) : lastReason(told, /^c-sb$/);
}

/** "measures *how much snow lies in the mountains, because* it will become water": behind its comma, why that is measured. */
function reasonBehindQuestion(node: Node): Node | undefined {
  const last = node.kids.at(-1);
  if (!last || node.role === "coordination" || node.role === "conjunct") return undefined;
  return last.cat === "c-sb" && last.f.sub === "cause" && node.kids.length === 2 ? last : reasonBehindQuestion(last);
}

/** The clause with *because*, or *since* behind a comma, that a phrase ends in, down its right side. */
function lastReason(node: Node, cats: RegExp): Node | undefined {
  const last = node.kids.at(-1);
  if (!last || node.role === "coordination" || node.cat === "s") return undefined;
  if (/^(?:c-)?sb$/.test(last.cat)) {
    const isReason = last.f.sub === "cause" || (last.cat === "c-sb" && last.f.sub === "since");
    return cats.test(last.cat) && isReason && node.kids.length === 2 ? last : undefined;
  }
  return lastReason(last, cats);
}

function cutAt(node: Node, reason: Node): Node {
  if (node.kids.at(-1) === reason) return node.kids[0]!;
  return { ...node, end: reason.start, kids: [...node.kids.slice(0, -1), cutAt(node.kids.at(-1)!, reason)] };
}
