import { literally } from "../lib/literally";
import type { Person, Sentence } from "./analysis";
import { DEMONYMS, GIVEN_NAMES, isWeekday, MENS_NAMES, MONTHS, PERSON_TITLES, WOMENS_NAMES } from "./data/noun-classes";
import { correctGender, reflexiveGender, takeVotes } from "./gender-votes";
import { joinAliases } from "./join-aliases";
import { fileOf, type Lexicon, NounFile } from "./lexicon";
import { namesLikePlaces, namesOfPlaces } from "./names-of-places";
import { nounGender, titleGender } from "./noun-gender";

const PERSON_VERBS = new Set(
  "say think believe write ask know want teach learn study marry decide hope wonder invent discover whisper notice remember".split(" "),
);

/**
 * Names with positive evidence of a person: a given name, a title before it, a trade in apposition,
 * or a verb that only persons do. Every later form (surname alone, first name alone) is the same person.
 */
export function findPersons(sentences: readonly Sentence[], lexicon: Lexicon): Map<string, Person> {
  const persons = new Map<string, Person>();
  const votes = new Map<Person, Person["gender"][]>();
  const ownVotes = new Map<Person, Person["gender"][]>();
  const aloneVotes = new Map<Person, Person["gender"][]>();
  const sure = new Set<Person>();
  const family = new Set<string>();
  const alone = new Map<string, number>();
  const withArticle = namesWithArticle(sentences, lexicon);
  const places = namesOfPlaces(sentences);
  const likePlaces = namesLikePlaces(sentences, lexicon);
  for (const sentence of sentences) {
    for (const { from, to } of namesIn(sentence)) {
      const words = sentence.words.slice(from, to).map((word) => word.text);
      if (MONTHS.has(words[0]!) || isWeekday(words[0]!) || FEAST.test(words[0]!) || isFeast(sentence, from) || isNameOfThing(sentence, from, lexicon)) continue;
      if ((words.length > 1 && NO_SURNAME.test(words.at(-1)!)) || ASSEMBLY.test(words.at(-1)!)) continue;
      if (places.has(words.join(" ")) || isSentence(sentence, words, lexicon)) continue;
      if (words.length === 1 && (DEMONYMS.has(words[0]!.toLowerCase()) || isPeople(words[0]!, sentences))) continue;
      if (words.length > 1 && isWeekday(words.at(-1)!)) continue;
      // "*Dear* Ms Okafor, …": whoever is written to is *you* in the letter, and never *she*.
      if (sentence.words[from - 1]?.text === "Dear" && from === 1) continue;
      // "*Mark* the best line": what is to be done.
      if (from === 0 && sentence.clauses[0]?.imperative && sentence.clauses[0].verb.start === 0) continue;
      if (words.length === 1 && withArticle.has(words[0]!) && !nameGender(words[0]!)) continue;
      const reflexive = reflexiveGender(sentence, from);
      if (
        !reflexive &&
        !likePlaces.has(words.join(" ")) &&
        !isPerson(words, sentence, from, to, lexicon) &&
        !isTakenUp(words, sentence, to, sentences, lexicon)
      )
        continue;
      const name = words.join(" ");
      const alike = [...persons.values()].filter((person) => person.name.split(" ").includes(words.at(-1)!));
      const known = alike.find((person) => isSamePerson(words, person));
      const person = known ?? { name };
      const isFuller = words.length > 1 && PERSON_TITLES.has(person.name.split(" ")[0]!.toLowerCase()) && !PERSON_TITLES.has(words[0]!.toLowerCase());
      if (words.length > person.name.split(" ").length || isFuller) person.name = name;
      // "John Roebling", "Washington Roebling": by the surname alone either may be meant.
      if (!known && alike.length > 0) family.add(words.at(-1)!);
      if (words.length === 1) alone.set(name, (alone.get(name) ?? 0) + 1);
      for (const form of [name, ...words.filter((word) => !PERSON_TITLES.has(word.toLowerCase()) && !NO_NAME.test(word))]) {
        if (family.has(form)) persons.delete(form);
        else persons.set(form, person);
      }
      const told = titleGender(words[0]!) ?? kinGender(sentence, from);
      if (told || reflexive) sure.add(person);
      if (reflexive) person.gender = reflexive;
      person.gender ??= told ?? nameGender(words[0]!) ?? givenGender(words, lexicon);
      // "“Merrick chose well,” *she* said": of whom, nobody knows.
      const said = sentence.abstained === "speech" ? undefined : (pronounAfter(sentence, to, lexicon) ?? pronounNext(sentence, from, sentences));
      if (said) votes.set(person, [...(votes.get(person) ?? []), said]);
      const own = ownPronoun(sentence, from, to, lexicon);
      if (own) ownVotes.set(person, [...(ownVotes.get(person) ?? []), own]);
      if (isAloneInFront(sentence, from, lexicon)) {
        const next = pronounNext(sentence, from, sentences);
        if (words.length > 1) person.gender ??= next;
        if (next) aloneVotes.set(person, [...(aloneVotes.get(person) ?? []), next]);
      }
      person.firstSeen = Math.min(person.firstSeen ?? sentence.index, sentence.index);
    }
  }
  joinAliases(sentences, persons);
  const all = new Set(persons.values());
  for (const [person, own] of ownVotes) if (!sure.has(person) && !correctGender(person, own, all)) votes.delete(person);
  const speakers = [...new Set(sentences.flatMap(({ speaker }) => (speaker ? [speaker.toLowerCase()] : [])))];
  for (const person of persons.values()) if (speakers.some((speaker) => isNameIn(person.name, speaker))) person.speaks = true;
  takeVotes({ votes, ownVotes, aloneVotes }, new Set(persons.values()));
  for (const name of family) if ((alone.get(name) ?? 0) >= 2) persons.set(name, oneOfFamily(name, new Set(persons.values())));
  findFirst(sentences, persons, lexicon);
  return persons;
}

