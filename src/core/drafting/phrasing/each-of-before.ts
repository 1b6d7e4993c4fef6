import type { Analysis, Sentence } from "../../language/analysis";
import { fileOf, NounFile } from "../../language/lexicon";
import { nodeText } from "../../language/node-text";
import { headTerminal, type Node } from "../../language/tree";

/** "Strong winds carry raindrops upward. *Each trip* adds a layer": each of something that was told of by other words. */
export function isEachOfBefore(np: Node, sentence: Sentence, { firstMention, headingLemmas, lexicon }: Analysis): boolean {
  const lemma = (headTerminal(np).lemma ?? "").toLowerCase();
  const isBare = /^each \p{Ll}+$/iu.test(nodeText(sentence, np));
  const file = fileOf(lemma, lexicon);
  const isDeed = file === NounFile.act || file === NounFile.event;
  return isBare && isDeed && sentence.indexInBlock > 0 && firstMention.get(lemma) === sentence.index && !headingLemmas.has(lemma);
}
