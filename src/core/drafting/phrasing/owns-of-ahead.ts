import { sharingClauses } from "../../language/clause";
import { nodeText } from "../../language/node-text";
import { type Node, walkTree } from "../../language/tree";
import type { Phrasing } from "./ask-clause";

/** "Sun makes *sugar*, and cold slows *its* journey": of the sugar, and never the cold's. */
export function ownsOfClauseAhead(node: Node, { clause, binder }: Phrasing): boolean {
  const owner = node.role === "possessor" ? node.kids[0] : undefined;
  if (!/^(?:and|so)$/.test(clause.linkedBy ?? "") || node.cat !== "np" || owner?.cat !== "poss" || !/^(?:its|their)$/.test(owner.lemma ?? "")) return false;
  if (clause.sentence.resolved?.has(owner.start) || binder.human) return false;
  const before = clause.sentence.clauses.filter(({ rank, subject, verb }) => rank === "main" && subject !== clause.subject && verb.end <= clause.start);
  // "Zebras have thin hair, so *flies* can reach *their* skin": the skin of the zebras.
  if (clause.linkedBy === "so") return owner.lemma === "their" && before.some(({ subject }) => subject.f.num === "pl" && subject.f.det !== "pron");
  return before.some(({ complements }) =>
    complements.some(
      ({ role, node: object }) =>
        role === "object" && /^(?:bare|def|indef)$/.test(object.f.det ?? "") && (owner.lemma === "its" ? object.f.num === "sg" : object.f.num === "pl"),
    ),
  );
}

/** Whether *its* or *their* behind a second verb may be of something that the verb before it named. */
export function ownsOfAhead(node: Node, { clause, binder }: Phrasing): boolean {
  const sharing = sharingClauses(clause);
  if (sharing[0] === clause || clause.subject.f.det === "pron" || binder.human || node.cat !== "pp" || /\bown\b/.test(nodeText(clause.sentence, node)))
    return false;
  const owners = walkTree(node).filter(
    ({ cat, lemma, start }) => cat === "poss" && /^(?:its|their)$/.test(lemma ?? "") && !clause.sentence.resolved?.has(start),
  );
  if (owners.length === 0) return false;
  const ahead = sharing.slice(0, sharing.indexOf(clause)).flatMap(({ adjuncts, complements }) => [...complements, ...adjuncts].map((part) => part.node));
  return ahead
    .flatMap((part) => walkTree(part))
    .some(
      (np) =>
        np.cat === "np" &&
        !np.f.time &&
        (np.f.det === "def" || np.f.det === "indef") &&
        (owners[0]!.lemma === "its" ? np.f.num === "sg" : np.f.num === "pl") &&
        binder.num !== "any" &&
        (binder.num === "sg") === (np.f.num === "sg"),
    );
}

/** "When you are happy with *their* size, lift the stick out": the size of something that the clause has not named. */
export function ownsUnnamed(node: Node, { sentence }: Phrasing["clause"]): boolean {
  const inside = walkTree(node);
  const owner = inside.find(({ cat, lemma, start }) => cat === "poss" && /^(?:its|their)$/.test(lemma ?? "") && !sentence.resolved?.has(start));
  return owner !== undefined && !inside.some(({ cat, f, end }) => cat === "np" && f.det !== "pron" && end <= owner.start);
}
