import { type Antecedent, type Person, positionKey, type Sentence } from "./analysis";
import type { Clause } from "./clause";
import { TIME_NOUNS } from "./data/noun-classes";
import { isPersonNoun } from "./find-persons";
import type { Lexicon } from "./lexicon";
import { calledName, nodeText } from "./node-text";
import { nounGender } from "./noun-gender";
import type { Resolved } from "./resolve-objects";
import { coreOf, headTerminal, type Node, walkTree } from "./tree";

type Known = { antecedents: ReadonlyMap<string, Antecedent>; persons: ReadonlyMap<string, Person> };

/** "*Annie Besant* wrote down what the workers told *her*": whoever the sentence is about, and no name again. */
export function isSubjectAgain({ text }: Resolved, { lemma, start }: Node, sentence: Sentence, { antecedents, persons }: Known): boolean {
  // "he paid a tutor *to give him lessons*"
  const isTold = ({ role, node }: Clause["complements"][number]) =>
    (role === "clause" || (node.cat === "vp" && node.f.form === "to")) && node.start <= start && node.end > start;
  const main = sentence.clauses.find(({ rank, complements, adjuncts }) => rank === "main" && [...complements, ...adjuncts].some(isTold));
  if (!main || !/^(?:him|her)$/.test(lemma ?? "")) return false;
  const subject =
    antecedents.get(positionKey(sentence, main.subject.start))?.text ?? calledName(main.subject, sentence) ?? nodeText(sentence, coreOf(main.subject));
  const person = persons.get(subject);
  return person !== undefined && person === persons.get(text);
}

/** "married *a soldier* and returned to France with *him*": somebody whom the sentence itself tells of, and no name of another. */
export function isOfStranger(pronoun: Node, { tree, words, clauses }: Sentence, lexicon: Lexicon): boolean {
  const gender = pronoun.lemma === "her" ? "she" : "he";
  return walkTree(tree!).some((np) => {
    const { cat, lemma = "" } = headTerminal(np);
    const isMet = np.cat === "np" && np.f.det === "indef" && np.f.num === "sg" && np.end <= pronoun.start && cat === "n" && isPersonNoun(lemma, lexicon);
    // "*A friend* persuaded her", "sent her to *a cook*": only whom somebody did something to goes on.
    const isObject = clauses.some(({ rank, complements }) => rank === "main" && complements.some(({ role, node }) => role === "object" && node === np));
    return isMet && isObject && (nounGender(lemma) ?? gender) === gender && words[np.start - 1]?.lower !== "as";
  });
}

/** "three stars a minute … about 350,000 *of them*": more than there are. */
export function areTooFew(text: string, pronoun: Node, { words }: Sentence): boolean {
  const before = (at: number) => words[at]?.text ?? "";
  const isMany = before(pronoun.start - 1) === "of" && /\d{2,}|hundred|thousand|million/.test(before(pronoun.start - 2));
  return isMany && /^(?:the )?(?:two|three|four|five|six|seven|eight|nine|ten|twelve) /i.test(text);
}

/** "Queen Victoria sent *her* fifty pounds", where two women are told of: the other one, of whom the sentence before speaks. */
export function otherOfTwo(pronoun: Node, sentence: Sentence, before: Sentence | undefined, { antecedents, persons }: Known): string | undefined {
  const gender = pronoun.lemma === "her" ? "she" : "he";
  const clause = sentence.clauses.find(({ rank, start, end }) => rank === "main" && start <= pronoun.start && pronoun.start < end);
  const own = clause && persons.get(nodeText(sentence, coreOf(clause.subject)));
  const all = [...new Set(persons.values())].filter((person) => person.gender === gender || person.gender === undefined);
  const [other, ...more] = all.filter((person) => person !== own);
  if (!own || own.gender !== gender || other?.gender !== gender || more.length > 0 || before?.block !== sentence.block) return undefined;
  const isToldOf = before.clauses.some(
    ({ subject }) => persons.get(antecedents.get(positionKey(before, subject.start))?.text ?? nodeText(before, coreOf(subject))) === other,
  );
  return isToldOf ? other.name : undefined;
}

/** "nine hours … eight *of them*" */
export function tellsTimes({ words }: Sentence, pronoun: Node): boolean {
  const counted = words[pronoun.start - 2]?.candidates.some(({ cat }) => cat === "num") === true;
  return (
    counted &&
    words
      .slice(0, pronoun.start)
      .some(({ candidates }) => candidates.some(({ cat, flags, lemma }) => cat === "n" && flags?.[0] === "pl" && TIME_NOUNS.has(lemma ?? "")))
  );
}
