import { agreesAsTold } from "./agrees-as-told";
import { agrees, mayBe, nounPhrases } from "./agrees-with";
import { type Antecedent, type Person, positionKey, type Sentence, type TextSort } from "./analysis";
import type { Clause } from "./clause";
import { antecedentOf, clauseBefore, clauseOfSomebody, type Known, mainClause, namedNode } from "./clause-before";
import { DEMONYMS, TIME_NOUNS, UNIQUE_NOUNS } from "./data/noun-classes";
import { anyOfSort } from "./he-or-she";
import type { Lexicon } from "./lexicon";
import { namedBefore } from "./named-before";
import { namedTogether } from "./named-together";
import { nodeText } from "./node-text";
import { objectAhead, objectOfCommand } from "./object-taken-up";
import { onlyThing } from "./only-thing";
import { goesOnWithIt, isThingAsking, isThingsDeed, isWhatWentOn, leavesRival, mayDo, namesSuch, saysOfAnother, thinksOf } from "./pronoun-rivals";
import { resolveDemonstrative } from "./resolve-demonstratives";
import { isSinceAnother, meansAnother, paragraphPerson, solePerson, speaksUnnamed } from "./sole-person";
import { isExpletive, pronounOf } from "./subject-pronoun";
import { isTopicAhead, isTopicOfText, topicOnly } from "./topic-of-text";
import { headTerminal, holdsPronoun, type Node, walkTree } from "./tree";

/**
 * Two patterns only, since only they are safe: a subject pronoun that opens a sentence stands for the
 * subject of the main clause before it, in the same paragraph; inside a sentence it stands for the
 * subject before it when nothing else there agrees. Everything else stays open, and is not asked.
 */
export function resolvePronouns(
  sentences: readonly Sentence[],
  persons: ReadonlyMap<string, Person>,
  lexicon: Lexicon,
  sort: TextSort,
): Map<string, Antecedent> {
  const found = new Map<string, Antecedent>();
  for (const sentence of sentences) {
    const clauses = [...sentence.clauses].sort((a, b) => a.subject.start - b.subject.start);
    for (const [position, clause] of clauses.entries()) {
      const told = resolveOne(clause, position, clauses, { sentences, persons, lexicon, sort, found });
      if (told) found.set(positionKey(sentence, clause.subject.start), ofAnyState(told, clause));
    }
  }
  return found;
}

function resolveOne(clause: Clause, position: number, clauses: readonly Clause[], known: Known): Antecedent | undefined {
  const { sentence } = clause;
  const { sentences, persons, lexicon, found } = known;
  if (clause.subject.f.det === "dem") return resolveDemonstrative(clause, sentences[sentence.index - 1]);
  if (headTerminal(clause.subject).lemma === "he or she") return anyOfSort(sentence, sentences[sentence.index - 1], lexicon);
  const pronoun = pronounOf(clause.subject);
  // "When the tide leaves it dry, it …": the two its are one thing, and that is not the tide.
  if (!pronoun || isExpletive(pronoun, clause) || sharesPronoun(sentence, clause, pronoun)) return undefined;
  const before = sentences[sentence.index - 1];
  const term = pronoun === "it" && position === 0 && before?.block === sentence.block ? namedBefore(before) : undefined;
  if (term) return term;
  const later = inFront(clause, clauses, pronoun, known);
  if (later && !isTopic(before, sentence, later, pronoun, found, persons, lexicon)) return later;
  const ahead = clauses.slice(0, position).find((other) => other.subject.start < clause.subject.start && !other.imperative);
  const earlier = ahead && isOfNobody(ahead, clause, pronoun, known) ? undefined : ahead;
  const candidate = earlier ?? clauseBefore(sentence, pronoun, known);
  // "The house *whistled*. It began as a low hum": what went on, and no house.
  if (!earlier && candidate && pronoun === "it" && clauses.some((one) => one.subject === clause.subject && isWhatWentOn(one, candidate))) return undefined;
  const antecedent = candidate && agreeing(candidate, clause, pronoun, earlier, known);
  const named = solePerson(pronoun, persons, sentence, before, lexicon);
  const isOpen = (name: string) => isSinceAnother(name, pronoun, sentence, sentences, known.sort === "story", lexicon);
  const sole =
    named && !isOpen(named) && !speaksUnnamed(sentence, sentences, named) && !meansAnother(named, pronoun, clause, earlier, persons) ? named : undefined;
  // "The fox jumped over the wall. He …": who was just told of may be meant, whoever else has a name.
  if (sole) return antecedent && !isNamedSo(antecedent.text, sole, persons) ? undefined : naming(sole, clause);
  const inside = (earlier ? undefined : namedTogether(clause, pronoun, known)) ?? antecedent;
  if (inside || earlier) return inside ?? (earlier && objectAhead(earlier, clause, pronoun, known));
  const thing =
    (pronoun === "it" ? objectOfCommand(before, clause, known) : undefined) ??
    (earlier ? undefined : (onlyThing(clause, pronoun, known) ?? topicOnly(clause, pronoun, sentences)));
  if (thing) return thing;
  const near =
    paragraphPerson(pronoun, persons, sentence, sentences, lexicon) ??
    (known.sort === "story" || known.sort === "expository" ? heroBefore(clause, pronoun, known) : undefined);
  return near ? naming(near, clause) : undefined;
}

