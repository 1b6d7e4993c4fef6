import type { Analysis, Sentence } from "../../language/analysis";
import { headTerminal, walkTree } from "../../language/tree";
import { hypernymChain } from "../distractors/noun-kind";

/** Nouns for whole kinds of living things: one text may tell of two such. */
const KINDS: ReadonlySet<string> = new Set("bird animal fish insect plant tree flower whale spider snake mammal reptile".split(" "));
/** What is named once only is an example. */
const OFTEN = 2;

/** By the sentences, which are the same wherever an analysis is passed on with something added. */
const counted = new WeakMap<readonly Sentence[], Map<string, number>>();

/** "*The birds* slept", in a text on swifts and on frigate birds: which of the two? */
export function isOneOfSorts(lemma: string, analysis: Analysis): boolean {
  if (!KINDS.has(lemma)) return false;
  const known = counted.get(analysis.sentences) ?? new Map<string, number>();
  counted.set(analysis.sentences, known);
  const found = known.get(lemma) ?? sortsOf(lemma, analysis);
  known.set(lemma, found);
  return found >= 2;
}

/** How many sorts of it the source names again and again: by a noun of their own, or by a word before the noun. */
function sortsOf(lemma: string, { sentences, lexicon }: Analysis): number {
  const [kind] = lexicon.findWord(lemma)?.senses ?? [];
  const mentions = new Map<string, number>();
  for (const { tree } of sentences)
    for (const node of tree ? walkTree(tree) : []) {
      const head = headTerminal(node);
      const isCompound = node.cat === "nb" && node.role === "compound" && head.lemma === lemma;
      const isSort = node.cat === "n" && node.lemma !== lemma && kind !== undefined && hypernymChain(node.lemma ?? "", lexicon).includes(kind);
      if (!isCompound && !isSort) continue;
      const name = isCompound ? `${headTerminal(node.kids[0]!).lemma} ${lemma}` : (node.lemma ?? "");
      mentions.set(name, (mentions.get(name) ?? 0) + 1);
    }
  return [...mentions.values()].filter((count) => count >= OFTEN).length;
}
