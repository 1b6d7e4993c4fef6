import type { Sentence } from "./analysis";

/** The base forms of a sentence's words in some classes, each word read as it most likely is. */
export function likeliestLemmas({ words }: Pick<Sentence, "words">, classes: RegExp): Set<string> {
  const likeliest = words.flatMap(({ candidates }) => candidates.slice(0, 1));
  return new Set(likeliest.flatMap(({ cat, lemma }) => (classes.test(cat) && lemma ? [lemma.toLowerCase()] : [])));
}
