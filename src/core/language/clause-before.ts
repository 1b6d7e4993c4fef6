import { mayBe } from "./agrees-with";
import { type Antecedent, type Person, positionKey, type Sentence, type TextSort } from "./analysis";
import type { Clause } from "./clause";
import { isAnimalNoun, isPersonNoun } from "./find-persons";
import type { Lexicon } from "./lexicon";
import { calledName, calledTerm, midSentence, nodeText } from "./node-text";
import { pronounOf } from "./subject-pronoun";
import { coreOf, type Node, takenUpBy } from "./tree";

export type Known = {
  sentences: readonly Sentence[];
  persons: ReadonlyMap<string, Person>;
  lexicon: Lexicon;
  sort: TextSort;
  found: ReadonlyMap<string, Antecedent>;
};

/**
 * The main clause of the sentence before. A sentence that was not understood is passed over where the same
 * pronoun opens it, and for *he* and *she* one that tells of nobody: "He knew. Something was missing. *He* …".
 */
export function clauseBefore(sentence: Sentence, pronoun: string, known: Known): Clause | undefined {
  const { sentences } = known;
  let at = sentence.index - 1;
  const opening = new RegExp(`^(?:(?:In|During|By|After|At|For) [^,]{3,40}, )?${pronoun}\\b`, "i");
  while (sentences[at]?.block === sentence.block && sentences[at]?.clauses.length === 0 && opening.test(sentences[at]!.text)) at--;
  const isOfSomebody = pronoun === "he" || pronoun === "she";
  if (isOfSomebody) while (sentences[at]?.block === sentence.block && tellsOfNobody(sentences[at]!, known)) at--;
  const before = sentences[at];
  if (before?.block !== sentence.block) return undefined;
  return mainClause(before) ?? (isOfSomebody ? clauseOfSomebody(before, pronoun, known) : sameThroughout(before, known));
}

/** "The frog can move its legs, and a day later *it* is looking for a mate. It …": one subject, told first by its noun and then by its pronoun. */
function sameThroughout({ clauses }: Sentence, { found }: Known): Clause | undefined {
  const [first, ...more] = clauses.filter(({ rank }) => rank === "main");
  const own = first && antecedentOf(first, found)?.text.toLowerCase();
  return own && more.every((clause) => pronounOf(clause.subject) && antecedentOf(clause, found)?.text.toLowerCase() === own) ? first : undefined;
}

/** "Something was missing.": no person, no animal, no pronoun for one. */
function tellsOfNobody({ tree, text, words }: Sentence, { persons, lexicon }: Known): boolean {
  if (!tree || /\b(?:he|she|they|him|her|his|them|their|who|somebody|someone)\b/i.test(text)) return false;
  const isSomebody = ({ cat, cost, lemma = "" }: { cat: string; cost: number; lemma?: string }) =>
    cost < 3 && ((cat === "n" && (isPersonNoun(lemma, lexicon) || isAnimalNoun(lemma, lexicon))) || (cat === "pn" && persons.has(lemma)));
  return !words.some(({ candidates }) => candidates.some(isSomebody));
}

/** "The fog was thick, and *Rowan* ran down": of several subjects the one that may be meant. */
export function clauseOfSomebody(sentence: Sentence, pronoun: string, { persons, lexicon, found }: Known): Clause | undefined {
  const main = sentence.clauses.filter(
    ({ rank, subject }) => rank === "main" && (pronounOf(subject) === pronoun || mayBe(pronoun, coreOf(subject), sentence, persons, lexicon)),
  );
  // "Cousteau did not believe it, and *he* set out. He towed …": the he is Cousteau again.
  const named = main.map(({ subject }) => (found.get(positionKey(sentence, subject.start))?.text ?? nodeText(sentence, subject)).toLowerCase());
  return new Set(named).size === 1 ? main[0] : undefined;
}

/** A stand-in node for a name that is taken from elsewhere. */
export function namedNode(name: string, at: Node): Node {
  return { ...at, f: { num: "sg", det: "proper" }, kids: [{ ...at, cat: "pn", kids: [], lemma: name, flags: [] }] };
}

export function mainClause(sentence: Sentence): Clause | undefined {
  const main = sentence.clauses.filter((clause) => clause.rank === "main");
  const subjects = new Set(main.map((clause) => clause.subject.start));
  // "*She* saw girls racing, and *she* decided to learn": one and the same.
  const [first] = main;
  const pronoun = first && pronounOf(first.subject);
  const isOne = (pronoun === "she" || pronoun === "he") && main.every(({ subject }) => pronounOf(subject) === pronoun);
  return subjects.size === 1 || isOne ? first : undefined;
}

export function antecedentOf(clause: Clause, found: ReadonlyMap<string, Antecedent>): Antecedent | undefined {
  if (clause.imperative || clause.subject.cat === "there") return undefined;
  const key = positionKey(clause.sentence, clause.subject.start);
  if (found.has(key)) return found.get(key);
  // "The first keeper was Abel Thorne. He …": by his name.
  const named =
    clause.verb.cat === "be" ? clause.complements.find(({ role, node }) => role === "predicate" && coreOf(node).f.det === "proper")?.node : undefined;
  // "An English doctor *named Thomas Young* made it. He …"
  const term = calledTerm(clause.subject, clause.sentence);
  if (term) return { text: term, node: clause.subject, sentence: clause.sentence };
  const called = calledName(clause.subject, clause.sentence);
  if (called?.includes(" ")) return { text: called, node: namedNode(called, clause.subject), sentence: clause.sentence };
  // "*The last army to give up its pigeons* was the Swiss one. It …": the last of which, the words behind it say.
  if (!named && clause.subject.role === "reduced" && clause.subject.kids[1]?.f.form === "to") return undefined;
  const node = takenUpBy(named ?? clause.subject);
  if (node.f.det === "pron" || node.f.det === "clause" || node.f.det === "dem") return undefined;
  const text = midSentence(clause.sentence, node, nodeText(clause.sentence, node));
  // "Most of the workers were immigrants. They …": all of them, or most?
  if (/^(?:most|many|some|half|part|several|a few) of\b| of (?:one|some)$/i.test(text)) return undefined;
  // "Not all rust is useless. Painters have used it": rust, and not all of it.
  if (/^(?:not|no|few|little|hardly any)\b/i.test(text)) return undefined;
  // "Nearly all glaciers are growing shorter. In the Alps *they* have lost half": the glaciers there, and not nearly all.
  const all = /^(?:nearly|almost) all (?:of )?(?:the )?(\p{Ll}.*)$/iu.exec(text)?.[1];
  if (all) return { text: all, node, sentence: clause.sentence };
  const past = [clause.verb, ...clause.auxiliaries].some((node) => node.flags?.includes("past"));
  // "*A single Bible* kept a monk busy. It cost …", "In those days *a computer* was not a machine": any of them.
  const isAny =
    /^an? single\b/.test(text) || (clause.verb.cat === "be" && clause.complements.some(({ node: { cat, f } }) => cat === "np" && f.det === "indef"));
  const known = node.f.det === "indef" && past && !isAny ? text.replace(/^an? /, "the ") : text;
  return { text: known, node, sentence: clause.sentence };
}
