import { type Antecedent, type Person, positionKey, type Sentence } from "./analysis";
import type { Clause } from "./clause";
import { calledName, nodeText } from "./node-text";
import type { Resolved } from "./resolve-objects";
import { coreOf, type Node } from "./tree";

type Known = { antecedents: ReadonlyMap<string, Antecedent>; persons: ReadonlyMap<string, Person> };

/** "*Annie Besant* wrote down what the workers told *her*": whoever the sentence is about, and no name again. */
export function isSubjectAgain({ text }: Resolved, { lemma, start }: Node, sentence: Sentence, { antecedents, persons }: Known): boolean {
  const isTold = ({ role, node }: Clause["complements"][number]) => role === "clause" && node.start <= start && node.end > start;
  const main = sentence.clauses.find(({ rank, complements }) => rank === "main" && complements.some(isTold));
  if (!main || !/^(?:him|her)$/.test(lemma ?? "")) return false;
  const subject =
    antecedents.get(positionKey(sentence, main.subject.start))?.text ?? calledName(main.subject, sentence) ?? nodeText(sentence, coreOf(main.subject));
  const person = persons.get(subject);
  return person !== undefined && person === persons.get(text);
}

/** "three stars a minute … about 350,000 *of them*": more than there are. */
export function areTooFew(text: string, pronoun: Node, { words }: Sentence): boolean {
  const before = (at: number) => words[at]?.text ?? "";
  const isMany = before(pronoun.start - 1) === "of" && /\d{2,}|hundred|thousand|million/.test(before(pronoun.start - 2));
  return isMany && /^(?:the )?(?:two|three|four|five|six|seven|eight|nine|ten|twelve) /i.test(text);
}