/** "*A calm cat* lets them hang. If *it* is curious, …": a cat, and no calm one. */
function ofAnyState(told: Antecedent, { rank, verb, complements }: Clause): Antecedent {
  const state = rank === "adverbial" && verb.cat === "be" ? complements.find(({ role, node }) => role === "predicate" && node.cat === "ap") : undefined;
  const [, noun] = /^an? \p{Ll}+ (\p{Ll}+)$/u.exec(told.text) ?? [];
  // "a *cork* oak" is a sort of its own.
  const isOneState = walkTree(told.node).some(({ role, kids }) => role === "modifier" && kids[0]?.cat === "ap");
  return state && noun && isOneState ? { ...told, text: `${/^[aeiou]/.test(noun) ? "an" : "a"} ${noun}` } : told;
}

/** "*When the bell rang*, he ran": a clause in front that speaks of nobody, so that whoever was told of before goes on. */
function isOfNobody(ahead: Clause, { subject }: Clause, pronoun: string, { persons, lexicon }: Known): boolean {
  if ((pronoun !== "he" && pronoun !== "she") || ahead.rank !== "adverbial" || ahead.end > subject.start) return false;
  const { sentence } = ahead;
  const parts = [ahead.subject, ...[...ahead.complements, ...ahead.adjuncts].map(({ node }) => node)].flatMap(nounPhrases);
  return parts.every((np) => !pronounOf(np) && np.f.det !== "pron" && !mayBe(pronoun, np, sentence, persons, lexicon));
}

/**
 * "Ivo lay awake. ¶ That night *he* lit every lamp": a paragraph of a story or a life goes on with whoever the one before
 * ended on, where that is the person the story tells of most.
 */
function heroBefore({ sentence, subject }: Clause, pronoun: string, known: Known): string | undefined {
  const { sentences, persons, found } = known;
  const before = sentences[sentence.index - 1];
  if ((pronoun !== "he" && pronoun !== "she") || sentence.indexInBlock > 0 || !before || before.block.kind !== "paragraph") return undefined;
  const last = mainClause(before) ?? clauseOfSomebody(before, pronoun, known);
  const person = last && persons.get(antecedentOf(last, found)?.text ?? "");
  const others = new Set(persons.values());
  const isHero = person?.gender === pronoun && [...others].every((other) => other === person || (other.mentions ?? 0) < (person.mentions ?? 0));
  const isAlone = !sentence.words.slice(0, subject.start).some(({ text }) => persons.has(text));
  return isAlone ? (isHero ? person.name : ofWholeLife(pronoun, others)) : undefined;
}

/** Whose life it is: named again and again, where anybody else whom the pronoun fits is named once. */
function ofWholeLife(pronoun: string, persons: ReadonlySet<Person>): string | undefined {
  const [hero, ...others] = [...persons].filter(({ gender }) => !gender || gender === pronoun).sort((a, b) => (b.mentions ?? 0) - (a.mentions ?? 0));
  return hero?.gender && (hero.mentions ?? 0) >= 4 && others.every(({ mentions = 0 }) => mentions <= 1) ? hero.name : undefined;
}

