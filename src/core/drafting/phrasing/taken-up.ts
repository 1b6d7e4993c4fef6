import type { Analysis, Sentence } from "../../language/analysis";
import { headTerminal, type Node } from "../../language/tree";

/** What a sentence before has told as a whole, by a noun that was not used yet. */
const WHOLES = new Set(
  "rule law plan idea method custom practice decision change discovery experiment measure ban trick habit tradition scheme proposal arrangement agreement principle".split(
    " ",
  ),
);

/** "Every new treaty is registered. *The rule* was introduced after the war": what the sentence before tells. */
export function takesUpWhole(np: Node, sentence: Sentence, { firstMention, headingLemmas }: Analysis): boolean {
  const lemma = (headTerminal(np).lemma ?? "").toLowerCase();
  const isPlain = np.cat === "np" && np.f.det === "def" && np.end - np.start === 2 && sentence.words[np.start]?.lower === "the";
  return isPlain && sentence.indexInBlock > 0 && WHOLES.has(lemma) && firstMention.get(lemma) === sentence.index && !headingLemmas.has(lemma);
}