/** Universities that are spoken of by one name, which lists have as somebody's. */
const SCHOOLS = /^(?:Harvard|Yale|Princeton|Stanford|Cornell|Oxford|Cambridge|Columbia|Eton)$/;

/** "T." of Booker T. Washington, "III" of Ivan III: nobody is called so. */
const NO_NAME = /^(?:\p{Lu}\.?|[IVX]+)$/u;

/** "Carver", where two are called so: somebody, a he where no she is called so, and left by this name. */
function oneOfFamily(name: string, persons: ReadonlySet<Person>): Person {
  const genders = new Set([...persons].filter((person) => person.name.split(" ").includes(name)).flatMap(({ gender }) => (gender ? [gender] : [])));
  return { name, ...(genders.size === 1 ? { gender: [...genders][0]! } : {}) };
}

/** One name is the other's, or a part of it: "Dr Hale" may be Edmund Hale, "Nell Hale" is not. */
function isSamePerson(words: readonly string[], { name }: Person): boolean {
  const [own, other] = [words, name.split(" ")].map((all) => all.filter((word) => !PERSON_TITLES.has(word.toLowerCase())));
  if (own!.length < 2 || other!.length < 2) return true;
  return own![0] === other![0] || own![0]!.length < 3 || other![0]!.length < 3;
}

/** The first pronoun behind a name that is the subject of its main clause, with nobody else named in the sentence. */
function ownPronoun(sentence: Sentence, from: number, to: number, lexicon: Lexicon): Person["gender"] {
  const own = sentence.clauses.filter((clause) => clause.rank === "main" && clause.subject.start === from && clause.subject.end === to);
  // "Rosalind had been *his* apprentice": nobody is his own.
  const isAnothers = own.some(
    ({ verb, complements }) => verb.cat === "be" && complements.some(({ node }) => node.role === "possessor" && node.kids[0]?.cat === "poss"),
  );
  return own.length > 0 && !isAnothers && capitalisedRuns(sentence).length === 1 ? pronounAfter(sentence, to, lexicon) : undefined;
}

/** "In 1643 *Evangelista Torricelli*, a student of Galileo, looked for the answer. He …": nobody else does anything in the sentence. */
function isAloneInFront(sentence: Sentence, from: number, lexicon: Lexicon): boolean {
  const main = sentence.clauses.filter(({ rank }) => rank === "main");
  const [first] = main;
  // "a French tailor *named Barthélemy Thimonnier*"
  const isNamed =
    first !== undefined && first.subject.start < from && from < first.subject.end && /^(?:named|called)$/.test(sentence.words[from - 1]?.lower ?? "");
  if (!first || (first.subject.start !== from && !isNamed) || main.some(({ subject }) => subject !== first.subject)) return false;
  const others = capitalisedRuns(sentence).filter((run) => run.from < first.subject.start || run.from >= first.subject.end);
  return others.every((run) => lexicon.nameKind(sentence.words[run.from]!.text) === "place" || MONTHS.has(sentence.words[run.from]!.text));
}