function isNamedSo(text: string, name: string, persons: ReadonlyMap<string, Person>): boolean {
  return persons.get(text)?.name === name || persons.get(text.split(" ").at(-1)!)?.name === name;
}

function naming(name: string, clause: Clause): Antecedent {
  return { text: name, node: namedNode(name, clause.subject), sentence: clause.sentence };
}

/** What the clause before it is about, where nothing else may be meant. */
function agreeing(candidate: Clause, clause: Clause, pronoun: string, earlier: Clause | undefined, known: Known): Antecedent | undefined {
  const { sentences, persons, lexicon, found } = known;
  const { sentence } = clause;
  if (earlier && rivals(sentence, clause, earlier, pronoun, persons, lexicon)) return undefined;
  const phraseAhead =
    !earlier &&
    clause.subject.start > 0 &&
    clause.linkedBy === undefined &&
    clause.adjuncts.some(
      ({ node }) => node.end <= clause.subject.start && !isAboutSubject(node) && nounPhrases(node).some((np) => mayBe(pronoun, np, sentence, persons, lexicon)),
    );
  if (phraseAhead) return undefined;
  const antecedent = antecedentOf(candidate, found);
  // "Third, *it* provides for inspections": what the row is about.
  if (!earlier && /^(?:first|second|third|fourth|finally|last(?:ly)?|secondly|thirdly),/i.test(sentence.text)) return undefined;
  // "Scientists think that *they* push air through a fold, so they need not breathe": they of the thought.
  if (earlier && clause.rank === "main" && thinksOf(earlier, pronoun)) return undefined;
  if (!earlier && (saysOfAnother(candidate, pronoun, persons, lexicon) || goesOnWithIt(candidate, pronoun) || namesSuch(clause, candidate))) return undefined;
  if (antecedent && earlier?.rank === "adverbial" && isTopic(sentences[sentence.index - 1], sentence, antecedent, pronoun, found, persons, lexicon))
    return undefined;
  // "It breathes … When oxygen runs out, *it* switches": whatever the open pronoun stands for goes on, and not the oxygen.
  if (earlier?.rank === "adverbial" && !isTopicOfText(earlier.subject, sentences) && opensWithOpen(sentences[sentence.index - 1], sentence, pronoun, found))
    return undefined;
  if (!antecedent || !agreesAsTold(pronoun, antecedent, candidate.subject, persons, lexicon)) return undefined;
  if (isThingsDeed(antecedent.node, clause, lexicon) || isThingAsking(antecedent.node, clause, lexicon)) return undefined;
  // "*Their* wings bend outwards, and *they* never learn to fly": the wings, or those who have them?
  const owner = candidate.subject.role === "possessor" ? candidate.subject.kids[0]?.lemma : undefined;
  if (owner !== undefined && owner === { they: "their", it: "its" }[pronoun]) return undefined;
  if (pronoun === "it" && pointsToMore(candidate)) return undefined;
  // "A friend persuaded *her* to join. She …": she who was spoken of before, or the friend?
  if (!earlier && speaksOfSame(candidate, pronoun)) return undefined;
  if (!earlier && leavesRival(candidate, clause, pronoun, antecedent, persons, lexicon)) return undefined;
  // "Idris came to work for Vane, and *she* …": of neither is it known who is a she.
  const person = persons.get(antecedent.text);
  const isOpen = person !== undefined && person.gender === undefined && candidate.subject.role !== "apposition" && (pronoun === "he" || pronoun === "she");
  return isOpen && namesAnother(person, `${sentences[sentence.index - 1]?.text ?? ""} ${sentence.text}`, lexicon) ? undefined : antecedent;
}

