import { literally } from "../lib/literally";
import type { Person, Sentence } from "./analysis";
import type { Clause } from "./clause";
import { isPersonNoun } from "./find-persons";
import type { Lexicon } from "./lexicon";
import { nodeText } from "./node-text";
import { nounGender } from "./noun-gender";
import { headTerminal, holdsPronoun, type Node, walkTree } from "./tree";

const OTHER_WOMEN = /\b(?:mother|woman|girl|wife|sister|aunt|lady|daughter|grandmother|queen|captain|mayor|teacher|nurse|doctor|keeper|friend|niece)\b/i;
const OTHER_MEN = /\b(?:father|man|boy|husband|brother|uncle|son|grandfather|king|captain|mayor|teacher|doctor|keeper|friend|engineer|fisherman|nephew)\b/i;

/** Where the source names one woman only (or one man), and no other is near, *she* (or *he*) is that one. */
export function solePerson(
  pronoun: string,
  persons: ReadonlyMap<string, Person>,
  sentence: Sentence,
  before: Sentence | undefined,
  lexicon: Lexicon,
  /** For the owner of somebody: "*her* mother" is not her own mother. */
  ofOwner = false,
): string | undefined {
  if (pronoun !== "he" && pronoun !== "she") return undefined;
  // "not to deal with *somebody* until *he* changes what he does": whoever that is.
  if (!ofOwner && new RegExp(`\\b(?:some|any)(?:body|one)\\b(?! else).*\\b${pronoun}\\b`, "i").test(sentence.text)) return undefined;
  // Nobody is meant who has not been named yet.
  // Whoever answers speaks of somebody else than of whoever asks.
  const all = [...new Set(persons.values())].filter((person) => (person.firstSeen ?? 0) <= sentence.index && !(sentence.speaker && person.speaks));
  const fitting = all.filter((person) => person.gender === pronoun || person.gender === undefined);
  const near = withoutPredicates(`${before?.text ?? ""} ${sentence.text}`);
  if (othersOf(pronoun).test(ofOwner ? withoutKin(near) : near)) return undefined;
  // Who is named in the sentence itself is nearer than whoever stands before it.
  const isNamed = all.some((person) => person.gender === pronoun && person.name.split(" ").some((word) => sentence.text.includes(word)));
  const around = before?.block === sentence.block && !isNamed ? [before, sentence] : [sentence];
  if (around.some((one) => speaksOfSomebody(one, pronoun, lexicon))) return undefined;
  // "*Jonna* called Mina": somebody of whom nothing else is known may be a she as well.
  const isUnknown = ({ subject }: Clause) => {
    const name = nodeText(sentence, subject);
    return (
      headTerminal(subject).cat === "pn" &&
      subject.end - subject.start === 1 &&
      !persons.has(name) &&
      lexicon.nameKind(name) !== "place" &&
      !lexicon.findWord(name.toLowerCase())
    );
  };
  if (ofOwner && sentence.clauses.some(isUnknown)) return undefined;
  if (fitting.length === 1) return fitting[0]!.gender === pronoun ? fitting[0]!.name : undefined;
  // A life is told of one person: named most often, and no other who might be meant stands near.
  const [first, ...more] = all.filter((person) => person.gender === pronoun);
  // Somebody of whom neither is known, and who is spoken of again, may be meant.
  if (fitting.some((person) => person !== first && (person.mentions ?? 0) >= 2)) return undefined;
  if (!first || more.length > 0 || (first.mentions ?? 0) < 3 || all.some((person) => (person.mentions ?? 0) > (first.mentions ?? 0))) return undefined;
  return fitting.some((person) => person !== first && person.name.split(" ").some((word) => near.includes(word))) ? undefined : first.name;
}

/**
 * Where the sentences before in the paragraph name one man only (or one woman), and speak of no other,
 * *he* (or *she*) is that one, whoever else the source tells of.
 */
export function paragraphPerson(
  pronoun: string,
  persons: ReadonlyMap<string, Person>,
  sentence: Sentence,
  sentences: readonly Sentence[],
  lexicon: Lexicon,
): string | undefined {
  if (pronoun !== "he" && pronoun !== "she") return undefined;
  const told = sentences.slice(sentence.index - sentence.indexInBlock, sentence.index);
  if (told.some((other) => other.abstained === "speech")) return undefined;
  const text = [...told, sentence].map((other) => other.text).join(" ");
  const words = new Set(text.match(/\p{Lu}[\p{L}-]*/gu) ?? []);
  const named = new Set([...words].flatMap((word) => (word.length > 2 ? (persons.get(word) ?? []) : [])));
  const [first, ...more] = [...named].filter((person) => person.gender === pronoun || person.gender === undefined);
  if (!first || more.length > 0 || first.gender !== pronoun || !told.some(({ text: said }) => first.name.split(" ").some((word) => said.includes(word))))
    return undefined;
  // "He heard himself say that Anton was well": the paragraph told of another before it named him.
  const opening = new RegExp(`\\b(?:${pronoun === "he" ? "he|him|his" : "she|her"})\\b`, "i").exec(text)?.index ?? text.length;
  const naming = Math.min(...first.name.split(" ").map((word) => (text.includes(word) ? text.indexOf(word) : text.length)));
  if (opening < naming) return undefined;
  if (isSinceAnother(first.name, pronoun, sentence, sentences, false, lexicon)) return undefined;
  return othersOf(pronoun).test(withoutTitles(withoutPredicates(text), first)) ? undefined : first.name;
}

