import type { Antecedent, Person, Sentence } from "./analysis";
import { positionKey } from "./analysis";
import { toldInPassing } from "./clause";
import { TIME_NOUNS } from "./data/noun-classes";
import { isAnimalNoun, isPersonNoun } from "./find-persons";
import { fits, isOfOwnPhrase, withoutSize } from "./fits-object";
import type { Lexicon } from "./lexicon";
import { meansSeveral } from "./means-several";
import { namedBefore } from "./named-before";
import { isNoAntecedent, JUDGED } from "./no-antecedent";
import { midSentence, nodeText } from "./node-text";
import { areTooFew, isOfStranger, isSubjectAgain, otherOfTwo, tellsTimes } from "./object-again";
import {
  innermostSubject,
  isObjectAt,
  isOfHolder,
  isPlaceAt,
  isSaidToBe,
  isSubjectAround,
  objectsBeside,
  phraseAround,
  standsForWhatFollows,
} from "./object-places";
import { solePerson } from "./sole-person";
import { isExpletive, pronounOf } from "./subject-pronoun";
import { coreOf, headTerminal, type Node } from "./tree";

/** What a pronoun that is no subject stands for, and where that was said. */
export type Resolved = { text: string; sentence: Sentence /** Its first word, where it stands in the pronoun's own sentence. */; at?: number };

/**
 * Pronouns in object places (*it, them, him, her*): only where exactly one noun phrase before them, in
 * the same sentence or else in the one before it in the paragraph, agrees. The subject of the pronoun's
 * own clause never counts: it would have to be *itself*.
 */
export function resolveObjects(
  sentences: readonly Sentence[],
  antecedents: ReadonlyMap<string, Antecedent>,
  persons: ReadonlyMap<string, Person>,
  lexicon: Lexicon,
): void {
  sentences.forEach((sentence, index) => {
    if (!sentence.tree) return;
    const before = sentences[index - 1];
    for (const pronoun of objectPronouns(sentence.tree, sentence)) {
      const known = { antecedents, persons, lexicon };
      const found = resolveOne(pronoun, sentence, before?.block === sentence.block ? before : undefined, known) ?? onlyOther(pronoun, sentence, before, known);
      if (found && pronoun.lemma === "it" && found.sentence === before && tellsOfAnother(sentences[index - 2], found, sentence, antecedents)) continue;
      if (found && areTooFew(found.text, pronoun, sentence)) continue;
      if (found)
        sentence.resolved = new Map([
          ...(sentence.resolved ?? []),
          [pronoun.start, { ...found, text: isSubjectAgain(found, pronoun, sentence, known) ? pronounText(pronoun, sentence) : withoutSize(found.text) }],
        ]);
    }
  });
}

/**
 * "The boat turned until *she* remembered": the subject of a clause inside, where it is somebody with a
 * name whom the sentence does not tell of otherwise.
 */
export function resolveInnerSubjects(sentences: readonly Sentence[], antecedents: ReadonlyMap<string, Antecedent>, persons: ReadonlyMap<string, Person>): void {
  for (const sentence of sentences) {
    const told = sentence.clauses.map((clause) => ({ clause, antecedent: antecedents.get(positionKey(sentence, clause.subject.start)) }));
    for (const { clause, antecedent } of told) {
      const person = antecedent && persons.get(antecedent.text);
      const isInside = clause.rank === "adverbial" && /^(?:he|she)$/.test(headTerminal(clause.subject).lemma ?? "");
      if (!isInside || !person || !antecedent || person.name.split(" ").some((part) => sentence.text.includes(part))) continue;
      const isMainToo = told.some((other) => other.clause.rank !== "adverbial" && other.antecedent && persons.get(other.antecedent.text) === person);
      if (!isMainToo) sentence.resolved = new Map([...(sentence.resolved ?? []), [clause.subject.start, { text: person.name, sentence: antecedent.sentence }]]);
    }
  }
}

/** Behind these the subject itself can be meant: "looked behind him", "carries it with her". */
const LOCATIVE = new Set("with around behind near beside before after above below beneath under between among along over inside outside in infront".split(" "));

type Known = { antecedents: ReadonlyMap<string, Antecedent>; persons: ReadonlyMap<string, Person>; lexicon: Lexicon };