/** Whether a clause has the pronoun's object form in it: somebody like that was told of already. */
function speaksOfSame({ subject, complements, adjuncts }: Clause, pronoun: string): boolean {
  const form = { he: "him", she: "her" }[pronoun];
  // "The officials offered *them* a plate of cakes. On the third day *they* were paid."
  if (pronoun === "they" && pronounOf(subject) === undefined)
    return complements.some(({ node }) => node.end - node.start === 1 && headTerminal(node).lemma === "them");
  if (!form || pronounOf(subject) !== undefined) return false;
  // "*Amina* obeyed until an aunt took *her* to the city": Amina herself, in a clause of another.
  const isNamed = headTerminal(subject).cat === "pn";
  const beside = adjuncts.filter(({ node }) => !(isNamed && /^(?:c-)?sb$/.test(node.cat)));
  return [...complements, ...beside].some(({ node }) => holdsPronoun(node, form));
}

/** "Without *this service*, the warming *would have* been greater. It …": the service may be meant, and no warming was. */
function pointsToMore({ adjuncts, subject, auxiliaries }: Clause): boolean {
  const pointing = adjuncts.some(
    ({ node }) =>
      node.end <= subject.start && nounPhrases(node).some((np) => (np.f.det === "dem" || np.kids[0]?.lemma === "such") && np.f.num !== "pl" && !np.f.time),
  );
  return pointing || (auxiliaries[0]?.lemma === "would" && auxiliaries.some(({ cat }) => cat === "have"));
}

/** A word with a capital inside a sentence that is no part of the person's name. */
function namesAnother({ name }: Person, text: string, lexicon: Lexicon): boolean {
  // "Coptic", "Paris", "August": words of the dictionary, and nobody's names.
  const isNobodys = (word: string) => {
    const senses = lexicon.findWord(word.toLowerCase())?.senses ?? [];
    return lexicon.nameKind(word) === "place" || DEMONYMS.has(word.toLowerCase()) || (lexicon.nameKind(word) === undefined && senses.length > 0);
  };
  return [...text.matchAll(/(?<=[\p{Ll},;] )\p{Lu}\p{L}+/gu)].some(([word]) => !name.split(" ").includes(word) && !isNobodys(word));
}

/**
 * "A limpet creeps over the rock. Before the water leaves, *it* returns": what the sentence before was
 * about may be meant as well as the clause in front, and then nothing is sure.
 */
export function isTopic(
  before: Sentence | undefined,
  sentence: Sentence,
  antecedent: Antecedent,
  pronoun: string,
  found: ReadonlyMap<string, Antecedent>,
  persons: ReadonlyMap<string, Person>,
  lexicon: Lexicon,
): boolean {
  const clause = before?.block === sentence.block ? mainClause(before) : undefined;
  const topic = clause && antecedentOf(clause, found);
  // "A sleeping *frog* is clear. When the *frog* falls asleep, it …"
  const isSame = topic !== undefined && headTerminal(topic.node).cat === "n" && headTerminal(topic.node).lemma === headTerminal(antecedent.node).lemma;
  return topic !== undefined && !isSame && topic.text.toLowerCase() !== antecedent.text.toLowerCase() && agrees(pronoun, topic, persons, lexicon);
}

/** Whether the sentence before tells of the same pronoun, and nobody knows what it stands for. */
function opensWithOpen(before: Sentence | undefined, sentence: Sentence, pronoun: string, found: ReadonlyMap<string, Antecedent>): boolean {
  if (before?.block !== sentence.block) return false;
  if (before.clauses.length === 0) return new RegExp(`\\b${pronoun}\\b`, "i").test(before.text);
  return before.clauses.some(
    (clause) =>
      clause.rank === "main" && pronounOf(clause.subject) === pronoun && !isExpletive(pronoun, clause) && !found.has(positionKey(before, clause.subject.start)),
  );
}

/** "When *he* reached the coast, Gandhi …": a pronoun in front is whoever the sentence goes on to name. */
function inFront(clause: Clause, clauses: readonly Clause[], pronoun: string, { persons, lexicon, found, sentences }: Known): Antecedent | undefined {
  const main = clauses.find((other) => other.rank === "main");
  if (clause.rank !== "adverbial" || !main || main.imperative || main.subject.start < clause.end || clauses[0] !== clause) return undefined;
  // "Before *it* leaves the sea, a mudskipper …": what the text is about.
  const named = main.subject.f.det === "proper" || isTopicAhead(main, sentences) ? antecedentOf(main, found) : undefined;
  // "When *he* could not pay it, Fust took *him* to court": never Fust.
  if (!named || speaksOfSame(main, pronoun)) return undefined;
  // "When he reached the coast, Gandhi …": the pronoun itself says that the name is somebody's.
  const gender = persons.get(named.text)?.gender ?? pronoun;
  const isName =
    (pronoun === "he" || pronoun === "she") && gender === pronoun && headTerminal(named.node).cat === "pn" && lexicon.nameKind(named.text) !== "place";
  return isName || agrees(pronoun, named, persons, lexicon) ? named : undefined;
}

