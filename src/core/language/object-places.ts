import type { Sentence } from "./analysis";
import type { Clause } from "./clause";
import { coreOf, headTerminal, type Node, walkTree } from "./tree";

/** The object before an adjective with its clause or to-phrase. */
export function standsForWhatFollows(pronoun: Node, tree: Node): boolean {
  return walkTree(tree).some(({ kids: [verb, what] }) => {
    if (verb?.cat !== "vo" || what?.cat !== "ap" || verb.kids[1]?.start !== pronoun.start) return false;
    return walkTree(what).some(({ role, kids }) => role === "complement" && (kids[1]?.cat === "cs" || kids[1]?.f.form === "to"));
  });
}

/** "watched *from the quay* as a crane set it down": where something happens is seldom what it happens to. */
export function isPlaceAt(end: number, sentence: Sentence): boolean {
  return sentence.clauses.some(({ rank, adjuncts }) =>
    adjuncts.some(({ node }) => rank === "main" && node.cat === "pp" && node.end === end && /^(?:from|at|in|on|near|by)$/.test(node.kids[0]?.lemma ?? "")),
  );
}

/** Whether something behind the main subject is done to what ends there: an object of the clause, or of what it wants or plans. */
export function isObjectAt(end: number, { tree, clauses }: Sentence): boolean {
  // "Ms Hallam, who teaches *biology*, says that she would use it": said of her in passing.
  const from = clauses.find(({ rank }) => rank === "main")?.subject.end ?? 0;
  const isObject = ({ role, kids: [, object] }: Node) => /^object2?$/.test(role) && object !== undefined && object.start >= from && coreOf(object).end === end;
  return tree !== undefined && walkTree(tree).some(isObject);
}

/** "*The Baltic* is less salty because rivers flow into it": the clause behind tells more of the same subject. */
export function isSubjectAround(end: number, pronoun: Node, sentence: Sentence): boolean {
  return sentence.clauses.some(
    ({ rank, subject, verb, adjuncts }) =>
      rank === "main" &&
      coreOf(subject).end === end &&
      adjuncts.some(({ node }) => node.cat.includes("sb") && node.start >= verb.end && node.start <= pronoun.start && node.end > pronoun.start),
  );
}

/** "put a high tax on *it*", "taught the girls how to find *them*": the object of the same verb, or who is to do it, is never meant (Chomsky 1981, principle B). */
export function objectsBeside(pronoun: Node, sentence: Sentence): Node[] {
  const inside = (node: Node) => node.start <= pronoun.start && node.end > pronoun.start;
  const own = sentence.tree && objectOfVerbAround(pronoun, sentence.tree);
  const clause = sentence.clauses.find(
    ({ adjuncts, complements }) =>
      adjuncts.some(({ node }) => (node.cat === "pp" || node.cat === "vp") && inside(node)) ||
      complements.some(({ role, node }) => (role === "infinitive" || isHowTo(node)) && inside(node)),
  );
  const object = clause?.complements.find(({ role, node }) => role === "object" && node.cat === "np" && node.end <= pronoun.start)?.node;
  return [own, object, doerAround(pronoun, sentence)].filter((node): node is Node => node !== undefined);
}

/** "without *grass* to hold it down": what holds is not what is held. */
function doerAround(pronoun: Node, { tree }: Sentence): Node | undefined {
  const deeds = tree ? walkTree(tree).filter(({ cat, f, start, end }) => cat === "vp" && f.form === "to" && start < pronoun.start && end >= pronoun.end) : [];
  const helping = tree ? walkTree(tree).filter(({ cat, kids, start }) => cat === "pp" && start === 0 && /^with(?:out)?$/.test(kids[0]?.lemma ?? "")) : [];
  return helping.find(({ end }) => deeds.some(({ start }) => start === end))?.kids[1];
}

/** "a contest to find *a name* for it": what the verb inside, and no other, has for its object. */
function objectOfVerbAround(pronoun: Node, tree: Node): Node | undefined {
  const inner = tree.kids.find((kid) => kid.start <= pronoun.start && kid.end > pronoun.start);
  const found = inner && objectOfVerbAround(pronoun, inner);
  if (found || tree.cat !== "vp") return found;
  const [verb, phrase] = tree.kids;
  if (phrase !== inner || phrase?.cat !== "pp" || phrase.kids[1]?.start !== pronoun.start) return undefined;
  return verb?.role === "object" && verb.kids[1]?.cat === "np" ? verb.kids[1] : undefined;
}

/** "how *to find them*": a question without a subject of its own. */
function isHowTo(node: Node): boolean {
  return node.cat === "ws" && node.kids.some((kid) => kid.cat === "vp" && kid.f.form === "to");
}

/** The preposition phrase that is no more than a preposition and the pronoun. */
export function phraseAround(pronoun: Node, tree: Node): Node | undefined {
  const [first, second] = tree.kids;
  if (tree.cat === "pp" && first?.cat === "prep" && second?.start === pronoun.start && second.end === pronoun.end) return tree;
  for (const kid of tree.kids) if (kid.start <= pronoun.start && kid.end > pronoun.start) return phraseAround(pronoun, kid);
  return undefined;
}

/** The subject of the smallest clause around a node. */
export function innermostSubject(node: Node, sentence: Sentence): Node | undefined {
  let found: Node | undefined;
  const visit = (at: Node) => {
    if (at.start > node.start || at.end <= node.start) return;
    if (at.cat === "s" && at.role === "subject") found = at.kids[0];
    // "a chemical *that stops it*": the chemical does, and it is the seed that is stopped.
    if (at.cat === "np" && at.role === "relative" && at.kids[1]!.start <= node.start && doesItself(at.kids[1]!)) found = at.kids[0];
    at.kids.forEach(visit);
  };
  visit(sentence.tree!);
  return found ?? sentence.clauses.find((clause: Clause) => clause.start <= node.start && clause.end > node.start)?.subject;
}

/** "that stops it", ", which digests meat,": the noun before it is the subject. */
function doesItself(relative: Node): boolean {
  if (relative.cat !== "rc") return relative.kids.some((kid) => kid.cat.includes("rc") && doesItself(kid));
  const [rel, vp] = relative.kids;
  return rel?.cat === "rel" && vp?.cat === "vp";
}

/** "an article with a mistake *in it*", "a train with three hundred people *on it*": what holds them. */
export function isOfHolder(pronoun: Node, phrase: Node, tree: Node): boolean {
  const nodes = walkTree(tree);
  const number = pronoun.lemma === "them" ? "pl" : "sg";
  return (
    /^(?:it|them)$/.test(pronoun.lemma ?? "") &&
    nodes.some(({ cat, kids, start, end }) => {
      const holds = cat === "pp" && kids[0]?.lemma === "with" && start < phrase.start && (phrase.end <= end || phrase.start === end);
      return holds && nodes.some((np) => np.cat === "np" && np.end === start && np.f.num === number && np.f.det !== "pron");
    })
  );
}

/** "There was not one scribble on *it*": on what, another sentence tells. */
export function isSaidToBe(pronoun: Node, { clauses }: Sentence): boolean {
  return clauses.some(({ subject, start, end }) => headTerminal(subject).lemma === "there" && start <= pronoun.start && pronoun.end <= end);
}