function objectPronouns(tree: Node, sentence: Sentence): Node[] {
  const subjects = new Set(sentence.clauses.map((clause) => clause.subject.start));
  const found: Node[] = [];
  const visit = (node: Node, isSubject: boolean) => {
    if (node.kids.length === 0) {
      if (node.cat === "pro" && /^(?:it|them|him|her)$/.test(node.lemma ?? "") && !isSubject && !subjects.has(node.start)) found.push(node);
      return;
    }
    node.kids.forEach((kid, index) => {
      visit(kid, node.cat === "s" && node.role === "subject" && index === 0);
    });
  };
  visit(tree, false);
  return found;
}

function resolveOne(pronoun: Node, sentence: Sentence, before: Sentence | undefined, known: Known): Resolved | undefined {
  // "what time it was", "how late it is": stands for nothing.
  if (
    /^(?:time|late|early|dark|cold|warm|hot|far)$/.test(sentence.words[pronoun.start - 1]?.lower ?? "") &&
    /^(?:is|was|had|has)$/.test(sentence.words[pronoun.start + 1]?.lower ?? "")
  )
    return undefined;
  // "did not think *it was funny*", "think that *it is time* to act": what happened, and no thing.
  const behind = sentence.words.slice(pronoun.end, pronoun.end + 3).map(({ lower }) => lower);
  if (
    pronoun.lemma === "it" &&
    /^(?:is|was|would|will|seems?|seemed|looks?|looked)$/.test(behind[0] ?? "") &&
    behind.slice(1).some((word) => JUDGED.test(word))
  )
    return undefined;
  // "I like reading, and I *do it* every night": what is done is no thing.
  if (/^(?:do|does|did|done|doing)$/.test(sentence.words[pronoun.start - 1]?.lower ?? "")) return undefined;
  // "believed that the valley did not exist, and set out to *prove it*", "never let anybody *forget it*": what was so.
  if (pronoun.lemma === "it" && OF_WHAT_IS_SO.test(sentence.words[pronoun.start - 1]?.lower ?? "")) return undefined;
  // "made *it* clear that …", "find *it* hard to …": what follows is meant.
  if (pronoun.lemma === "it" && standsForWhatFollows(pronoun, sentence.tree!)) return undefined;
  // "when it feels like it": a way of saying, and nothing is meant.
  if (/^like$/.test(sentence.words[pronoun.start - 1]?.lower ?? "") && /^(?:feel|feels|felt)$/.test(sentence.words[pronoun.start - 2]?.lower ?? ""))
    return undefined;
  // "never take *all of it*": so much of something that was told of as a thing to be had.
  if (
    pronoun.lemma === "it" &&
    (/^(?:all|some|most|none|half|much|part|any|(?:a )?little|a bit|a lot) of$/.test(sentence.words[pronoun.start - 1]?.lower ?? "") ||
      (sentence.words[pronoun.start - 1]?.lower === "of" &&
        /^(?:all|some|most|none|half|much|part|any|little)$/.test(sentence.words[pronoun.start - 2]?.lower ?? "")))
  )
    return undefined;
  // "waited for nine hours, and for about *eight of them*": hours, which nothing is said of.
  if (pronoun.lemma === "them" && sentence.words[pronoun.start - 1]?.lower === "of" && tellsTimes(sentence, pronoun)) return undefined;
  if (meansSeveral(pronoun, sentence)) return undefined;
  const own = innermostSubject(pronoun, sentence);
  const phrase = phraseAround(pronoun, sentence.tree!);
  const isLocative = phrase !== undefined && LOCATIVE.has(phrase.f.sub ?? "");
  if (isSaidToBe(pronoun, sentence)) return undefined;
  if (phrase && isOfHolder(pronoun, phrase, sentence.tree!)) return { text: pronounText(pronoun, sentence), sentence };
  // "Sixty-three signs can be made *with them*": a sign is not what it is made with.
  const isTool = phrase?.kids[0]?.lemma === "with" && sentence.clauses.some((clause) => clause.subject === own && clause.passive);
  if (phrase && own && !isTool && isLocative) {
    // "brought worms with them": behind a preposition it may well be the subject, and then it stays as it is;
    // what the phrase stands right behind ("the rock around it") it is not.
    const others = candidatesIn(sentence, pronoun, own, known).filter(({ end }) => end !== phrase.start);
    const subject = asCandidate(own, sentence, pronoun, known);
    // "The ship lay in the bay. The ice closed around *it*": around what lay there.
    const isLiving = isPersonNoun(subject?.head ?? "", known.lexicon) || isAnimalNoun(subject?.head ?? "", known.lexicon);
    // "The teeth lock together. Small insects escape *between them*": between the teeth.
    const isPassed =
      pronoun.lemma === "them" && own.role !== "coordination" && /^(?:between|through|past|over|across|against|into|onto)$/.test(phrase.kids[0]?.lemma ?? "");
    const told = ((pronoun.lemma === "it" && !isLiving) || isPassed) && before?.tree ? subjectsOf(before, pronoun, known) : [];
    if (subject && told.some(({ text }) => text.toLowerCase() !== subject.text.toLowerCase())) return undefined;
    if (subject && others.length === 0) return { text: pronounText(pronoun, sentence), sentence };
    if (subject) return undefined;
  }
  const beside = objectsBeside(pronoun, sentence);
  const here = candidatesIn(sentence, pronoun, own, known).filter(
    // "a date with some fun *in it*": never the fun itself.
    ({ end }) => beside.every((object) => end <= object.start || end > object.end) && !(isLocative && end === phrase.start),
  );
  // "In the swamps, about a thousand *of them* fell ill": never what only tells where it happened.
  const around = sentence.clauses.find(({ subject }) => subject.start < pronoun.start && pronoun.end <= subject.end);
  if (around && here.some(({ end }) => around.start < end && end <= around.subject.start)) return undefined;
  // "During the war, *when streetlights were off*, it ordered thousands of them": said in passing of the time.
  // "Herschel, *who really was in South Africa*, laughed when he heard of it": nor of whom it tells.
  const asides = sentence.clauses.filter(({ rank, start, end }) => rank === "aside" && !(start <= pronoun.start && pronoun.start < end));
  if (here.some(({ end }) => [...asides, ...sentence.clauses.flatMap(toldInPassing)].some((told) => told.start < end && end <= told.end))) {
    sentence.open = new Set([...(sentence.open ?? []), pronoun.start]);
    return undefined;
  }
  if (pronoun.lemma === "them" && namesTwoThings(sentence, pronoun, here, own)) return undefined;
  if (here.length > 0) {
    // "Our school allowed phones. Teachers hoped that pupils would use *them*": whoever thinks so is seldom what is thought of.
    const thinkers = new Set(sentence.clauses.map((clause) => clause.subject.end));
    const isThought = own && !sentence.clauses.some((clause) => clause.subject === own) && here.every(({ end }) => thinkers.has(end));
    const isAside = isThought || here.every(({ end }) => isPlaceAt(end, sentence));
    // "dragged *the drum* away and tapped it": what the same sentence was about to do something to goes on.
    const isDoneTo = !isAside && here.every(({ end }) => isObjectAt(end, sentence) || isSubjectAround(end, pronoun, sentence));
    if (!isDoneTo && before && !before.tree && before.block.kind !== "heading") return undefined;
    const earlier = !isDoneTo && before?.tree ? candidatesIn(before, pronoun, undefined, known) : [];
    const sole = soleOf([...earlier, ...here]);
    if (!sole && isAside && earlier.length > 0) sentence.open = new Set([...(sentence.open ?? []), pronoun.start]);
    return sole;
  }
  const isNearer = isOfOwnPhrase(pronoun, sentence, known) || (/^(?:him|her)$/.test(pronoun.lemma ?? "") && isOfStranger(pronoun, sentence, known.lexicon));
  if (!before?.tree || isNearer) return undefined;
  const term = pronoun.lemma === "it" ? namedBefore(before) : undefined;
  if (term) return { text: term.text, sentence: before };
  // "The jury decides *what really happened*. The judge decides what the law says about *it*": what happened, and no jury.
  const isTold = before.clauses.some(({ complements }) => complements.some(({ role, node }) => role === "clause" && node.cat === "ws"));
  if (pronoun.lemma === "it" && isTold) return undefined;
  const ownText = own && (known.antecedents.get(positionKey(sentence, own.start))?.text ?? midSentence(sentence, coreOf(own)));
  const told = candidatesIn(before, pronoun, undefined, known).filter(({ text }) => text.toLowerCase() !== ownText?.toLowerCase());
  // "In *truth* they produce no light. They only reflect it": what goes on was a subject or was done something to.
  return told.some(({ end }) => isObjectAt(end, before) || before.clauses.some(({ subject }) => coreOf(subject).end === end)) ? soleOf(told) : undefined;
}