const YEARS_OLD = /-year-old$/;

/** Names that were known as persons only later stood in earlier sentences too; how often each is named, now that all are known. */
function findFirst(sentences: readonly Sentence[], persons: ReadonlyMap<string, Person>, lexicon: Lexicon): void {
  for (const person of persons.values()) person.mentions = 0;
  for (const sentence of sentences) {
    for (const { from, to } of namesIn(sentence)) {
      const words = sentence.words.slice(from, to).map((word) => word.text);
      const person = persons.get(words.join(" ")) ?? persons.get(words.at(-1)!) ?? persons.get(words[0]!);
      if (!person) continue;
      person.mentions = (person.mentions ?? 0) + 1;
      person.firstSeen = Math.min(person.firstSeen ?? sentence.index, sentence.index);
      if (words.length > 1 && words.length <= 3 && person.name === words[0] && !isSentence(sentence, words, lexicon))
        nameWhole(words, person, persons as Map<string, Person>);
    }
  }
}

/** From this frequency on (Zipf) a word is anybody's. */
const COMMON = 5.2;

/** "Galileo *Looks Up*": in a heading every word may have its capital, and no name ends in a common one. */
function isSentence({ block }: Sentence, words: readonly string[], lexicon: Lexicon): boolean {
  return block.kind === "heading" && words.slice(1).some((word) => lexicon.zipf(word.toLowerCase()) >= COMMON);
}

/** "Dana Ruiz", who is Dana in all that follows. */
function nameWhole(words: readonly string[], person: Person, persons: Map<string, Person>): void {
  person.name = words.join(" ");
  for (const form of [person.name, ...words.filter((word) => /^\p{Lu}/u.test(word))]) if (!persons.has(form)) persons.set(form, person);
}

function nameGender(name: string): Person["gender"] {
  const lower = name.toLowerCase();
  return WOMENS_NAMES.has(lower) ? "she" : MENS_NAMES.has(lower) ? "he" : undefined;
}

/** "Emilie Demant"; a name by itself only where it is no surname: "Whitney" invented the cotton gin. */
function givenGender(words: readonly string[], lexicon: Lexicon): Person["gender"] {
  const [first = "", ...more] = words;
  return more.length > 0 || lexicon.nameKind(first) === undefined ? lexicon.givenName(first) : undefined;
}

/** What a name by itself says: "Dora Finch" is a she, "Mr Lund" a he. */
export function genderOfName(name: string): Person["gender"] {
  const first = name.split(" ")[0]!;
  return titleGender(first) ?? nameGender(first);
}

/** "her young son, Bennett", "the fisherman Olsen", "*Her* name was Pim" */
function kinGender(sentence: Sentence, from: number): Person["gender"] {
  const ahead = sentence.words
    .slice(0, from)
    .map(({ text }) => `${text} `)
    .join("");
  const own = /\b(his|her) name (?:is|was) $/i.exec(ahead)?.[1];
  if (own) return own.toLowerCase() === "his" ? "he" : "she";
  // "*a boy of five named* Bennett"
  const kin = /\ban? (?:\p{Ll}+ )?(\p{Ll}+)(?: of \p{Ll}+| from \p{L}+)? (?:named|called) $/u.exec(ahead)?.[1];
  if (kin && nounGender(kin)) return nounGender(kin);
  const before = sentence.words[from - 1]?.text === "," ? sentence.words[from - 2]?.lower : sentence.words[from - 1]?.lower;
  return nounGender(before ?? "");
}

/** "Pip Learns to Whistle": in a heading every word may have its capital, so that only a whole heading is a name. */
function namesIn(sentence: Sentence): { from: number; to: number }[] {
  // "Tell Captain Brandt": a sentence begins with any word, a name with its title.
  const titled = (at: number) => PERSON_TITLES.has(sentence.words[at]?.lower ?? "");
  const runs = capitalisedRuns(sentence).map((run) =>
    run.to - run.from > 2 && !titled(run.from) && titled(run.from + 1) ? { ...run, from: run.from + 1 } : run,
  );
  return sentence.block.kind === "heading" ? runs.filter(({ from, to }) => from === 0 && to >= sentence.words.length - 1) : runs;
}

const PARTICLE = /^(?:de|von|van|da|di|du|del|der|den|bin|ibn)$/;

