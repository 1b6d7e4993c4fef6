import { headTerminal, type Node, walkTree } from "../tree";

/**
 * A main clause within a piece: where its verb is, and where it may as well begin or end, without what
 * stands in front of it or behind it and may belong to the clause beside it.
 */
export type InnerClause = { verb: number; starts: ReadonlySet<number>; ends: ReadonlySet<number> };

/**
 * What may be left out of what is told. Without its *if* or its *when* it may not be so, "kill a hundred
 * million sharks" is not so many every year, and what "does not sink so easily" sinks.
 */
const FREE_IN_FRONT = /^(?:c-)?(?:pp|advp)$/;
const FREE_BEHIND = /^(?:c-)?pp$/;
const FREE_CLAUSE = /^(?:cause|though)$/;
/** Verbs that say little without their place. */
const PLACED = /^(?:put|place|lay|set|lie|stand|sit|spend|live|stay|keep|hang|last|belong|depend|consist|look|turn)$/;

/** "*At night* the ships see the light *in summer*, and | the captain counts": two clauses, whichever way they are cut. */
export function innerClauses(piece: Node): InnerClause[] {
  const starts = new Set([piece.start]);
  let [at, isOpen] = [piece, true];
  for (; !isJoined(at) && at.cat === "s" && at.kids.length > 0; ) {
    const { head, other } = partsOf(at);
    if (other && at.role === "adjunct" && at.head === 1) {
      isOpen &&= FREE_IN_FRONT.test(other.cat) || FREE_CLAUSE.test(other.f.sub ?? "");
      if (isOpen) starts.add(head.start);
    } else if (other) break;
    at = head;
  }
  if (!isJoined(at)) return [{ verb: headTerminal(piece).start, starts, ends: endsOf(piece) }];
  const [first, second] = at.kids as [Node, Node];
  const [own, ...more] = innerClauses(first);
  return [{ ...own!, starts: new Set([...starts, ...own!.starts]) }, ...more, ...innerClauses(withoutLink(second))];
}

function isJoined({ cat, role, kids }: Node): boolean {
  return cat === "s" && role === "conjunct" && kids.length === 2;
}

/** "*and* the captain counts" */
function withoutLink(node: Node): Node {
  return node.cat === "s" || node.kids.length === 0 ? node : withoutLink(node.kids[node.kids.length === 1 ? 0 : node.head]!);
}

function endsOf(clause: Node): ReadonlySet<number> {
  const ends = new Set([clause.end]);
  if (walkTree(clause).some(({ cat, lemma }) => cat === "not" || lemma === "never")) return ends;
  const isPlaced = PLACED.test(headTerminal(clause).lemma ?? "");
  for (let at = clause; at.kids.length > 0; ) {
    const { head, other } = partsOf(at);
    if (other && at.head === 0) {
      if (at.role !== "adjunct" || !isFreeBehind(other, isPlaced)) break;
      ends.add(head.end);
    }
    at = head;
  }
  return ends;
}

function partsOf({ kids, head }: Node): { head: Node; other?: Node } {
  return kids.length === 1 ? { head: kids[0]! } : { head: kids[head]!, other: kids[1 - head]! };
}

function isFreeBehind({ cat, f }: Node, isPlaced: boolean): boolean {
  return (FREE_BEHIND.test(cat) && f.sub !== "of" && !isPlaced) || FREE_CLAUSE.test(f.sub ?? "");
}