/** "The navy sent *her* to Harvard": the one woman of the source, where the clause is about somebody or something else. */
function onlyOther(pronoun: Node, sentence: Sentence, before: Sentence | undefined, { antecedents, persons, lexicon }: Known): Resolved | undefined {
  if (!/^(?:him|her)$/.test(pronoun.lemma ?? "") || sentence.abstained || isOfStranger(pronoun, sentence, lexicon)) return undefined;
  const name =
    otherOfTwo(pronoun, sentence, before, { antecedents, persons }) ?? solePerson(pronoun.lemma === "her" ? "she" : "he", persons, sentence, before, lexicon);
  const person = name ? persons.get(name) : undefined;
  if (!name || !person || name.split(" ").some((part) => sentence.text.includes(part))) return undefined;
  // "She took it to *her*": whoever does it is another.
  const isAbout = sentence.clauses.some(({ subject }) => {
    const told = antecedents.get(positionKey(sentence, subject.start))?.text ?? nodeText(sentence, subject);
    return persons.get(told) === person || /^(?:he|she)$/i.test(told);
  });
  return isAbout ? undefined : { text: name, sentence };
}

/** What the main clauses of the sentence before are about, where the pronoun may mean it. */
function subjectsOf(before: Sentence, pronoun: Node, known: Known): Found[] {
  return before.clauses
    .filter(({ rank, subject }) => rank === "main" && subject.cat === "np")
    .flatMap(({ subject }) => asCandidate(coreOf(subject), before, pronoun, known) ?? []);
}