function capitalisedRuns(sentence: Sentence): { from: number; to: number }[] {
  const runs: { from: number; to: number }[] = [];
  sentence.words.forEach((word, index) => {
    // "Twelve-year-old Dana Ruiz"
    if (YEARS_OLD.test(word.lower)) return;
    const capital = /^\p{Lu}/u.test(word.text) && word.candidates.some((tag) => tag.cat === "pn" && tag.cost < 3);
    const last = runs.at(-1);
    // "One *Sunday* Ida Marrow did not come": a day is no part of a name.
    if (!capital || isWeekday(word.text)) return;
    // "Ferdinand de Lesseps"
    const joins = last && last.to === index - 1 && PARTICLE.test(sentence.words[index - 1]!.text);
    if (last && (last.to === index || joins)) last.to = index + 1;
    else runs.push({ from: index, to: index + 1 });
  });
  return runs;
}

const ASSEMBLY = /^(?:Parliament|Congress|Senate|Government|Council|Court|Ministry)$/;

/** "Christian Temperance Union", "Nelson Bridge" begin like somebody's name and end as no name does. */
const NO_SURNAME =
  /^(?:Union|Party|Society|Army|Club|Company|Church|Bank|College|University|Hospital|Committee|Association|League|Movement|Act|War|Prize|Nebula|Railway|Bridge|Station|Institute|Observatory|Expedition|Parliament|Congress|Senate|Government|Ministry|Court|Empire|Kingdom|Republic|Navy|Office|Line|Award|Fund|Canal|Tower|Theatre|Orchestra|Team|Law)$/;

function isPerson(words: string[], sentence: Sentence, from: number, to: number, lexicon: Lexicon): boolean {
  // "Mr. President, how long must women wait?": an office, whoever holds it.
  if (words.length === 2 && /^(?:President|Speaker|Chairman|Mayor|Minister|Editor|Secretary)$/.test(words[1]!)) return false;
  if (PERSON_TITLES.has(words[0]!.toLowerCase()) && words.length > 1) return true;
  if (lexicon.nameKind(words.at(-1)!) === "place" && words.length === 1) return false;
  if (sentence.words[from - 1] && YEARS_OLD.test(sentence.words[from - 1]!.lower)) return true;
  const last = words.at(-1)!;
  if (words.length === 1 && SCHOOLS.test(last)) return false;
  // "was cast *at Stockton*": a place, whoever else is called so.
  if (words.length === 1 && /^(?:at|in|near|around|outside)$/.test(sentence.words[from - 1]?.lower ?? "") && !lexicon.givenName(last)) return false;
  if (lexicon.nameKind(last) === "person" && lexicon.findWord(last.toLowerCase()) === undefined && !DEMONYMS.has(last.toLowerCase()))
    return sentence.words[from - 1]?.lower !== "the";
  if (GIVEN_NAMES.has(words[0]!.toLowerCase()) || nameGender(words[0]!)) return sentence.words[to]?.lower !== "lighthouse";
  const before = sentence.words[from - 1];
  const trade = sentence.words[from - 2];
  if (before?.text === "," && trade && isPersonNoun(trade.lower, lexicon)) return true;
  if (before && isPersonNoun(before.lower, lexicon) && words.length <= 2 && before.lower !== "council") return true;
  // "a young geologist *called Bruce Heezen*"
  if (before && trade && /^(?:called|named)$/.test(before.lower) && isPersonNoun(trade.lower, lexicon)) return true;
  // "The most careful observer was *Bruce Heezen*": a first name that is no word and no place.
  const [first] = words as [string, ...string[]];
  if (words.length === 2 && lexicon.givenName(first) && lexicon.nameKind(first) === "person" && !lexicon.findWord(first.toLowerCase())) return true;
  const next = sentence.words[to];
  if (next?.text === "," && words.length >= 2 && isTrade(sentence, to + 1, lexicon)) return true;
  if (before?.candidates.some((tag) => tag.cat === "prep")) return false;
  return Boolean(
    next?.candidates.some((tag) => tag.cat === "v" && tag.cost < 1.5 && PERSON_VERBS.has(tag.lemma ?? "")) &&
      words.length <= 3 &&
      lexicon.nameKind(words[0]!) !== "place" &&
      !/^(?:The|Bay|School|Council|Museum)$/.test(words.at(-1)!),
  );
}

