import type { Person, Sentence } from "./analysis";

/** "Raven turned *himself* into a needle": surer than any list of names. */
export function reflexiveGender({ clauses, words }: Sentence, from: number): Person["gender"] {
  const own = clauses.find(({ subject, rank }) => rank === "main" && subject.start === from);
  const [pronoun] = own?.complements.flatMap(({ role, node }) => (/^object/.test(role) && node.end - node.start === 1 ? [words[node.start]!.lower] : [])) ?? [];
  return pronoun === "himself" ? "he" : pronoun === "herself" ? "she" : undefined;
}

type Votes = ReadonlyMap<Person, Person["gender"][]>;

/**
 * A pronoun behind a name says whether it is a he or a she, unless somebody else is known to be one:
 * "When Knight died, she was alone" tells nothing of Knight where the source is about Ada.
 */
export function takeVotes({ votes, ownVotes, aloneVotes }: Record<"votes" | "ownVotes" | "aloneVotes", Votes>, persons: ReadonlySet<Person>): void {
  // "Sanna needed the money, because *her* mother was ill. … Sanna put *her* ear to it": said twice of whoever does it.
  for (const [person, own] of ownVotes) if (own.length >= 2 && own.every((vote) => vote === own[0])) person.gender ??= own[0];
  const known = [...persons];
  for (const [person, said] of votes) {
    const [first] = said;
    // "a woodcarver named Anselm … he": said again and again before the text speaks of the next.
    const isBefore = (other: Person) => said.length >= 2 && (person.firstSeen ?? 0) + 3 < (other.firstSeen ?? 0);
    const isOpen = known.every((other) => other.gender !== first || isBefore(other));
    if (person.gender === undefined && first && said.every((vote) => vote === first) && isOpen) person.gender = first;
  }
  // "Thimonnier fled through a back door. *He* died poor": of nobody else does the sentence before tell.
  for (const [person, alone] of aloneVotes) {
    const all = [...alone, ...(votes.get(person) ?? []), ...(ownVotes.get(person) ?? [])];
    if (all.every((vote) => vote === alone[0])) person.gender ??= alone[0];
  }
}

/** "Tam had never said that *he* was afraid. … Tam shook *his* head": many a name is given to boys and to girls, and the text knows better than any list. False where it stays open. */
export function correctGender(person: Person, own: readonly Person["gender"][], all: ReadonlySet<Person>): boolean {
  const [first] = own;
  if (person.gender === undefined || first === person.gender || own.some((vote) => vote !== first)) return true;
  // "Bruce Heezen dismissed *her* idea": the idea of another, who is known as a she.
  if (own.length === 1 && [...all].some((other) => other !== person && other.gender === first)) return true;
  if (own.length >= 2) person.gender = first;
  else delete person.gender;
  return person.gender !== undefined;
}