/** "*It* became a street of stalls. They paid a penny each. In 1865 a company bought *it*": what was told of as *it* goes on, and never the penny. */
function tellsOfAnother(earlier: Sentence | undefined, found: Resolved, { block }: Sentence, antecedents: ReadonlyMap<string, Antecedent>): boolean {
  if (!earlier || earlier.block !== block || isSubjectIn(found)) return false;
  return earlier.clauses.some((clause) => {
    if (clause.rank !== "main" || pronounOf(clause.subject) !== "it" || isExpletive("it", clause)) return false;
    return antecedents.get(positionKey(earlier, clause.subject.start))?.text.toLowerCase() !== found.text.toLowerCase();
  });
}

function isSubjectIn({ sentence, text }: Resolved): boolean {
  const plain = (words: string) => words.toLowerCase().replace(/^(?:the|an?) /, "");
  return sentence.clauses.some(({ subject }) => plain(nodeText(sentence, coreOf(subject))) === plain(text));
}

/** "into meat and fish to stop them": two nouns beside an *and*, however the sentence was read, may be meant together. */
function namesTwoThings(sentence: Sentence, pronoun: Node, found: readonly Found[], own: Node | undefined): boolean {
  const cheapest = (at: number, cats: string[]) =>
    Math.min(...(sentence.words[at]?.candidates.filter((tag) => cats.includes(tag.cat)).map((tag) => tag.cost) ?? []), 9);
  const isNoun = (at: number) => cheapest(at, ["n", "pn"]) + 0.5 < cheapest(at, ["v"]);
  return sentence.words.slice(0, pronoun.start).some((word, at) => {
    // "*Turtles and ducks* swallow them": whoever does it is not what it is done to.
    if (word.lower !== "and" || !isNoun(at - 1) || !isNoun(at + 1) || (own && own.start < at && at < own.end)) return false;
    return !found.some(({ end }) => end === at + 2);
  });
}

function pronounText(pronoun: Node, sentence: Sentence): string {
  return sentence.words[pronoun.start]!.text;
}

type Found = Resolved & { head: string; end: number };

function soleOf(found: readonly Found[]): Resolved | undefined {
  // Bottled water and tap water are two things of one name.
  const heads = new Set(found.map(({ head, text }) => (head.endsWith(" or its owner") ? head : text.toLowerCase().replace(/^(?:the|an?) /, ""))));
  const last = found.at(-1);
  return heads.size === 1 && last && !last.head.endsWith(" or its owner")
    ? { text: last.text, sentence: last.sentence, ...(last.at === undefined ? {} : { at: last.at }) }
    : undefined;
}

