import type { Person } from "./analysis";

const HE_NOUNS = new Set(
  "father dad daddy man boy husband brother uncle son grandfather grandpa grandad grandson nephew king prince lord fisherman gentleman monk male bull rooster".split(
    " ",
  ),
);
const SHE_NOUNS = new Set(
  "mother mum mom mummy woman girl wife sister aunt auntie daughter grandmother grandma granny granddaughter niece queen princess lady nun seamstress female cow hen".split(
    " ",
  ),
);
const HE_TITLES = new Set("mr sir master pope".split(" "));
const SHE_TITLES = new Set("mrs ms miss mistress dame".split(" "));

/** Nouns of kin that stand as a name without an article: "Grandfather slipped". */
export const KIN_NAMES = new Set("mother father mum mom dad daddy mummy grandmother grandfather grandma grandpa granny grandad auntie aunt uncle".split(" "));

/** "father" is a he, "queen" a she. */
export function nounGender(lemma: string): Person["gender"] {
  const noun = lemma.toLowerCase();
  return HE_NOUNS.has(noun) ? "he" : SHE_NOUNS.has(noun) ? "she" : undefined;
}

/** "Mr", "Queen", "Aunt" before a name. */
export function titleGender(title: string): Person["gender"] {
  const word = title.toLowerCase().replace(".", "");
  return HE_TITLES.has(word) ? "he" : SHE_TITLES.has(word) ? "she" : nounGender(word);
}
