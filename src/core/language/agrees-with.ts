import type { Antecedent, Person, Sentence } from "./analysis";
import { MASS_NOUNS } from "./data/irregular-nouns";
import { MANY_AS_ONE, TIME_NOUNS } from "./data/noun-classes";
import { isAnimalNoun, isPersonNoun } from "./find-persons";
import type { Lexicon } from "./lexicon";
import { isNoAntecedent } from "./no-antecedent";
import { nodeText } from "./node-text";
import { nounGender } from "./noun-gender";
import { headTerminal, type Node } from "./tree";

/** "In 1955 he …": neither a time nor what differs in number is taken up. */
export function mayBe(pronoun: string, np: Node, sentence: Sentence, persons: ReadonlyMap<string, Person>, lexicon: Lexicon): boolean {
  if (np.f.time || np.f.det === "pron" || np.f.det === "clause" || TIME_NOUNS.has(headTerminal(np).lemma ?? "")) return false;
  if (isNoAntecedent(np, sentence)) return false;
  return agrees(pronoun, { text: nodeText(sentence, np), node: np, sentence }, persons, lexicon);
}

export function nounPhrases(node: Node): Node[] {
  return [...(node.cat === "np" ? [node] : []), ...node.kids.flatMap(nounPhrases)];
}

export function agrees(pronoun: string, { text, node }: Antecedent, persons: ReadonlyMap<string, Person>, lexicon: Lexicon): boolean {
  const num = node.f.num ?? "any";
  const head = headTerminal(node);
  // "the air" is never they.
  if (pronoun === "they") return num === "pl" || node.role === "coordination" || (num !== "sg" && !MASS_NOUNS.has((head.lemma ?? "").toLowerCase()));
  // "*The Romans* mixed it with lime": many, and never it.
  const isMany = node.f.det === "def" && head.cat === "pn" && /(?:an|ian|er|ish|on|ite|ic)s$/.test(head.lemma ?? "");
  if (num === "pl" || isMany) return false;
  // "*Her family* moved. In 1903 she …": a family is no she.
  if (head.cat === "n" && MANY_AS_ONE.has(head.lemma ?? "") && pronoun !== "it") return false;
  const told = nounGender(head.lemma ?? "");
  if (told !== undefined && (pronoun === "he" || pronoun === "she") && told !== pronoun) return false;
  const person = persons.get(text) ?? persons.get(text.split(" ").at(-1)!);
  // "*Everyone who came out* was greeted by a painting. It …"; "*the word scientist*" is nobody.
  const isNoun = head.cat === "n" && !/^the (?:word|term) \p{Ll}/iu.test(text);
  const human = Boolean(person) || (isNoun && isPersonNoun(head.lemma ?? "", lexicon)) || /(?:body|one)$/.test(head.cat === "pro" ? head.lemma! : "");
  if (pronoun === "it") return !human && !node.f.time;
  // Somebody whose name tells nothing is not taken up where another is known to be a he or a she.
  const isOpen = person !== undefined && person.gender === undefined && [...persons.values()].some((other) => other !== person && other.gender === pronoun);
  // "The goat shook her head": an animal that is told of like somebody.
  const isAnimal = head.cat === "n" && node.f.det === "def" && isAnimalNoun(head.lemma ?? "", lexicon);
  return (human || isAnimal) && !isOpen && (!person?.gender || person.gender === pronoun) && node.f.det !== "quant";
}