/** "the language of *the Inuit*", "*a single Bible*": peoples and things, where no list knows the word as somebody's name. */
function namesWithArticle(sentences: readonly Sentence[], lexicon: Lexicon): ReadonlySet<string> {
  const article = /\b(?:[Tt]he|[Aa]n?|[Ee]very|[Ee]ach) (?:(\p{Ll}+) )?(\p{Lu}\p{L}+)(?! \p{Lu})/gu;
  const found = sentences.flatMap(({ text }) => [...text.matchAll(article)]);
  // "the engineer Fresnel" is one engineer by his name, "in the morning Grandfather found" a time and a name.
  const isAdjective = (word: string) => (lexicon.findWord(word)?.adjective ?? 0) > (lexicon.findWord(word)?.noun ?? 0);
  return new Set(found.filter(([, word]) => !word || isAdjective(word)).map(([, , name]) => name!));
}

/** "the trawler *Margaret*", "the ship Ada": a name that somebody has given to a thing. */
function isNameOfThing(sentence: Sentence, from: number, lexicon: Lexicon): boolean {
  const noun = sentence.words[from - 1]?.lower ?? "";
  return sentence.words[from - 2]?.lower === "the" && (VESSEL.test(noun) || fileOf(noun, lexicon) === NounFile.artifact);
}

/** "the Cherokees", where the text also has "a Cherokee village": many, and nobody's name. */
function isPeople(name: string, sentences: readonly Sentence[]): boolean {
  if (/^(?:Celsius|Fahrenheit)$/.test(name)) return true;
  if (!/[^s]s$/.test(name)) return false;
  const one = new RegExp(`\\b${literally(name.slice(0, -1))}\\b(?!['’])`);
  return sentences.some(({ text }) => one.test(text));
}

/** "LENA" and "Lena", "Mr Adeyemi" and "Joseph Adeyemi". */
function isNameIn(name: string, speaker: string): boolean {
  const words = name.toLowerCase().split(" ");
  return words.includes(speaker.split(" ").at(-1)!);
}

