import type { Sentence } from "../../language/analysis";
import { isExpletive, pronounOf } from "../../language/subject-pronoun";
import { headTerminal } from "../../language/tree";

export const LEANS_BACK =
  /^(?:but|yet|and|so|then|this|these|that|those|such|however|therefore|for this|it|they|he|she|its|their|his|her|(?:some|most|many|all|none|one|two|three|half|each|both|several|a few|few) of (?:them|it|these|those)|(?:both|neither) (?:were|are|was|is|had|have)|some of|others|another|one(?! (?:day|night|morning|afternoon|evening|spring|summer|autumn|winter|year)\b)|(?:\S+ )?\S+ (?:years?|days?|weeks?|months?|hours?|minutes?|moments?) (?:later|earlier|afterwards?)|the (?:next|following|same) \p{L}+)\b/iu;

/** Opens neither with a pronoun nor with a word that leans on the sentence before; `text` is what is shown of it. */
export function opensClearly(sentence: Sentence, text = sentence.text): boolean {
  // "*The third* covers the whole wing": the third what?
  const isOfRow = sentence.clauses.some(({ subject, start }) => start === 0 && headTerminal(subject).cat === "ord");
  return !hasPronounSubject(sentence) && !LEANS_BACK.test(text) && !isOfRow;
}

/** "My rooftop hives", "our reporter": clear only beside whoever says it. */
export function speaksOfItself(sentence: Sentence): boolean {
  return /\b(?:I|my|me|we|our|us)\b/i.test(sentence.text);
}

/** Whether its first clause has *he*, *she*, *it* or *they* as its subject. */
export function hasPronounSubject({ clauses }: Sentence): boolean {
  const [first] = [...clauses].sort((a, b) => a.start - b.start);
  const pronoun = first && pronounOf(first.subject);
  // "Before sunrise *it* is too dark to find insects": nothing is meant.
  return first !== undefined && pronoun !== undefined && !isExpletive(pronoun, first);
}
