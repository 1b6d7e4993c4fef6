import type { Antecedent, Sentence } from "./analysis";
import { isPersonNoun } from "./find-persons";
import type { Lexicon } from "./lexicon";
import { midSentence } from "./node-text";
import { coreOf, headTerminal } from "./tree";

/** "A public defender is a lawyer. *He or she* visits the accused": whoever is one. */
export function anyOfSort(sentence: Sentence, before: Sentence | undefined, lexicon: Lexicon): Antecedent | undefined {
  const [main, ...more] = before?.block === sentence.block ? before.clauses.filter(({ rank }) => rank === "main") : [];
  const node = main && more.every(({ subject }) => subject === main.subject) ? coreOf(main.subject) : undefined;
  const isSort = node?.f.num === "sg" && /^(?:indef|def)$/.test(node.f.det ?? "") && isPersonNoun(headTerminal(node).lemma ?? "", lexicon);
  return before && node && isSort ? { text: midSentence(before, node), node, sentence: before } : undefined;
}
