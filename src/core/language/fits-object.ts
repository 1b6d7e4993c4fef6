import type { Person, Sentence } from "./analysis";
import { isAnimalNoun, isPersonNoun } from "./find-persons";
import { type Lexicon, NounFile } from "./lexicon";
import { midSentence } from "./node-text";
import { nounGender } from "./noun-gender";
import { coreOf, headTerminal, type Node, walkTree } from "./tree";

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

/** "a strip of wool *about as long as your hand*": which one is meant needs no such words again. */
export function withoutSize(text: string): string {
  return text.replace(/ (?:about |almost |nearly |at least )?(?:twice |half )?as (?:long|big|large|thick|wide|tall|high|small|thin|deep) as .*$/, "");
}

/** "server", "printer": somebody, or a machine. */
function isAlsoThing(lemma: string, lexicon: Lexicon): boolean {
  return (lexicon.findWord(lemma)?.senses ?? []).some((sense) => lexicon.nounFile(sense) === NounFile.artifact);
}

/** "a filling for *the soles of boots that kept them from squeaking*": what the phrase around the pronoun names is nearer than any sentence before. */
export function isOfOwnPhrase(pronoun: Node, sentence: Sentence, { persons, lexicon }: { persons: ReadonlyMap<string, Person>; lexicon: Lexicon }): boolean {
  const clause = walkTree(sentence.tree!).find(({ cat, start, end }) => cat === "rc" && start <= pronoun.start && end >= pronoun.end);
  const around = clause ? walkTree(sentence.tree!).filter(({ cat, start, end }) => cat === "np" && start < clause.start && end >= clause.end) : [];
  return around.flatMap(walkTree).some((np) => {
    const isNamed = np.cat === "np" && np.end <= clause!.start && /^(?:n|pn)$/.test(headTerminal(np).cat) && !np.f.time;
    return isNamed && fits(pronoun, coreOf(np), midSentence(sentence, coreOf(np)), persons, lexicon);
  });
}