/** Noun phrases before the pronoun that agree with it; a phrase inside another one counts by itself. */
function candidatesIn(sentence: Sentence, pronoun: Node, own: Node | undefined, { antecedents, persons, lexicon }: Known): Found[] {
  const found: Found[] = [];
  const inOwn = sentence.tree && own && sentence.words.length >= own.end ? own : undefined;
  const predicates = new Set(
    sentence.clauses
      .filter((clause) => clause.subject.cat !== "there")
      .filter((clause) => /^(?:be|become|remain)$/.test(clause.verb.lemma ?? "") || clause.verb.cat === "be")
      .flatMap((clause) => clause.complements.filter(({ node }) => node.cat === "np").map(({ node }) => node)),
  );
  const sameTree = contains(sentence, pronoun);
  const visit = (node: Node, isHead: boolean, holdsPronoun: boolean, isInClause: boolean) => {
    // "the solid rock around it": a phrase that holds the pronoun is not what it stands for.
    const holds = node.cat === "np" && sameTree && node.start <= pronoun.start && node.end > pronoun.start;
    // "Whoever owns *a house* must clear the pavement in front of it": not the subject, but told of in it.
    const isOwn = inOwn && !isInClause && node.start >= inOwn.start && node.end <= inOwn.end;
    // "became citizens" says again what the subject is.
    const isNamed = predicates.has(node);
    if (node.cat === "np" && !isHead && !isNamed && !holds && !holdsPronoun && !isOwn) {
      const entry = asCandidate(node, sentence, pronoun, { antecedents, persons, lexicon });
      if (entry) found.push(entry);
    }
    // "*According to one story*, soldiers learned it": who says so is not what is told of.
    if (node.cat.startsWith("pp") && /^according\b/.test(headTerminal(node.kids[0] ?? node).lemma ?? "")) return;
    node.kids.forEach((kid, index) => {
      // "William Naismith, *a Scottish climber*": the same person again.
      if (node.role === "apposition" && index > 0 && headTerminal(node.kids[0]!).cat === "pn") return;
      const head = node.cat === "np" && index === node.head && node.role !== "coordination";
      visit(kid, head && kid.cat === "np", head && (holds || holdsPronoun), isInClause || kid.cat === "rc" || kid.cat === "ws");
    });
  };
  visit(sentence.tree!, false, false, false);
  return found;
}

function asCandidate(node: Node, sentence: Sentence, pronoun: Node, { antecedents, persons, lexicon }: Known): Found | undefined {
  const isBefore = node.end <= pronoun.start || !contains(sentence, pronoun);
  if (!isBefore || node.f.time || node.f.det === "clause" || isNoAntecedent(node, sentence)) return undefined;
  // "*This rule* was worked out by Naismith, and walkers still use it": what it points to is not known, and may be meant.
  if (node.f.det === "dem") {
    const text = midSentence(sentence, coreOf(node));
    const isTime = TIME_NOUNS.has((headTerminal(coreOf(node)).lemma ?? "").toLowerCase());
    return !isTime && fits(pronoun, coreOf(node), text, persons, lexicon) ? { text, sentence, head: "this or its owner", end: node.end } : undefined;
  }
  const [determiner] = node.kids;
  // "Tap *each brick* with a rubber hammer; steel would chip it": any of them, which has no name of its own.
  if (
    determiner?.cat === "det" &&
    /^(?:each|every)$/.test(determiner.lemma ?? "") &&
    pronoun.lemma !== "them" &&
    fits(pronoun, coreOf(node), nodeText(sentence, node), persons, lexicon)
  )
    return { text: nodeText(sentence, node), sentence, head: "this or its owner", end: node.end };
  // "any money", "no boat": of these nothing more is said.
  if (determiner?.cat === "det" && /^(?:any|no|every|each|not all|not every)$/.test(determiner.lemma ?? "")) return undefined;
  const core = coreOf(node);
  const head = headTerminal(core);
  if (head.cat === "pro") {
    const antecedent = antecedents.get(positionKey(sentence, node.start));
    if (!antecedent) return openPronoun(node, sentence, pronoun);
    return fits(pronoun, antecedent.node, antecedent.text, persons, lexicon)
      ? {
          text: antecedent.text,
          sentence: antecedent.sentence,
          head: (headTerminal(antecedent.node).lemma ?? "").toLowerCase(),
          end: node.end,
          ...(contains(sentence, pronoun) ? { at: node.start } : {}),
        }
      : undefined;
  }
  const lemma = (head.lemma ?? "").toLowerCase();
  // "Of twenty thousand plants, *twelve thousand* reached the hills. With them …": these as well.
  if (head.cat === "num" && pronoun.lemma === "them" && core.role === "number")
    return { text: midSentence(sentence, core), sentence, head: "number or its owner", end: node.end };
  if (head.cat !== "n" && head.cat !== "pn") return undefined;
  // "six *out of ten children* have fallen. Most of *them* …": of the six.
  if (
    core.f.det === "num" &&
    /^(?:of|in|out of)$/.test(sentence.words[node.start - 1]?.lower ?? "") &&
    /^(?:out|one|two|three|four|five|six|seven|eight|nine)$/.test(sentence.words[node.start - 2]?.lower ?? "")
  )
    return { text: midSentence(sentence, core), sentence, head: "number or its owner", end: node.end };
  // "all night", "the first time"; but "a spring" may be one of steel.
  if (TIME_NOUNS.has(lemma) && (core.f.det !== "indef" || TIME_ONLY.test(lemma))) return undefined;
  const text = midSentence(sentence, core);
  if (!fits(pronoun, core, text, persons, lexicon)) return undefined;
  // "If you do not eat *enough calcium*, your body takes it": calcium, and not enough of it.
  if (pronoun.lemma === "it" && AN_AMOUNT.test(text)) return { text, sentence, head: `${lemma} or its owner`, end: node.end };
  // "*Most of the workers* walked out. Many of *them* …": of those, or of all?
  if (/^(?:most|many|some|few|half) of /i.test(text)) return { text, sentence, head: `${lemma} or its owner`, end: node.end };
  // "slows their bodies down and helps them": the same many are meant by *their*, so nothing is sure.
  if (core.f.det === "poss" && headOfPossessor(core) === "pro") return { text, sentence, head: `${lemma} or its owner`, end: node.end };
  // Numbers and quantities of a thing are not what is said of it the second time.
  return { text: knownText(text, core), sentence, head: lemma, end: node.end, ...(contains(sentence, pronoun) ? { at: node.start } : {}) };
}

