import type { Clause } from "../../language/clause";
import { walkTree } from "../../language/tree";

/** "In a damp cellar *copper coins* grow green spots": without a comma the noun before the subject may belong to it. */
export function mayBeSplit({ sentence, subject, adjuncts }: Clause): boolean {
  const ahead = adjuncts.find(({ node }) => node.cat === "pp" && node.end === subject.start)?.node;
  if (!ahead || subject.end - subject.start > 1 || subject.f.det !== "bare") return false;
  const isNoun = (index: number) => sentence.words[index]?.candidates.some((tag) => tag.cat === "n" && tag.cost < 2) ?? false;
  // The phrase ends in two nouns, of which the second may be the first of the subject.
  const endsInNoun = walkTree(ahead).some((node) => node.cat === "nb" && node.end === ahead.end && node.end - node.start > 1);
  return endsInNoun && isNoun(ahead.end - 1) && isNoun(ahead.end - 2);
}
