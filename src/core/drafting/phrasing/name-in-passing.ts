import type { Analysis, Sentence } from "../../language/analysis";
import { isPersonNoun } from "../../language/find-persons";
import { calledName, nodeText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";

/** "a French engineer, *Augustin Fresnel*, designed …": the name says who. */
export function nameInPassing(subject: Node, sentence: Sentence, analysis: Analysis): string | undefined {
  // "a girl *named Juna*"
  const named = calledName(subject, sentence);
  if (named && subject.f.det === "indef" && analysis.persons.has(named)) return named;
  if (subject.role !== "apposition") return undefined;
  // "Her sailing master, *a Scot named Alexander Selkirk*, told …"
  const within = walkTree(subject.kids[1]!).find(({ cat, role }) => cat === "np" && role === "reduced");
  const called = within && calledName(within, sentence);
  if (called && analysis.persons.has(called)) return called;
  const text = nodeText(sentence, subject.kids[1]!);
  // "a later machine, *the Mark II*, stopped working"
  // "*The third company*, Playtex, made underwear"
  const isName = /^(?:indef|def|poss)$/.test(subject.kids[0]!.f.det ?? "") && /^(?:the )?\p{Lu}[\p{L}\d]*(?: \p{Lu}[\p{L}\d]*)*$/u.test(text);
  if (analysis.persons.has(text) || isName) return text;
  // "*The treatment*, dialysis, takes four hours": the noun with its article points back, its name does not.
  const [thing, beside] = subject.kids as [Node, Node];
  const name = walkTree(beside).find(({ cat }) => cat === "np");
  const head = name && headTerminal(name);
  const isTerm = name?.f.det === "bare" && name.f.num !== "pl" && head?.cat === "n" && name.end - name.start <= 2;
  return isTerm && thing.f.det === "def" && thing.end - thing.start === 2 && !isPersonNoun(headTerminal(thing).lemma ?? "", analysis.lexicon)
    ? nodeText(sentence, name)
    : undefined;
}
