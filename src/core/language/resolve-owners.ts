import { agrees, mayBe, nounPhrases } from "./agrees-with";
import { type Antecedent, type Person, positionKey, type Sentence } from "./analysis";
import type { Clause } from "./clause";
import { antecedentOf, mainClause } from "./clause-before";
import type { Lexicon } from "./lexicon";
import { midSentence } from "./node-text";
import { nounGender } from "./noun-gender";
import { ownerPronounOf } from "./subject-pronoun";
import { headTerminal, type Node } from "./tree";

/**
 * "The council meets every month. *Its* meetings are open": whose a subject is, where the sentence before
 * tells of one thing that can own it and of nothing else that agrees. By the subject's sentence and word.
 */
export function resolveOwners(
  sentences: readonly Sentence[],
  persons: ReadonlyMap<string, Person>,
  lexicon: Lexicon,
  antecedents: ReadonlyMap<string, Antecedent>,
): Map<string, Antecedent> {
  const found = new Map<string, Antecedent>();
  for (const sentence of sentences) {
    const before = sentences[sentence.index - 1];
    const [clause] = sentence.clauses.filter(({ rank }) => rank === "main");
    const known = { persons, lexicon, antecedents };
    const owner = clause && (ownerAhead(clause, before, known) ?? (before?.block === sentence.block ? ownerOf(clause, before, known) : undefined));
    if (clause && owner) found.set(positionKey(sentence, clause.subject.start), owner);
    if (clause) for (const [inner, whose] of ownedInside(clause, known)) found.set(positionKey(sentence, inner.subject.start), whose);
  }
  return found;
}

/** "As a loop grows, *its* neck becomes narrower": the one thing that the clause in front tells of, where the sentence before may not be meant. */
function ownerAhead({ sentence, subject }: Clause, before: Sentence | undefined, { persons, lexicon, antecedents }: Known): Antecedent | undefined {
  const pronoun = ownerPronounOf(subject);
  const [ahead, ...more] = sentence.clauses.filter(({ rank, end }) => rank === "adverbial" && end <= subject.start);
  if (!pronoun || !ahead || more.length > 0 || !sentence.tree || ahead.subject.f.det === "pron") return undefined;
  const antecedent = antecedentOf(ahead, antecedents);
  if (!antecedent || !agrees(pronoun, antecedent, persons, lexicon)) return undefined;
  const isOther = (np: Node) => headTerminal(np) !== headTerminal(ahead.subject) && mayBe(pronoun, np, sentence, persons, lexicon);
  if (nounPhrases(sentence.tree).some((np) => np.end <= subject.start && isOther(np))) return undefined;
  // "The hive is warm. When a bee leaves, *its* temperature falls": the hive's, or the bee's?
  const told = before?.block === sentence.block ? mainClause(before) : undefined;
  const topic = told && antecedentOf(told, antecedents);
  const isTopic = topic && topic.text.toLowerCase() !== antecedent.text.toLowerCase() && agrees(pronoun, topic, persons, lexicon);
  return isTopic ? undefined : antecedent;
}

/** "Jonna laughed so loudly that *her* father woke up": whoever the sentence is about, where nobody else in it can be meant. */
function ownedInside({ sentence, subject }: Clause, { persons, lexicon, antecedents }: Known): [Clause, Antecedent][] {
  const main = sentence.clauses.filter(({ rank }) => rank === "main");
  const about = main.length === 1 ? antecedentOf(main[0]!, antecedents) : undefined;
  return sentence.clauses.flatMap((clause): [Clause, Antecedent][] => {
    const { subject: own } = clause;
    const pronoun = ownerPronounOf(own);
    if (pronoun !== "she" && pronoun !== "he") return [];
    if (!about || !sentence.tree || clause.rank !== "adverbial" || own.start < subject.end || !persons.has(about.text)) return [];
    const isOther = (np: Node) => np.start >= subject.end && np.end <= own.start && (np.f.det === "proper" || mayBe(pronoun, np, sentence, persons, lexicon));
    return agrees(pronoun, about, persons, lexicon) && !nounPhrases(sentence.tree).some(isOther) ? [[clause, about]] : [];
  });
}

type Known = { persons: ReadonlyMap<string, Person>; lexicon: Lexicon; antecedents: ReadonlyMap<string, Antecedent> };

function ownerOf({ sentence, subject }: Clause, before: Sentence, { persons, lexicon, antecedents }: Known): Antecedent | undefined {
  const pronoun = ownerPronounOf(subject);
  if (pronoun === "she" || pronoun === "he") return soleOwner(pronoun, before, { persons, lexicon, antecedents });
  const told = pronoun && mainClause(before);
  const antecedent = told && antecedentOf(told, antecedents);
  // "*Most salmon* die. Their bodies …": theirs who died.
  if (antecedent?.node.f.det === "quant") return undefined;
  if (!pronoun || !told || !antecedent || !before.tree || !sentence.tree || !agrees(pronoun, antecedent, persons, lexicon)) return undefined;
  // "The roof of the tower leaks. *Its* beams are rotten": of the roof, or the tower?
  if (nounPhrases(antecedent.node).some((np) => headTerminal(np) !== headTerminal(antecedent.node))) return undefined;
  const isRival = (np: Node, home: Sentence) => np.f.det !== "poss" && mayBe(pronoun, np, home, persons, lexicon);
  const isSame = (np: Node) =>
    (np.start >= told.subject.start && np.end <= told.subject.end) ||
    // "The Romans were *great builders*": the same ones.
    (told.verb.cat === "be" && told.complements.some(({ role, node }) => role === "predicate" && headTerminal(node) === headTerminal(np)));
  if (nounPhrases(before.tree).some((np) => !isSame(np) && isRival(np, before))) return undefined;
  return nounPhrases(sentence.tree).some((np) => np.end <= subject.start && isRival(np, sentence)) ? undefined : antecedent;
}

/** "Each colony has a queen. *Her* only job is to lay eggs": the one she that the sentence before tells of, who has no name. */
function soleOwner(pronoun: "she" | "he", before: Sentence, { persons, lexicon }: Known): Antecedent | undefined {
  const isNamedSo = (np: Node) => nounGender(headTerminal(np).lemma ?? "") === pronoun;
  const may = before.tree
    ? nounPhrases(before.tree).filter((np) => headTerminal(np).cat !== "pro" && (isNamedSo(np) || mayBe(pronoun, np, before, persons, lexicon)))
    : [];
  const heads = new Set(may.map((np) => headTerminal(np)));
  const [np] = may;
  if (!np || heads.size !== 1 || !isNamedSo(np)) return undefined;
  const text = midSentence(before, np);
  return /^an? \p{L}+(?: \p{L}+)?$/u.test(text) ? { text: text.replace(/^an? /, "the "), node: np, sentence: before } : undefined;
}
