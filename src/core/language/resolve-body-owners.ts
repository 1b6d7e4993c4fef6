import { nounPhrases } from "./agrees-with";
import { type Antecedent, positionKey, type Sentence } from "./analysis";
import { isAnimalNoun } from "./find-persons";
import { fileOf, type Lexicon, NounFile } from "./lexicon";
import { headTerminal, type Node, walkTree } from "./tree";

/** Any of them: "most other animals". */
const ANY_ANIMAL = /^(?:animal|creature|beast|mammal|prey|predator|male|female|young|livestock|pet)$/;
const FEWEST_NAMINGS = 3;

/**
 * "Two rows of lashes keep sand out of *its eyes*": a part of a body is that of the animal which the
 * whole source is about, where no other stands near. Gives the owners of subjects, and writes the others into their sentences.
 */
export function resolveBodyOwners(sentences: readonly Sentence[], lexicon: Lexicon, owners: ReadonlyMap<string, Antecedent>): Map<string, Antecedent> {
  const found = new Map(owners);
  const animal = topicAnimal(sentences, lexicon);
  if (!animal) return found;
  for (const sentence of sentences) {
    const before = sentences[sentence.index - 1];
    const near = before?.block === sentence.block ? [before, sentence] : [sentence];
    if (!sentence.tree || sentence.block.kind === "heading" || near.some((other) => animalsIn(other, lexicon).some((lemma) => lemma !== animal))) continue;
    const subjects = new Set(sentence.clauses.map(({ subject }) => subject.start));
    for (const np of nounPhrases(sentence.tree)) {
      const [poss] = np.kids;
      const isPart = np.role === "possessor" && poss?.cat === "poss" && poss.lemma === "its" && fileOf(headTerminal(np).lemma ?? "", lexicon) === NounFile.body;
      if (!isPart || !poss || sentence.resolved?.has(poss.start) || sentence.open?.has(poss.start) || isBound(np, sentence, lexicon)) continue;
      const key = positionKey(sentence, np.start);
      if (subjects.has(np.start)) {
        if (!found.has(key)) found.set(key, { text: `the ${animal}`, node: np, sentence });
      } else sentence.resolved = new Map([...(sentence.resolved ?? []), [poss.start, { text: `the ${animal}’s`, sentence }]]);
    }
  }
  return found;
}

/** The sort of animal that a text names in a sentence out of four, and more often than any other. */
function topicAnimal(sentences: readonly Sentence[], lexicon: Lexicon): string | undefined {
  const counts = new Map<string, number>();
  for (const sentence of sentences) for (const lemma of new Set(animalsIn(sentence, lexicon))) counts.set(lemma, (counts.get(lemma) ?? 0) + 1);
  const [[animal, count] = ["", 0], [, next] = ["", 0]] = [...counts].sort((a, b) => b[1] - a[1]);
  return count >= FEWEST_NAMINGS && count * 4 >= sentences.length && count > next * 2 ? animal : undefined;
}

function animalsIn({ tree }: Sentence, lexicon: Lexicon): string[] {
  return tree
    ? walkTree(tree).flatMap(({ cat, lemma }) => (cat === "n" && lemma && isAnimalNoun(lemma, lexicon) && !ANY_ANIMAL.test(lemma) ? [lemma] : []))
    : [];
}

/** Something before it in the sentence may own it: "The robot moves its arm", "A camel closes its eyes". */
function isBound(np: Node, { tree, clauses }: Sentence, lexicon: Lexicon): boolean {
  const isOwner = (other: Node) =>
    other.f.num !== "pl" && other.end <= np.start && (isAnimalNoun(headTerminal(other).lemma ?? "", lexicon) || headTerminal(other).lemma === "it");
  const subject = clauses.find(({ start, end, subject: own }) => start <= np.start && np.end <= end && own.end <= np.start)?.subject;
  const isSubject = subject !== undefined && subject.f.num !== "pl" && fileOf(headTerminal(subject).lemma ?? "", lexicon) !== NounFile.body;
  return nounPhrases(tree!).some(isOwner) || isSubject;
}
