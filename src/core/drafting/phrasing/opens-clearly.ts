import type { Sentence } from "../../language/analysis";
import { pronounOf } from "../../language/resolve-pronouns";

const LEANS_BACK = /^(?:but|and|so|then|this|these|that|those|such|however|therefore|for this|it|they|he|she)\b/i;

/** Opens neither with a pronoun nor with a word that leans on the sentence before. */
export function opensClearly(sentence: Sentence): boolean {
  return !hasPronounSubject(sentence) && !LEANS_BACK.test(sentence.text);
}

/** Whether its first clause has *he*, *she*, *it* or *they* as its subject. */
export function hasPronounSubject({ clauses }: Sentence): boolean {
  const [first] = [...clauses].sort((a, b) => a.start - b.start);
  return first !== undefined && pronounOf(first.subject) !== undefined;
}
