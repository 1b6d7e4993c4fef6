import type { Person } from "./analysis";
import { isAnimalNoun, isPersonNoun } from "./find-persons";
import { type Lexicon, NounFile } from "./lexicon";
import { nounGender } from "./noun-gender";
import { headTerminal, type Node } from "./tree";

/** May the object pronoun stand for such a phrase, by number and by sex? */
export function fits(pronoun: Node, node: Node, text: string, persons: ReadonlyMap<string, Person>, lexicon: Lexicon): boolean {
  const num = node.f.num ?? "any";
  const person = persons.get(text) ?? persons.get(text.split(" ").at(-1)!);
  const lemma = (headTerminal(node).lemma ?? "").toLowerCase();
  const human = Boolean(person) || (isPersonNoun(lemma, lexicon) && !isAlsoThing(lemma, lexicon));
  if (pronoun.lemma === "them") return num === "pl" || node.role === "coordination";
  if (num === "pl" || node.role === "coordination") return false;
  if (pronoun.lemma === "it") return !human;
  // "The queen gave Anselm back his knife, and offered *him* two coins": no queen is him.
  const told = nounGender(lemma);
  if (told && told !== (pronoun.lemma === "him" ? "he" : "she")) return false;
  if (!human && node.f.det === "def" && isAnimalNoun(lemma, lexicon)) return true;
  return human && person !== undefined && (!person.gender || person.gender === (pronoun.lemma === "him" ? "he" : "she"));
}

/** "server", "printer": somebody, or a machine. */
function isAlsoThing(lemma: string, lexicon: Lexicon): boolean {
  return (lexicon.findWord(lemma)?.senses ?? []).some((sense) => lexicon.nounFile(sense) === NounFile.artifact);
}
