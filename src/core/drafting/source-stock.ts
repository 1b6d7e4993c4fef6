import type { Analysis, Sentence } from "../language/analysis";
import { midSentence, nodeText } from "../language/node-text";
import { coreOf, headTerminal, type Node, walkTree } from "../language/tree";
import type { Fact } from "./facts/fact";
import { isUnclear, reasonsOf } from "./facts/find-cause";
import { findFacts, isAsking } from "./facts/find-facts";
import { findLedFacts } from "./facts/find-led-facts";
import { type Phrasing, stateClause } from "./phrasing/ask-clause";
import { findUnclear } from "./phrasing/clear-reference";
import { isAlternative } from "./phrasing/hangs-on-another";
import { phraseRest } from "./phrasing/phrase-rest";
import { phrasings } from "./phrasing/phrasings";

export type Statement = { phrasing: Phrasing; sentence: Sentence; rest: string; text: string; words: number };
export type NounPhrase = { text: string; node: Node; sentence: Sentence };

/** What the whole source offers to every drafter: its facts, statements, noun phrases and numbers. */
export type SourceStock = {
  analysis: Analysis;
  facts: Fact[];
  /** All that can be asked one by one: those facts, and the ones that need the sentence before them quoted. */
  askable: Fact[];
  statements: Statement[];
  nounPhrases: NounPhrase[];
  /** Every word form of each sentence's content, for asking whether the source also says something else. */
  contentBySentence: ReadonlyMap<Sentence, ReadonlySet<string>>;
  factsBySentence: ReadonlyMap<Sentence, readonly Fact[]>;
  statementsBySentence: ReadonlyMap<Sentence, readonly Statement[]>;
  /** The sentences that hold each content word. */
  sentencesByLemma: ReadonlyMap<string, readonly Sentence[]>;
};

/** Sentences before and after a place that its wrong options are taken from: what is nearer is on the matter, and a long book costs no more than a short one. */
const NEAR = 120;

/** The items of a list in the order of the text that stand near a sentence. */
export function near<T extends { sentence: Sentence }>(items: readonly T[], { index }: Sentence): readonly T[] {
  if (items.length <= NEAR) return items;
  return items.slice(firstFrom(items, index - NEAR), firstFrom(items, index + NEAR + 1));
}

/** Place of the first item whose sentence is not before `index`. */
function firstFrom(items: readonly { sentence: Sentence }[], index: number): number {
  let [low, high] = [0, items.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (items[middle]!.sentence.index < index) low = middle + 1;
    else high = middle;
  }
  return low;
}

const LONGEST_NOUN_PHRASE = 6;

export function stockSource(analysis: Analysis): SourceStock {
  const found: Fact[] = [];
  const ledFacts: Fact[] = [];
  const statements: Statement[] = [];
  const nounPhrases: NounPhrase[] = [];
  for (const sentence of analysis.sentences) {
    if (!sentence.tree) continue;
    found.push(...findFacts(sentence, analysis));
    ledFacts.push(...findLedFacts(sentence, analysis));
    statements.push(...stateAll(sentence, analysis));
    nounPhrases.push(...collectNounPhrases(sentence, analysis));
  }
  const twins = groupBy(found.filter(canHaveTwin), twinKey);
  const dated = analysis.sentences.filter((sentence) => sentence.block.kind !== "heading" && YEAR.test(sentence.text));
  const contentBySentence = new Map(analysis.sentences.map((sentence) => [sentence, contentOf(sentence)]));
  const facts = found.filter(
    (fact) =>
      !hasTwin(fact, twins) &&
      !isOneOfDuties(fact, analysis) &&
      !(fact.type === "time" && isDatedElsewhere(fact, dated)) &&
      !isOneMore(fact, analysis, contentBySentence) &&
      !isSaidOn(fact, analysis) &&
      !isTheTitles(fact, analysis),
  );
  const sentencesByLemma = new Map<string, Sentence[]>();
  for (const [sentence, content] of contentBySentence) {
    for (const lemma of content) {
      const known = sentencesByLemma.get(lemma);
      if (known) known.push(sentence);
      else sentencesByLemma.set(lemma, [sentence]);
    }
  }
  const factsBySentence = groupBy(facts, (fact) => fact.sentence);
  const statementsBySentence = groupBy(statements, (statement) => statement.sentence);
  return {
    analysis,
    facts,
    askable: [...facts, ...ledFacts],
    statements,
    nounPhrases,
    contentBySentence,
    factsBySentence,
    statementsBySentence,
    sentencesByLemma,
  };
}