/** "examined *it* in London and said that *it* was real": what the first one stands for, the second may; where that is not known, nothing is. */
function openPronoun(node: Node, sentence: Sentence, pronoun: Node): Found | undefined {
  const lemma = headTerminal(node).lemma ?? "";
  const isSame = lemma !== "" && SAME_FORMS[pronoun.lemma ?? ""]?.test(lemma);
  if (!isSame) return undefined;
  const known = sentence.resolved?.get(node.start);
  if (!known) return { text: lemma, sentence, head: `${lemma} or its owner`, end: node.end };
  // The word that it stands for is one of this sentence only where both are.
  const isHere = known.sentence === sentence && contains(sentence, pronoun);
  const { at: _, ...elsewhere } = known;
  return { ...(isHere ? known : elsewhere), head: (known.text.split(" ").at(-1) ?? "").toLowerCase(), end: node.end };
}

const OF_WHAT_IS_SO = /^(?:(?:dis)?prove[sd]?|den(?:y|ied)|forg[eo]t|(?:mention|regret|admit)(?:t?ed)?|kn(?:ow|ows|ew|own))$/;
const SAME_FORMS: Record<string, RegExp> = { it: /^it$/, them: /^the(?:y|m)$/, him: /^(?:he|him)$/, her: /^(?:she|her)$/ };

const AN_AMOUNT = /^(?:enough|much|more|less|most|too much|so much|a lot of|plenty of|a little|half)\b/i;

/** "twice a day" */
const TIME_ONLY = /^(?:day|week|month|year|hour|minute|second|night|century|decade|evening|morning|afternoon)$/;

function headOfPossessor(np: Node): "pro" | "np" {
  return np.kids[0]?.cat === "poss" ? "pro" : "np";
}

/** Whether the pronoun is a word of this sentence's own tree. */
function contains(sentence: Sentence, pronoun: Node): boolean {
  const visit = (node: Node): boolean => node === pronoun || node.kids.some(visit);
  return visit(sentence.tree!);
}

/** "a burr" is *the burr* the second time, "212 lamps" *the 212 lamps*. */
function knownText(told: string, core: Node): string {
  // "had flags *of its own*, and nobody could read them": whose, the other clause says no more.
  const text = told.replace(/ of (?:its|their|his|her) own$/, "");
  if (core.f.det === "num" && /^\d/.test(text)) return `the ${text}`;
  // "*only about a thousand geysers*, and half of them": the geysers.
  if (core.f.det === "num" && /^(?:only|about|nearly|almost|over|some|up to|at least|at most|more than|less than|fewer than)\b/i.test(text))
    return `the ${text.split(" ").at(-1)}`;
  // "Drill *five holes*. Without *them* …": the five.
  if (core.f.det === "num" && core.f.num === "pl" && !/^(?:one|no|an?)\b/i.test(text)) return `the ${text}`;
  return core.f.det === "indef" ? text.replace(/^an? /, "the ") : text;
}
