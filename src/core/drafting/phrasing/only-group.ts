import type { Analysis, Sentence } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";

/** By the sentences, which are the same wherever an analysis is passed on with something added. */
const groups = new WeakMap<readonly Sentence[], Map<string, string[]>>();

/** "*The men* had taken food", in a source that told of "four young men", and of no other men. */
export function isOnlyGroup(np: Node, { sentences }: Analysis): boolean {
  const lemma = headTerminal(np).lemma ?? "";
  if (!/^(?:man|woman)$/.test(lemma) || np.f.num !== "pl" || np.f.det !== "def") return false;
  const known = groups.get(sentences) ?? new Map<string, string[]>();
  groups.set(sentences, known);
  const told = known.get(lemma) ?? introductionsOf(lemma, sentences);
  known.set(lemma, told);
  return told.length === 1;
}

/** The words by which men, or women, are told of for the first time: with a number, or without an article. */
function introductionsOf(lemma: string, sentences: readonly Sentence[]): string[] {
  const found = sentences.flatMap((sentence) =>
    sentence.tree
      ? walkTree(sentence.tree).flatMap((node) => {
          const isNew = node.cat === "np" && node.f.num === "pl" && !/^(?:def|dem|poss|pron)$/.test(node.f.det ?? "") && headTerminal(node).lemma === lemma;
          return isNew && node.role !== "coordination" ? [nodeText(sentence, node).toLowerCase()] : [];
        })
      : [],
  );
  // "four men" of whom "four young men" told already are the same.
  const words = (text: string) => new Set(text.split(" "));
  return [...new Set(found)].filter((text) => !found.some((other) => other !== text && [...words(text)].every((word) => words(other).has(word))));
}