function groupBy<K, T>(items: readonly T[], keyOf: (item: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const item of items) {
    const known = groups.get(keyOf(item));
    if (known) known.push(item);
    else groups.set(keyOf(item), [item]);
  }
  return groups;
}

/** Patterns whose question another sentence with the same verb and subject might answer otherwise. */
const TWINNED = new Set([
  "what-object",
  "what-relation",
  "passive-by",
  "what-did-it-become",
  "what-told-to",
  "what-aim",
  "what-should",
  "what-must-not",
  "whom",
]);

function canHaveTwin(fact: Fact): boolean {
  return fact.type === "time" || fact.type === "quantity" || fact.type === "occasion" || fact.type === "place" || TWINNED.has(fact.pattern);
}

function twinKey(fact: Fact): string {
  const head = headTerminal(fact.clause.subject).lemma;
  // "What must the company do?" holds no verb: whatever else it must do would be an answer too.
  if (fact.pattern === "what-should" || fact.pattern === "what-must-not")
    return [fact.pattern, fact.phrasing.subject.toLowerCase().replace(/^(?:the|an?) /, "")].join(" ");
  return [fact.type, fact.clause.verb.lemma, head, fact.type === "quantity" ? fact.unit : ""].join(" ");
}

/** "A cable was laid in 1850" beside "a stronger cable was laid in 1851": each year would answer the other's question. */
function hasTwin(fact: Fact, twins: ReadonlyMap<string, readonly Fact[]>): boolean {
  if (!canHaveTwin(fact)) return false;
  return twins.get(twinKey(fact))!.some((other) => (other.sentence !== fact.sentence || other.stem === fact.stem) && other.answer !== fact.answer);
}

/** Sentences over which a pronoun still tells of whom the question asks. */
const NEAR_DUTIES = 8;

/** "*He or she must* advise the buyer", not far away: something else that the same person must do. */
function isOneOfDuties({ pattern, clause, sentence }: Fact, { sentences }: Analysis): boolean {
  if (pattern !== "what-should") return false;
  const taken = new RegExp(`\\b(?:he or she|he|she|they|it|who) (?:also )?${clause.auxiliaries[0]?.lemma ?? "must"}\\b`, "i");
  // "A driver *must* give his name, and *he must* take a test"
  const isTwice = sentence.clauses.filter(({ rank }) => rank === "main").length > 1;
  const near = sentences.slice(Math.max(0, sentence.index - NEAR_DUTIES), sentence.index + NEAR_DUTIES + 1);
  return near.some((other) => (other !== sentence || isTwice) && taken.test(other.text));
}

/** Sentences before an *also* that may tell of the first. */
const BEFORE_ALSO = 3;

/** "…, which carry the heat. These electrons *also* carry electricity": what they carry is more than that. */
function isOneMore({ pattern, clause, sentence }: Fact, { sentences }: Analysis, content: ReadonlyMap<Sentence, ReadonlySet<string>>): boolean {
  const isAlso = clause.adjuncts.some(({ node }) => /^(?:also|too)$/.test(headTerminal(node).lemma ?? "") && node.end <= clause.verb.start);
  const verb = (clause.verb.lemma ?? "").toLowerCase();
  if (!isAlso || !/^what-(?:object|relation|can-happen-to|was-said)$/.test(pattern) || clause.verb.cat !== "v") return false;
  return sentences.slice(Math.max(0, sentence.index - BEFORE_ALSO), sentence.index).some((other) => content.get(other)?.has(verb));
}

/** "Dray said that the band should look for sponsors. … He *also said* that …": what he said is more than that. */
function isSaidOn({ pattern, clause, sentence }: Fact, { sentences }: Analysis): boolean {
  if (pattern !== "what-was-said") return false;
  const behind = sentences.slice(sentence.index + 1, sentence.index + 1 + SENTENCES_ON);
  return behind.some(({ clauses }) =>
    clauses.some(
      ({ rank, verb, adjuncts, passive }) =>
        rank === "main" && !passive && verb.lemma === clause.verb.lemma && adjuncts.some(({ node }) => headTerminal(node).lemma === "also"),
    ),
  );
}