/** "New Year's *Eve*", "St George's *Day*" */
function isFeast({ words }: Sentence, at: number): boolean {
  return /^(?:Eve|Day|Night)$/.test(words[at]!.text) && /^(?:['’]s?|Christmas|Halloween)$/.test(words[at - 1]?.text ?? "");
}

const FEAST = /^(?:Christmas|Easter|Lent)$/;
const VESSEL = /^(?:trawler|whaler|cutter|ship|boat|yacht|ferry|lifeboat|schooner|steamer|liner|vessel|tug|brig|frigate|sloop)$/;

/** "Johannes Gutenberg, a goldsmith from Mainz" */
function isTrade(sentence: Sentence, from: number, lexicon: Lexicon): boolean {
  if (!/^(?:an?|the)$/.test(sentence.words[from]?.lower ?? "")) return false;
  const phrase = sentence.words.slice(from + 1, from + 5);
  const end = phrase.findIndex((word) => word.candidates.some((tag) => tag.cat === "prep" || tag.cat === "comma" || tag.cat === "rel"));
  const head = phrase[end === -1 ? phrase.length - 1 : end - 1];
  return head !== undefined && isPersonNoun(head.lower, lexicon);
}

const PLACE_WORD =
  /^(?:Bay|Street|School|Council|Museum|Rock|Point|Head|Island|Sea|Ocean|River|Lighthouse|Harbour|Quay|Stack|Marsh|Bridge|Company|Board|The|In|On|At|It|When|While|After|Before)$/;
const PERSONAL_VERB =
  /^(?:says?|said|asks?|asked|whispers?|whispered|cries|cried|replies|replied|thought|wrote|felt|knew|wanted|laughed|smiled|ran|climbed|looked|told|remembered|decided|chose|wondered)$/;

/** A name that *he* or *she* takes up in the same sentence or opens the next one, or that does what only persons do, twice or more. */
function isTakenUp(words: string[], sentence: Sentence, to: number, sentences: readonly Sentence[], lexicon: Lexicon): boolean {
  const name = words.join(" ");
  const known = words.length === 1 ? lexicon.nameKind(name) : undefined;
  if (words.length > 3 || words.some((word) => PLACE_WORD.test(word)) || known === "place" || sentence.words[to - words.length - 1]?.lower === "the")
    return false;
  const isSubject = sentence.clauses.some((clause) => clause.subject.start === to - words.length && clause.subject.end >= to);
  const takenUp = isSubject && (pronounAfter(sentence, to, lexicon) ?? pronounOpening(sentences[sentence.index + 1])) !== undefined;
  const does = (other: Sentence) =>
    new RegExp(`(?:${name} \\p{Ll}+|\\p{Ll}+ ${name})`, "gu")
      .exec(other.text)?.[0]
      ?.split(" ")
      .some((word) => PERSONAL_VERB.test(word)) ?? false;
  const mentions = sentences.filter((other) => other.text.includes(name));
  return mentions.length >= 2 && (takenUp || mentions.some(does));
}

/** In the dictionary groups or something else first; in a text persons. */
const PEOPLE = new Set(
  "grown-up principal climber people person child folk settler villager crowd scientist researcher engineer family crew team staff public founder ruler pioneer mum mom mummy dad daddy grandpa grandma granny grandad auntie".split(
    " ",
  ),
);

/** In the dictionary somebody first (a guard, an alarm raiser, an informer); in a text for schools a thing or an animal. */
const NO_PEOPLE = new Set("screw siren canary rake hood pop grind amazon".split(" "));

export function isAnimalNoun(lemma: string, lexicon: Lexicon): boolean {
  return fileOf(lemma, lexicon) === NounFile.animal;
}

export function isPersonNoun(lemma: string, lexicon: Lexicon): boolean {
  return PEOPLE.has(lemma) || /-year-old$/.test(lemma) || (fileOf(lemma, lexicon) === NounFile.person && !NO_PEOPLE.has(lemma));
}

/** A person in one of its senses: "star", "guide". */
export function mayNamePerson(noun: string, lexicon: Lexicon): boolean {
  return isPersonNoun(noun, lexicon) || lexicon.findWord(noun)?.senses.some((sense) => lexicon.nounFile(sense) === NounFile.person) === true;
}

/**
 * The first *he* or *she* behind a name, unless another name stands between: that may be meant.
 * "Sorrel watched *him*" tells nothing of Sorrel: an object is somebody else.
 */
function pronounAfter(sentence: Sentence, from: number, lexicon: Lexicon): Person["gender"] {
  const isObject = (index: number) =>
    sentence.words[index]!.lower === "him" || (sentence.words[index]!.lower === "her" && !sentence.words[index + 1]?.candidates.some(isInNounPhrase));
  const at = sentence.words.findIndex((word, index) => index >= from && /^(?:he|she|his|her|him)$/.test(word.lower) && !isObject(index));
  const found = sentence.words[at];
  // "When Emilie Demant was a child in *Denmark*, she …": no other person.
  const isPlace = (run: { from: number; to: number }) =>
    lexicon.nameKind(
      sentence.words
        .slice(run.from, run.to)
        .map(({ text }) => text)
        .join(" "),
    ) === "place";
  if (!found || capitalisedRuns(sentence).some((run) => run.from >= from && run.to <= at && !isPlace(run))) return undefined;
  return /^h(?:e|is)$/.test(found.lower) ? "he" : "she";
}

function isInNounPhrase({ cat, cost }: { cat: string; cost: number }): boolean {
  return (cat === "n" || cat === "adj") && cost < 2;
}

/**
 * The pronoun that opens the next sentence. It tells nothing of Sorrel in "Sorrel watched *him*. He …", nor in
 * "They sent Ayoka out and told Sorrel. When *she* …", where another is named.
 */
function pronounNext(sentence: Sentence, from: number, sentences: readonly Sentence[]): Person["gender"] {
  const opening = pronounOpening(sentences[sentence.index + 1]);
  const isOthers = sentence.words.some(({ lower }) => lower === (opening === "he" ? "him" : "her"));
  const isSubject = sentence.clauses.some(({ subject }) => subject.start === from);
  return opening && !isOthers && (isSubject || capitalisedRuns(sentence).length === 1) ? opening : undefined;
}

const OPENING = /^(?:(?:Then|Suddenly|Soon|When|Whenever|While|So|But|And|Now|At last|Finally|Instead),? )?(he|his|she|her)\b/i;

/** "The engineer *Kestrel* paints clocks. Our reporters met *him* beside his newest clock." */
const MET = /^(?:Our|The|A) (?:\p{L}+ ){1,6}?(?:met|interviewed|visited|asked|(?:talked|spoke) (?:to|with)) (him|her)\b/u;

function pronounOpening(sentence: Sentence | undefined): Person["gender"] {
  const first = (OPENING.exec(sentence?.text ?? "") ?? MET.exec(sentence?.text ?? ""))?.[1]?.toLowerCase();
  return first === undefined ? undefined : first.startsWith("h") && first !== "her" ? "he" : "she";
}
