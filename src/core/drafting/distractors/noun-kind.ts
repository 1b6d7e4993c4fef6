import type { Lexicon } from "../../language/lexicon";

/** Ancestors of a noun's first sense, nearest first. */
export function hypernymChain(lemma: string, lexicon: Lexicon): string[] {
  const chain: string[] = [];
  for (let at = lexicon.findWord(lemma)?.senses[0]; at && chain.length < 20; at = lexicon.findHypernym(at)) chain.push(at);
  return chain;
}

/** Wu and Palmer's similarity (1994) of two nouns' first senses, 0 to 1. */
export function wuPalmer(a: string, b: string, lexicon: Lexicon): number {
  const left = hypernymChain(a, lexicon);
  const right = hypernymChain(b, lexicon);
  const shared = left.find((synset) => right.includes(synset));
  if (!shared) return 0;
  const depth = left.length - left.indexOf(shared);
  return (2 * depth) / (left.length + right.length);
}

/** One contains the other or they share a sense: both could be right. */
export function overlaps(a: string, b: string, lexicon: Lexicon): boolean {
  if (a === b) return true;
  const left = lexicon.findWord(a)?.senses ?? [];
  const right = lexicon.findWord(b)?.senses ?? [];
  if (left.some((sense) => right.includes(sense))) return true;
  const chainA = hypernymChain(a, lexicon);
  const chainB = hypernymChain(b, lexicon);
  return right.some((sense) => chainA.includes(sense)) || left.some((sense) => chainB.includes(sense));
}