/** Over so many sentences somebody goes on with what he says. */
const SENTENCES_ON = 6;

/** "What did she watch?" – "Birds", under "The Girl Who Counted Birds". */
function isTheTitles({ pattern, answerNode, stem, sentence }: Fact, { headingLemmas }: Analysis): boolean {
  if (pattern !== "what-object" || !answerNode || answerNode.end - answerNode.start > 1 || stem.split(" ").length > SHORT_STEM) return false;
  // In a title "Birds" may be taken for a name, and keeps its ending.
  return headingLemmas.has((headTerminal(answerNode).lemma ?? "").toLowerCase()) || headingLemmas.has(sentence.words[answerNode.start]!.lower);
}

const SHORT_STEM = 7;

const YEAR = /\b(?:1\d{3}|20\d\d)\b/;

/** Another sentence with another year says the same deed of the same noun, even where no fact could be made of it. */
function isDatedElsewhere(fact: Fact, dated: readonly Sentence[]): boolean {
  const verb = fact.clause.verb.lemma ?? "";
  const noun = (headTerminal(fact.clause.subject).lemma ?? "").toLowerCase();
  if (fact.clause.verb.cat !== "v" || !noun) return false;
  return dated.some((other) => {
    if (other === fact.sentence) return false;
    const year = YEAR.exec(other.text)?.[0];
    const has = (cat: string, lemma: string) =>
      other.words.some((word) => word.candidates.some((tag) => tag.cat === cat && (tag.lemma ?? "").toLowerCase() === lemma));
    return year !== undefined && year !== fact.answer && has("v", verb) && has("n", noun);
  });
}

function stateAll(sentence: Sentence, analysis: Analysis): Statement[] {
  return phrasings(sentence, analysis).flatMap((phrasing) => {
    if (isAsking(sentence, analysis) || phrasing.clause.imperative || saysNothing(phrasing.clause) || isAlternative(phrasing.clause)) return [];
    // One claim to a statement: its reason and purpose are facts of their own.
    const reasons = reasonsOf(phrasing.clause);
    const rest = phraseRest(phrasing, analysis, reasons);
    if (isUnclear(rest)) return [];
    const text = stateClause(phrasing, rest);
    return [{ phrasing, sentence, rest, text, words: text.split(" ").length }];
  });
}

/** "The board said, in large letters: …": what it said stands behind a colon. */
function saysNothing({ verb, complements, passive }: Phrasing["clause"]): boolean {
  return /^(?:say|reply|state)$/.test(verb.lemma ?? "") && complements.length === 0 && !passive;
}

function collectNounPhrases(sentence: Sentence, analysis: Analysis): NounPhrase[] {
  const found: NounPhrase[] = [];
  for (const node of walkTree(sentence.tree!)) {
    if (node.cat !== "np" || node.role === "coordination" || node.end - node.start > LONGEST_NOUN_PHRASE) continue;
    // "too much electricity": an amount of something is no thing of its kind.
    if (node.f.det === "quant" && /^(?:much|many|little|few|more|less|enough)\b/i.test(nodeText(sentence, node))) continue;
    const core = coreOf(node);
    const head = headTerminal(core);
    // "if it is stored wet": an adjective that the dictionary also has as a noun.
    const entry = analysis.lexicon.findWord(head.lemma ?? "");
    if (entry && head.cat === "n" && entry.adjective > entry.noun * 2) continue;
    if (core !== node || (head.cat !== "n" && head.cat !== "pn") || findUnclear(core, sentence, analysis)) continue;
    found.push({ text: midSentence(sentence, core, nodeText(sentence, core)), node: core, sentence });
  }
  return found;
}

function contentOf(sentence: Sentence): Set<string> {
  const content = new Set<string>();
  for (const word of sentence.words) {
    for (const tag of word.candidates)
      if (["n", "v", "adj", "pn", "num"].includes(tag.cat) && tag.cost < 4) content.add((tag.lemma ?? word.lower).toLowerCase());
  }
  return content;
}
