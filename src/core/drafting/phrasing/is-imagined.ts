import type { Analysis, Sentence } from "../../language/analysis";

const OPENS = /^(?:now )?(?:imagine|suppose)\b|^picture (?:an?|the|your) /i;
const OF_READER = /\b(?:you|your|yours|yourself)\b/i;
const ONCE = /^(?:One (?:day|night|morning|evening)|Then|Now|Suddenly|A (?:letter|man|woman|stranger)|The next (?:day|morning))\b/;

/** "*Imagine that your family has farmed the same land for years. One day a letter arrives. The highway will run through your barn.*": what is only supposed, up to the first sentence that leaves it. */
export function isImagined(sentence: Sentence, { sentences }: Analysis): boolean {
  for (let at = sentence.index; sentences[at]?.block === sentence.block; at--) {
    const { text } = sentences[at]!;
    if (OPENS.test(text)) return true;
    if (!OF_READER.test(text) && !ONCE.test(text)) return false;
  }
  return false;
}

/** "Stand at the corner of my street and listen. *You will hear eleven mowers*": where one does as one is told. */
export function comesOfDoing({ block, text, index }: Sentence, { sentences }: Analysis): boolean {
  const before = sentences[index - 1];
  return before?.block === block && /^You(?: will|’ll|'ll)\b/.test(text) && before.clauses.some(({ imperative, start }) => imperative && start === 0);
}

/** "*Suppose that a state has fifty voters.* … The Greens could win three seats": an example that the paragraph supposes. */
export function isOfExample(sentence: Sentence, { sentences }: Analysis): boolean {
  for (let at = sentence.index; sentences[at]?.block === sentence.block; at--) if (OPENS.test(sentences[at]!.text)) return true;
  return false;
}
