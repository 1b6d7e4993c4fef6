import type { Clause } from "../../language/clause";
import { headTerminal, type Node, walkTree } from "../../language/tree";

/** The subject may begin or end elsewhere. */
export function mayBeSplit(clause: Clause): boolean {
  return (
    isTornFromEach(clause) ||
    isTornFromAhead(clause) ||
    opensInAside(clause) ||
    mayGoOnWithin(clause) ||
    isOfGroup(clause) ||
    isBehindAside(clause) ||
    isHalfBetween(clause)
  );
}

/** "on Wednesday, the highest level *since 1955*", "…, hours *before the river rose*": where a time follows an aside without a comma, it is of the aside. */
function isBehindAside({ sentence, adjuncts, complements }: Clause): boolean {
  const parts = [...adjuncts, ...complements].filter(({ node }) => node.cat === "sb" || node.f.sub === "since").map(({ node }) => node.start);
  // "…, usually *on its website*": how often, and no aside.
  const isAside = ({ cat, kids: [, told] }: Node) => cat === "c-np" || (cat === "c-advp" && told?.kids[0]?.cat === "np");
  return (
    sentence.tree !== undefined &&
    walkTree(sentence.tree).some(
      ({ role, kids: [, aside] }) => aside !== undefined && /^(?:apposition|adjunct)$/.test(role) && isAside(aside) && parts.includes(aside.end),
    )
  );
}

/** "between quick decisions *and calm ones*": read as half of it. */
function isHalfBetween({ sentence, adjuncts }: Clause): boolean {
  return adjuncts.some(
    ({ node: { cat, kids, end } }) => cat === "pp" && kids[0]?.lemma === "between" && kids[1]?.role !== "coordination" && sentence.words[end]?.lower === "and",
  );
}

/** "carries a gas *that smells of eggs and is poisonous*": the second verb may be of what the clause inside tells, where both agree. */
function mayGoOnWithin(clause: Clause): boolean {
  const { sentence, verb, auxiliaries, shared } = clause;
  const finite = auxiliaries[0] ?? verb;
  if (!shared || !sentence.tree || finite.cat !== "be") return false;
  const joint = sentence.words.slice(0, finite.start).findLastIndex(({ lower }) => lower === "and" || lower === "or" || lower === "but");
  if (joint < 0 || sentence.words[joint - 1]?.text === ",") return false;
  return walkTree(sentence.tree).some(
    ({ cat, kids: [relative, told], end, start, f }) =>
      cat === "rc" && relative?.cat === "rel" && told?.cat === "vp" && start > clause.subject.end && f.agr === "sg" && endsAt(sentence.tree!, end, joint),
  );
}

/** "by the kings of the Ptolemy *family, who wanted* a copy": the kings did. */
function isOfGroup({ rank, sentence, subject }: Clause): boolean {
  if (
    rank !== "aside" ||
    !/^(?:family|dynasty|house|team|crew|company|council|board|firm|party|tribe|army|navy|class)$/.test(headTerminal(subject).lemma ?? "")
  )
    return false;
  const next = sentence.words.slice(subject.start, subject.start + 8).findIndex(({ lower }) => lower === "who");
  return next > 0 && sentence.words[subject.start - 1]?.lower === "of";
}

/** Whether a phrase ends right before word `to` that begins with what ends at `end`: the relative clause and what hangs on it. */
function endsAt(tree: Node, end: number, to: number): boolean {
  return end === to || walkTree(tree).some(({ cat, start, end: last }) => cat === "pp" && start === end && last === to);
}

/** "Eight advertisements at fifty dollars *each* would pay": the price of one, read as what each would do. */
function isTornFromEach({ subject, adjuncts }: Clause): boolean {
  const isEach = adjuncts.some(({ node }) => node.start === subject.end && headTerminal(node).lemma === "each");
  return isEach && walkTree(subject).some((node) => node.cat === "pp" && node.end === subject.end && node.kids[1]?.role === "quantity");
}

/** "In a damp cellar *copper coins* grow green spots": without a comma the noun before the subject may belong to it. */
function isTornFromAhead({ sentence, subject, adjuncts }: Clause): boolean {
  const ahead = adjuncts.find(({ node }) => node.cat === "pp" && node.end === subject.start)?.node;
  if (!ahead || subject.end - subject.start > 1 || subject.f.det !== "bare") return false;
  const isNoun = (index: number) => sentence.words[index]?.candidates.some((tag) => tag.cat === "n" && tag.cost < 2) ?? false;
  // The phrase ends in two nouns, of which the second may be the first of the subject.
  const endsInNoun = walkTree(ahead).some((node) => node.cat === "nb" && node.end === ahead.end && node.end - node.start > 1);
  return endsInNoun && isNoun(ahead.end - 1) && isNoun(ahead.end - 2);
}

/** "in Harlem, *a neighborhood of New York City, writers and painters* created works": what Harlem is, read as the first of three. */
function opensInAside({ sentence, subject, adjuncts }: Clause): boolean {
  const [first] =
    subject.role === "coordination"
      ? walkTree(subject)
          .filter(({ cat, start }) => cat === "np" && start === subject.start)
          .slice(-1)
      : [];
  const ahead = adjuncts.find(({ node }) => node.end === subject.start && node.cat === "pp-c")?.node;
  const isNamed = ahead !== undefined && /^\p{Lu}/u.test(sentence.words[ahead.end - 2]?.text ?? "");
  return isNamed && first?.f.det === "indef";
}
