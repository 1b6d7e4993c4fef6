import { literally } from "../lib/literally";
import type { Person, Sentence } from "./analysis";
import { PERSON_TITLES } from "./data/noun-classes";

const NAME = "(\\p{Lu}[\\p{L}.’'-]+(?: \\p{Lu}[\\p{L}.’'-]+){0,2})";
/** "Nora Flint.": the stop is the sentence's. */
const withoutStop = (name: string) => name.replace(/(?<=\p{L}{3})[.’'-]+$/u, "");
/** "took the pen name Nellie Bly", "called herself …", "everyone called her …", "became known as …": whoever the sentence tells of. */
const TAKEN = [
  `\\b(?:took|takes|used|chose|adopted|under) (?:the|a) (?:\\p{Ll}+ )?name(?: of)?,? ["“]?${NAME}`,
  `\\bcall(?:s|ed) (?:him|her)self ["“]?${NAME}`,
  `\\b(?:everyone|everybody|people|they|workers|friends|(?:[Hh]is|[Hh]er|[Tt]he) \\p{Ll}+) call(?:s|ed) (?:him|her) ["“]?${NAME}`,
  `\\b(?:became|was|is) (?:(?:also|better|best|later|soon) )?known (?:to \\p{Ll}+ )?as ["“]?${NAME}`,
].map((pattern) => new RegExp(pattern, "gu"));
/** "Nellie Bly, born Elizabeth Cochran," */
const BORN = new RegExp(`${NAME}, (?:whose real name was|born(?: as)?) ${NAME}`, "gu");

/** One person who goes by two names is one person under both; called by the one that the source uses more. */
export function joinAliases(sentences: readonly Sentence[], persons: Map<string, Person>): void {
  const whole = sentences.map(({ text }) => text).join(" ");
  for (const sentence of sentences) {
    const told = sentence.text;
    for (const [, name, other] of told.matchAll(BORN)) {
      const owner = personOf(name!, persons);
      if (owner) join(owner, withoutStop(other!), persons, whole);
    }
    for (const match of TAKEN.flatMap((pattern) => [...told.matchAll(pattern)])) {
      const alias = withoutStop(match[1]!);
      const owner = ownerOf(sentence, told.slice(0, match.index + match[0].length - match[1]!.length), alias, sentences, persons);
      if (owner) join(owner, alias, persons, whole);
    }
  }
  joinFirstNames(persons, whole);
}

/** "Mary King", later "Mary Ward": where the source calls somebody *Mary* alone, it tells of one Mary, by the name that it uses more. */
function joinFirstNames(persons: Map<string, Person>, whole: string): void {
  const full = [...new Set(persons.values())].filter(({ name }) => name.includes(" ") && !PERSON_TITLES.has(name.split(" ")[0]!.toLowerCase()));
  for (const first of new Set(full.map(({ name }) => name.split(" ")[0]!))) {
    const [one, other, ...more] = full.filter(({ name }) => name.split(" ")[0] === first);
    const isAlone = new RegExp(`\\b${literally(first)}\\b(?!['’]?s? \\p{Lu}| and \\p{Lu})`, "u").test(whole);
    if (!one || !other || more.length > 0 || !isAlone || one.gender !== other.gender) continue;
    const times = ({ name }: Person) => whole.split(name).length;
    const [kept, joined] = times(other) > times(one) ? [other, one] : [one, other];
    for (const form of persons.keys()) if (persons.get(form) === joined) persons.set(form, kept);
  }
}

function personOf(name: string, persons: ReadonlyMap<string, Person>): Person | undefined {
  return persons.get(name) ?? persons.get(name.split(" ").at(-1)!);
}

/** The last person who is named before the new name in the sentence, or the only one so far that its pronoun can mean. */
function ownerOf(sentence: Sentence, ahead: string, alias: string, sentences: readonly Sentence[], persons: ReadonlyMap<string, Person>): Person | undefined {
  // "called her *Mother Seacole*": nobody else's, where a Mary Seacole was told of.
  const namesake = alias.includes(" ") ? persons.get(alias.split(" ").at(-1)!) : undefined;
  if (namesake?.name.includes(" ") && namesake.name !== alias && namesake.name.split(" ").at(-1) === alias.split(" ").at(-1)) return namesake;
  const named = namedIn(ahead, persons).filter((person) => person !== personOf(alias, persons));
  if (named.length > 0) return named.at(-1);
  // "*Her* friends called *her* Hertha"
  const said = /\b(he|she|him|his|her)\b/i.exec(ahead)?.[1]?.toLowerCase();
  const pronoun = said && (/^h(?:e|im|is)$/.test(said) ? "he" : "she");
  if (!pronoun) return undefined;
  const before = sentences
    .slice(0, sentence.index)
    .map(({ text }) => text)
    .join(" ");
  const fitting = namedIn(before, persons).filter((person) => person.gender === pronoun && person !== personOf(alias, persons));
  return new Set(fitting).size === 1 ? fitting[0] : undefined;
}

function namedIn(text: string, persons: ReadonlyMap<string, Person>): Person[] {
  return (text.match(/\p{Lu}[\p{L}.’'-]+/gu) ?? []).flatMap((word) => persons.get(word) ?? []);
}

function join(owner: Person, alias: string, persons: Map<string, Person>, whole: string): void {
  const known = personOf(alias, persons);
  for (const form of [alias, ...alias.split(" ").filter((word) => word.length > 2)])
    if (!persons.has(form) || persons.get(form) === known) persons.set(form, owner);
  // "Mother Jones" and "Mary Harris Jones" are told apart by what stands before the name they share.
  const isShared = alias.split(" ").at(-1) === owner.name.split(" ").at(-1);
  const times = (name: string) => whole.match(new RegExp(`\\b${literally(isShared ? name : name.split(" ").at(-1)!)}\\b`, "gu"))?.length ?? 0;
  if (alias.includes(" ") && times(alias) > times(owner.name)) owner.name = alias;
}