/** "To find their prey, they …", "First settled by fishermen, it …": who does or undergoes it is who is meant. */
function isAboutSubject(node: Node): boolean {
  const inner = node.cat.endsWith("-c") ? node.kids[node.head] : node;
  return inner?.cat === "vp" && (inner.f.form === "to" || inner.f.form === "ing" || inner.f.form === "participle");
}

/** The same pronoun, or its object form, stands in the sentence before the subject and is no subject there. */
function sharesPronoun(sentence: Sentence, clause: Clause, pronoun: string): boolean {
  const forms = { it: /^it$/, they: /^them$/, he: /^him$/, she: /^her$/ }[pronoun] ?? /^$/;
  // "*It* knows what to do with *it*": one of the two is something else.
  if (/\b(?:what|how) to \p{Ll}+ (?:with|about|to) (?:it|them)[.!]$/u.test(sentence.text) && /^(?:it|they)$/.test(pronoun)) return true;
  return sentence.words.slice(0, clause.subject.start).some(
    (word, index) =>
      forms.test(word.lower) &&
      !sentence.clauses.some((other) => other.subject.start === index) &&
      // "the rock around it": behind a preposition it is mostly the subject.
      !sentence.words[index - 1]?.candidates.some((tag) => tag.cat === "prep"),
  );
}

/** Another noun phrase of the same sentence, between subject and pronoun, that would agree too. */
function rivals(sentence: Sentence, clause: Clause, earlier: Clause, pronoun: string, persons: ReadonlyMap<string, Person>, lexicon: Lexicon): boolean {
  if (!sentence.tree) return true;
  return nounPhrases(sentence.tree).some((np) => {
    if (np.start < earlier.subject.end || np.end > clause.subject.start || np.f.det === "pron" || np.f.det === "clause" || np.f.time) return false;
    // "cannot make much sugar with so little light, so it stops": so much of something is not taken up as *it*.
    if (pronoun === "it" && np.f.det === "quant" && /^(?:so |too )?(?:much|little|no|any|enough|more|less)\b/i.test(nodeText(sentence, np))) return false;
    if (TIME_NOUNS.has(headTerminal(np).lemma ?? "") || !mayDo(np, clause, lexicon)) return false;
    // "Once magma reaches the surface, it is called lava": where it happens is not what it happens to.
    if (np.f.det === "def" && UNIQUE_NOUNS.has(headTerminal(np).lemma ?? "") && !(clause.rank === "adverbial" && isComplementBefore(np, clause))) return false;
    // "lighter than the rock, so it rises": what is compared with stays behind.
    if (clause.linkedBy === "so" && !isComplement(np, earlier)) return false;
    // "their bodies", and what stands inside another phrase, is seldom what a subject pronoun takes up.
    if (clause.linkedBy === "so" && (np.f.det === "poss" || isInsidePhrase(np, sentence.tree!))) return false;
    return agrees(pronoun, { text: nodeText(sentence, np), node: np, sentence }, persons, lexicon);
  });
}

/** "smooths *the air* as it leaves the wing": what something is done to, with the pronoun right behind it. */
function isComplementBefore(np: Node, { sentence, subject }: Clause): boolean {
  return sentence.clauses.some((other) => other.rank === "main" && other.verb.end <= np.start && np.end <= subject.start && isComplement(np, other));
}

function isComplement(np: Node, clause: Clause): boolean {
  return clause.complements.some(({ node }) => node.cat === "np" && node.start <= np.start && node.end >= np.end && headTerminal(node) === headTerminal(np));
}

function isInsidePhrase(np: Node, tree: Node): boolean {
  return nounPhrases(tree).some((other) => other !== np && other.start < np.start && other.end >= np.end && other.role === "postmodifier");
}
