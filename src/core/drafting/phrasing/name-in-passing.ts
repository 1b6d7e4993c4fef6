import type { Analysis, Sentence } from "../../language/analysis";
import { calledName, nodeText } from "../../language/node-text";
import type { Node } from "../../language/tree";

/** "a French engineer, *Augustin Fresnel*, designed …": the name says who. */
export function nameInPassing(subject: Node, sentence: Sentence, analysis: Analysis): string | undefined {
  // "a girl *named Juna*"
  const named = calledName(subject, sentence);
  if (named && subject.f.det === "indef" && analysis.persons.has(named)) return named;
  if (subject.role !== "apposition") return undefined;
  const text = nodeText(sentence, subject.kids[1]!);
  // "a later machine, *the Mark II*, stopped working"
  const isName = subject.kids[0]!.f.det === "indef" && /^(?:the )?\p{Lu}[\p{L}\d]*(?: \p{Lu}[\p{L}\d]*)*$/u.test(text);
  return analysis.persons.has(text) || isName ? text : undefined;
}
