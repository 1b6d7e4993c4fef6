import type { Fact } from "../facts/fact";

const OF_A_NAME = /\bthe (city|town|village|state|country|island|company|school|museum|club|firm|river|port)\b(?! of\b)/i;
/** "In San Jose, California, …": a name behind a preposition. */
const NAMED =
  /\b(?:[Ii]n|[Aa]t|[Nn]ear) (?!(?:January|February|March|April|May|June|July|August|September|October|November|December)\b)((?:\p{Lu}[\p{L}’'-]+ ?)+)/gu;

/** "In San Jose litter dropped after *the city* banned bags": a question on the second half does not say which city. */
export function leavesOutName({ stem, sentence }: Pick<Fact, "stem" | "sentence">): boolean {
  const again = OF_A_NAME.exec(stem)?.[0];
  const at = again ? sentence.text.toLowerCase().indexOf(again.toLowerCase()) : -1;
  if (at < 0) return false;
  const names = [...sentence.text.slice(0, at).matchAll(NAMED)].map(([, name]) => name!.trim());
  return names.length > 0 && !names.some((name) => stem.includes(name)) && !sentence.block.text.slice(0, sentence.start).includes(names.at(-1)!);
}
