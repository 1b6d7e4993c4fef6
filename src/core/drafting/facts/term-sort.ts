import type { Lexicon } from "../../language/lexicon";
import type { Fact } from "./fact";
import { bareTerm } from "./find-definition";

/** WordNet's lexicographer files, those that readers take for one sort together: deeds and events, living things and matter, persons, and what people make, think or found. */
const SORTS: readonly (readonly number[])[] = [[4, 11, 22, 26, 28, 19], [17, 20, 27, 5, 8, 13], [18], [6, 7, 9, 10, 12, 14, 15, 16, 21, 23, 24, 25]];

const PERSONS = SORTS.findIndex((files) => files.includes(18));

/** What sort of thing a term names: a deed, matter or a living thing, a person, something made or thought. Undefined where no dictionary knows it. */
export function termSort(fact: Pick<Fact, "term">, lexicon: Lexicon): number | undefined {
  const file = termFile(fact, lexicon);
  return file === undefined ? undefined : SORTS.findIndex((files) => files.includes(file));
}

function termFile(fact: Pick<Fact, "term">, lexicon: Lexicon): number | undefined {
  const words = bareTerm(fact.term ?? "")
    .toLowerCase()
    .split(" ");
  const head = words.at(-1) ?? "";
  const entry = [head, head.replace(/ies$/, "y"), head.replace(/es$/, ""), head.replace(/s$/, "")]
    .map((form) => lexicon.findWord(form))
    .find((found) => found && found.senses.length > 0);
  return entry ? lexicon.nounFile(entry.senses[0]!) : undefined;
}

const isMany = (fact: Fact) => fact.plural ?? fact.phrasing.clause.verb.flags?.includes("plain") ?? false;

/** Whether the meaning of one could be taken for the meaning of the other: the same sort and the same number. */
export function isSameSort(fact: Fact, other: Fact, lexicon: Lexicon): boolean {
  const [own, theirs] = [termSort(fact, lexicon), termSort(other, lexicon)];
  return isMany(fact) === isMany(other) && (own === undefined || theirs === undefined || own === theirs);
}

/** The same file of the dictionary, or none known: a sweet juice is not taken for a mother. */
export function isSameFile(fact: Fact, other: Fact, lexicon: Lexicon): boolean {
  const [own, theirs] = [termFile(fact, lexicon), termFile(other, lexicon)];
  return own === undefined || theirs === undefined || own === theirs;
}

/** In a column of terms only persons stand out from the rest. */
export function isAlikeForMatching(fact: Fact, other: Fact, lexicon: Lexicon): boolean {
  return isMany(fact) === isMany(other) && (termSort(fact, lexicon) === PERSONS) === (termSort(other, lexicon) === PERSONS);
}
