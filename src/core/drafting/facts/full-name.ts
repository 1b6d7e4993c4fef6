import type { Analysis, Sentence } from "../../language/analysis";
import { calledName, midSentence, nodeText, withoutAside } from "../../language/node-text";
import { type Node, walkTree } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";

/** The apposition's name where there is one, else the whole subject. */
export function fullName(subject: Node, phrasing: Phrasing, analysis: Analysis): string {
  const named = subject.role === "apposition" || subject.role === "title" || subject.kids.length === 1 ? walkTree(subject) : [];
  // "a schoolmaster *named Rowland Hill*"
  const called = calledName(subject, phrasing.clause.sentence);
  if (called && analysis.persons.has(called)) return analysis.persons.get(called)!.name;
  // "two surgeons, *Thomas Lewis and George Pickering*": both.
  const several = subject.role === "apposition" ? named.find(({ cat, role, f }) => cat === "np" && role === "coordination" && f.det === "proper") : undefined;
  if (several) return nodeText(phrasing.clause.sentence, several);
  // "*Maria's* father, a schoolteacher": the owner's name is not his.
  const owners = named.filter(({ cat, role }) => cat === "np" && role === "possessor").map(({ kids }) => kids[0]!);
  const name = named.find(
    (node) =>
      node.cat === "pnb" &&
      analysis.persons.has(nodeText(phrasing.clause.sentence, node)) &&
      !owners.some(({ start, end }) => node.start >= start && node.end <= end),
  );
  const letter = letterBeside(subject, phrasing.clause.sentence);
  const text = name
    ? nodeText(phrasing.clause.sentence, name)
    : [midSentence(phrasing.clause.sentence, withoutAside(subject)), letter].filter(Boolean).join(", ");
  const antecedent = subject.f.det === "pron" || subject.f.det === "dem" || /^(?:his|her|its|their)\b/i.test(text) ? phrasing.subject : text;
  return analysis.persons.get(antecedent)?.name ?? antecedent;
}

/** "The most common letter, *E*, got the shortest signal": which one it is. */
export function letterBeside(subject: Node, sentence: Sentence): string | undefined {
  const aside =
    subject.role === "apposition"
      ? nodeText(sentence, subject.kids[1]!)
          .replace(/^, |,$/g, "")
          .trim()
      : "";
  return /^\p{Lu}$/u.test(aside) ? aside : undefined;
}