/**
 * "*An old man* stopped her. … *He* pointed at the handle", "*The notary* checks it. … *She* reads it aloud": somebody
 * without a name, told of since the one who has a name was named last, is the one whom the pronoun means; outside of
 * stories only in the same paragraph, and somebody with a trade.
 */
export function isSinceAnother(name: string, pronoun: string, sentence: Sentence, sentences: readonly Sentence[], isStory: boolean, lexicon: Lexicon): boolean {
  if (pronoun !== "he" && pronoun !== "she") return false;
  const parts = name.split(" ").filter((part) => part.length > 2);
  const earlier = sentences.slice(isStory ? 0 : sentence.index - sentence.indexInBlock, sentence.index).filter(({ block }) => block.kind !== "heading");
  const last = earlier.findLastIndex(({ text }) => parts.some((part) => text.includes(part)));
  const since = earlier.slice(last + 1);
  if (!isStory) return last >= 0 && since.some((one) => speaksOfSomebody(one, pronoun, lexicon));
  return last >= 0 && since.some(({ text }) => othersOf(pronoun).test(withoutPredicates(text.replace(/["“][^"”]*["”]/g, ""))));
}

/** "*The cook* leaned out": somebody with a trade and no name, whom the pronoun may mean as well. */
function speaksOfSomebody({ words }: Sentence, pronoun: "he" | "she", lexicon: Lexicon): boolean {
  return words.some(({ candidates, text, lower }, at) => {
    const noun = candidates.find(({ cat, cost, flags }) => cat === "n" && cost < 2 && flags?.[0] === "sg")?.lemma;
    if (!noun || text !== lower || words[at - 1]?.lower !== "the" || !isPersonNoun(noun, lexicon)) return false;
    // "the engineer Bazalgette" has his name behind him.
    const isNamed = /^\p{Lu}/u.test(words[at + 1]?.text ?? "");
    return !isNamed && (nounGender(noun) ?? pronoun) === pronoun;
  });
}

function othersOf(pronoun: "he" | "she"): RegExp {
  return pronoun === "she" ? OTHER_WOMEN : OTHER_MEN;
}

/** "she was *a woman*", "worked as *a keeper*": said of the same person, and nobody else. */
function withoutPredicates(text: string): string {
  return (
    text
      .replace(/\b(is|was|been|became|as) (?:an?|the) (?:\p{Ll}+ ){0,2}\p{Ll}+/giu, "$1")
      // "made her *its first woman member*", "said that *a married woman* could not": of her, and of any.
      .replace(/\b(made (?:her|him)) (?:its|their|the|an?) (?:\p{Ll}+ ){0,3}\p{Ll}+/giu, "$1")
      .replace(/\bthat an? (?:\p{Ll}+ ){0,2}(?:woman|man|girl|boy|lady)\b/giu, "that")
      // "how hard it was *for a woman to* take four men's place": for any.
      .replace(/\b(?:for|of) an? (?:\p{Ll}+ )?(?:woman|man|girl|boy|lady) (?=to\b)/giu, "")
      // "would harm *a girl's* health", "*no lady* could walk into a shop": any, and nobody.
      .replace(/\ban? (?:\p{Ll}+ )?(?:woman|man|girl|boy|lady)[’']s\b|\bno (?:\p{Ll}+ )?(?:woman|man|girl|boy|lady)\b/giu, "")
  );
}

/** "*her mother* forbade it": whose she is, and no other whom *her* may mean. */
function withoutKin(text: string): string {
  return text.replace(
    /\b(her|his) (?:\p{Ll}+ )?(?:mother|father|parents|sister|brother|aunt|uncle|wife|husband|daughter|son|grandmother|grandfather)\b/giu,
    "$1",
  );
}

/** "*the engineer* Joseph Bazalgette", "John Snow, *a doctor in Soho*," */
function withoutTitles(text: string, { name }: Person): string {
  const first = name.split(" ")[0]!;
  const last = name.split(" ").at(-1)!;
  return text.replace(new RegExp(`\\b\\p{Ll}+ (?=${literally(first)})`, "gu"), "").replace(new RegExp(`${literally(last)}, an? [^,.]+`, "gu"), last);
}

/** "When Said became ruler, *he* gave de Lesseps permission": nobody gives himself something by his name, and Said was told of last. */
export function meansAnother(name: string, pronoun: string, clause: Clause, earlier: Clause | undefined, persons: ReadonlyMap<string, Person>): boolean {
  const parts = name.split(" ").filter((part) => part.length > 2);
  const isNamed = (node: Node) => walkTree(node).some(({ cat, lemma }) => cat === "pn" && parts.includes(lemma ?? ""));
  const isObject = clause.complements.some(({ role, node }) => /^object/.test(role) && isNamed(node));
  const isOther = earlier?.subject.f.det === "proper" && headTerminal(earlier.subject).cat === "pn" && !isNamed(earlier.subject);
  // "When Jory came, *she* gave *him* a broom": Jory is him.
  const gender = earlier && persons.get(nodeText(earlier.sentence, earlier.subject))?.gender;
  const isTheOther = clause.complements.some(({ node }) => holdsPronoun(node, pronoun === "he" ? "her" : "him"));
  return isObject || (isOther && !isTheOther && (!gender || gender === pronoun));
}

/** "“So was my wife,” … *He* threw the potato": whoever speaks in the paragraph goes on, and nobody says who that is. */
export function speaksUnnamed(sentence: Sentence, sentences: readonly Sentence[], name: string): boolean {
  const before = sentences.slice(sentence.index - sentence.indexInBlock, sentence.index);
  return before.length > 0 && before.every(({ abstained, text }) => abstained === "speech" && !name.split(" ").some((word) => text.includes(word)));
}
