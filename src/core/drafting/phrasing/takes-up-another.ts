import { nodeText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import type { Phrasing } from "./ask-clause";

/** "Romans mentioned *the Frisii*, but historians are unsure whether *they* …": something before the clause may be meant as well as its subject. */
export function takesUpAnother(node: Node, { clause, binder }: Phrasing): boolean {
  const first = clause.sentence.clauses.find((other) => other.rank === "main");
  if (!clause.sentence.tree || !first || first === clause) return false;
  // "cannot knock *on a stone* and hear whether *it* is hollow": what the same one has just done something to.
  const isShared = first.subject === clause.subject;
  if (isShared && !(binder.num === "sg" && /^(?:whether|if|that) it\b/i.test(nodeText(clause.sentence, node)))) return false;
  const from = isShared ? clause.subject.end : 0;
  const until = isShared ? clause.verb.start : clause.start;
  const taken = walkTree(node).some(
    (inner) => inner.cat === "pro" && /^(?:it|they|them)$/.test(inner.lemma ?? "") && !clause.sentence.resolved?.has(inner.start),
  );
  if (!taken) return false;
  const plural = binder.num === "pl";
  return walkTree(clause.sentence.tree).some(
    (inner) =>
      inner.cat === "np" &&
      inner.start >= from &&
      inner.end <= until &&
      !inner.f.time &&
      (inner.f.num === "pl") === plural &&
      headTerminal(inner).cat !== "pro",
  );
}
