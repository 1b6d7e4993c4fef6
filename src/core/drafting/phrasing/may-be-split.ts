import type { Clause } from "../../language/clause";
import { headTerminal, walkTree } from "../../language/tree";

/** The subject may begin or end elsewhere. */
export function mayBeSplit(clause: Clause): boolean {
  return isTornFromEach(clause) || isTornFromAhead(clause) || opensInAside(clause);
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
