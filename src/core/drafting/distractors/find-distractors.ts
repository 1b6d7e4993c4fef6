import { MASS_NOUNS } from "../../language/data/irregular-nouns";
import { THIN_NOUNS, TIME_NOUNS, UNIT_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { midSentence, nodeText } from "../../language/node-text";
import { headTerminal, type Node } from "../../language/tree";
import { assertNever } from "../../lib/assert-never";
import { createRandom, type Random, seedFrom } from "../../lib/random";
import type { Fact } from "../facts/fact";
import { FEELINGS } from "../facts/find-feeling";
import { findUnclear } from "../phrasing/clear-reference";
import { numberValue } from "../phrasing/number-forms";
import { articleFor, verbPhraseAs } from "../phrasing/restate";
import { near, type SourceStock, type Statement } from "../source-stock";
import { overlaps, wuPalmer } from "./noun-kind";
import { numberDistractors, yearDistractors } from "./number-distractors";

/**
 * Wrong options of the answer's own kind, best first, as phrases for the middle of a sentence. Fewer
 * than asked for (or none) where the source and the dictionary give no fair ones.
 */
export function findDistractors(fact: Fact, stock: SourceStock, count: number, seed: number): string[] {
  switch (fact.type) {
    case "quantity":
      return quantityDistractors(fact, stock, count, seed);
    case "time":
      return yearDistractors(fact.answer, yearsOf(stock), count, seed);
    case "frequency":
      return frequencyDistractors(fact, count, seed);
    case "cause":
      return statementDistractors(fact, stock, count, seed, (statement) => statement.text);
    case "condition":
      return statementDistractors(fact, stock, count, seed, (statement) => (isPresent(statement) ? statement.text : undefined));
    case "purpose":
      return fact.pattern === "why-to"
        ? statementDistractors(fact, stock, count, seed, (statement) =>
            statement.rest.includes(" ") && statement.phrasing.binder.human === fact.phrasing.binder.human
              ? prefixed("to", verbPhraseAs(statement.phrasing, "base", statement.rest))
              : undefined,
          )
        : [];
    case "manner":
      return statementDistractors(fact, stock, count, seed, (statement) => prefixed("by", verbPhraseAs(statement.phrasing, "ing", statement.rest)));
    case "definition":
      return definitionDistractors(fact, stock, count);
    case "naming":
    case "thing":
      return nounDistractors(fact, stock, count, seed);
    case "person":
      return personDistractors(fact, stock, count, seed);
    case "occasion":
      return occasionDistractors(fact, stock, count, seed);
    case "feeling":
      return feelingDistractors(fact, count, seed);
    case "function":
      return functionDistractors(fact, stock, count, seed);
    case "report":
      return statementDistractors(fact, stock, count, seed, (statement) => prefixed("that", statement.text));
    case "aim":
      return statementDistractors(fact, stock, count, seed, (statement) =>
        statement.rest.includes(" ") && statement.phrasing.binder.human ? verbPhraseAs(statement.phrasing, "base", statement.rest) : undefined,
      );
    case "list":
    case "speaker":
      return [];
    case "place":
      return placeDistractors(fact, stock, count, seed);
    default:
      return assertNever(fact.type);
  }
}

function quantityDistractors(fact: Fact, stock: SourceStock, count: number, seed: number): string[] {
  if (/^(?:more|less|fewer|at|up|about|almost|nearly|only|as) /i.test(fact.answer)) return [];
  const others = near(stock.facts, fact.sentence)
    .filter((other) => other.type === "quantity" && other.id !== fact.id)
    .map((other) => numberValue(other.answer))
    .filter((value): value is number => value !== undefined);
  return numberDistractors(fact.answer, others, count, seed);
}

const years = new WeakMap<SourceStock, string[]>();

function yearsOf(stock: SourceStock): string[] {
  const known = years.get(stock) ?? allYears(stock);
  years.set(stock, known);
  return known;
}

function allYears(stock: SourceStock): string[] {
  return [...new Set(stock.analysis.sentences.flatMap((sentence) => sentence.text.match(/\b(?:1\d{3}|20\d\d)\b/g) ?? []))];
}

function frequencyDistractors(fact: Fact, count: number, seed: number): string[] {
  const random = createRandom(seedFrom(fact.id, seed));
  const match = /^(every|each) (\S+) (\S+s)$/.exec(fact.answer);
  if (match && numberValue(match[2]!))
    return numberDistractors(match[2]!, [], count + 1, seed)
      .filter((number) => numberValue(number) !== 1)
      .slice(0, count)
      .map((number) => `${match[1]} ${number} ${match[3]}`);
  const ladder = ["every hour", "every day", "every week", "every month", "every year"];
  const like = fact.answer.replace(/^each/, "every");
  return ladder.includes(like)
    ? random
        .shuffle(ladder.filter((step) => step !== like))
        .slice(0, count)
        .map((step) => step.replace("every", fact.answer.split(" ")[0]!))
    : [];
}

/** Other things the source says, of like length and tense; never from the sentence itself or one that shares its reason. */
function statementDistractors(fact: Fact, stock: SourceStock, count: number, seed: number, phrase: (statement: Statement) => string | undefined): string[] {
  const random = createRandom(seedFrom(fact.id, seed));
  const length = fact.answer.split(" ").length;
  const asked = stock.contentBySentence.get(fact.sentence)!;
  const tense = fact.clause.verb.flags?.includes("past") || fact.clause.auxiliaries[0]?.flags?.includes("past") ? "past" : "present";
  const scored = random.shuffle(near(stock.statements, fact.sentence)).flatMap((statement) => {
    const distance = Math.abs(statement.sentence.index - fact.sentence.index);
    if (distance === 0 || saysWhatIs(statement) || statement.phrasing.clause.shared || statement.words < 4 || statement.words > 16) return [];
    const text = phrase(statement);
    if (!text || /\d{4}/.test(text) || /\b(?:because|so that|which)\b/.test(text)) return [];
    const words = text.split(" ").length;
    const ratio = words / length;
    if (ratio < 0.5 || ratio > 1.7 || words < 3) return [];
    const shared = [...stock.contentBySentence.get(statement.sentence)!].filter((lemma) => asked.has(lemma)).length;
    const sameTense = isPresent(statement) === (tense === "present");
    const sameBlock = statement.sentence.block === fact.sentence.block;
    return [
      {
        text,
        subject: statement.phrasing.subject,
        score:
          Math.min(shared, 3) +
          (sameTense ? 2 : 0) +
          (statement.phrasing.binder.human === fact.phrasing.binder.human ? 1.2 : 0) -
          Math.abs(1 - ratio) * 2 -
          (distance === 1 ? 1.5 : 0) -
          (sameBlock ? 0.3 : 0) -
          (statement.phrasing.clause.verb.cat === "be" ? 0.5 : 0),
      },
    ];
  });
  const chosen: string[] = [];
  const subjects = new Map<string, number>();
  for (const { text, subject } of scored.sort((a, b) => b.score - a.score)) {
    if (chosen.length === count) break;
    if ((subjects.get(subject) ?? 0) >= 2 || chosen.some((other) => other === text)) continue;
    subjects.set(subject, (subjects.get(subject) ?? 0) + 1);
    chosen.push(text);
  }
  return chosen;
}

/** "An echo is a sound …" can be no reason and no result. */
function saysWhatIs({ phrasing: { clause } }: Statement): boolean {
  return (clause.verb.cat === "be" && clause.complements.some((part) => part.node.cat === "np")) || clause.complements.some((part) => part.role === "object2");
}

function isPresent(statement: Statement): boolean {
  const { clause } = statement.phrasing;
  const first = clause.auxiliaries[0] ?? clause.verb;
  return !first.flags?.includes("past") && !["could", "would", "might"].includes(first.lemma ?? "");
}

function prefixed(word: string, phrase: string | undefined): string | undefined {
  return phrase && `${word} ${phrase}`;
}

/** What other things of the source do, told of one or of many as the key is. */
function functionDistractors(fact: Fact, stock: SourceStock, count: number, seed: number): string[] {
  const form = fact.clause.verb.flags?.[0] === "third" ? ("third" as const) : ("base" as const);
  const own = headTerminal(fact.clause.subject).lemma;
  return statementDistractors(fact, stock, count, seed, ({ phrasing, rest }) => {
    const { clause } = phrasing;
    const isAlike = !phrasing.binder.human && clause.complements.length > 0 && clause.auxiliaries.length === 0 && !clause.verb.flags?.includes("past");
    return isAlike && clause.verb.cat === "v" && headTerminal(clause.subject).lemma !== own && !/\b(?:it|its|they|their|them)\b/.test(rest)
      ? verbPhraseAs(phrasing, form, rest)
      : undefined;
  });
}

/** What other terms of the source mean. */
function definitionDistractors(fact: Fact, stock: SourceStock, count: number): string[] {
  const others = near(stock.facts, fact.sentence).filter(
    (other) => (other.type === "definition" || other.type === "naming") && other.term !== fact.term && other.definiens && other.sentence !== fact.sentence,
  );
  const length = fact.answer.length;
  const texts = [...new Set(others.map((other) => other.definiens!))].filter((text) => text.length > length * 0.5 && text.length < length * 1.8);
  return texts.slice(0, count);
}

/** Nouns of the source, of the answer's kind and number and with its article. Nouns from outside it are guessed away at once. */
function nounDistractors(fact: Fact, stock: SourceStock, count: number, seed: number): string[] {
  const { lexicon, persons } = stock.analysis;
  const node = fact.answerNode!;
  const head = headTerminal(node);
  if (head.cat !== "n") return [];
  const lemma = (head.lemma ?? "").toLowerCase();
  const plural = head.flags?.[0] === "pl";
  const file = nounFile(lemma, stock);
  const taken: string[] = [lemma];
  const chosen: string[] = [];
  const take = (text: string, noun: string) => {
    if (chosen.length >= count || taken.some((other) => overlaps(other, noun, lexicon)) || alsoTrue(fact, noun, stock)) return;
    taken.push(noun);
    chosen.push(text);
  };
  const random = createRandom(seedFrom(fact.id, seed));
  const words = fact.answer.split(" ").length;
  const terms = near(stock.facts, fact.sentence).filter(
    (other) => other.type === "naming" && other.term !== fact.term && other.answerNode && headTerminal(other.answerNode).flags?.[0] === head.flags?.[0],
  );
  if (fact.type === "naming") {
    for (const other of random.shuffle(terms)) take(dressed(bare(other.answer), node), headTerminal(other.answerNode!).lemma ?? "");
    for (const phrase of topicalPhrases(fact, stock, plural, random)) {
      if (!fact.stem.toLowerCase().includes(phrase.noun) && !(node.f.det === "indef" && MASS_NOUNS.has(phrase.noun)))
        take(dressed(phrase.text, node), phrase.noun);
    }
  }
  const similar = random
    .shuffle(near(stock.nounPhrases, fact.sentence))
    .filter((phrase) => {
      const other = headTerminal(phrase.node);
      return (
        other.cat === "n" &&
        (other.flags?.[0] === "pl") === plural &&
        sameArticle(phrase.node, node) &&
        nounFile(other.lemma ?? "", stock) === file &&
        Math.abs(phrase.text.split(" ").length - words) <= 2 &&
        !persons.has(phrase.text) &&
        !fact.stem.toLowerCase().includes(other.lemma ?? "")
      );
    })
    .map((phrase) => ({ phrase, near: wuPalmer(lemma, headTerminal(phrase.node).lemma ?? "", lexicon) }))
    .filter(({ near }) => near >= 0.5)
    .sort((a, b) => b.near - a.near);
  for (const { phrase } of similar) take(phrase.text, headTerminal(phrase.node).lemma ?? "");
  return chosen;
}

function bare(phrase: string): string {
  return phrase.replace(/^(?:an?|the|its|their) /i, "");
}

/** Nouns the source keeps using, with the modifier that makes a term of them: what a careless reader would pick. */
function topicalPhrases(fact: Fact, stock: SourceStock, plural: boolean, random: Random): { text: string; noun: string }[] {
  const { lemmaCounts, headingLemmas, lexicon, persons } = stock.analysis;
  const found = new Map<string, { text: string; noun: string; weight: number }>();
  for (const { text, node } of random.shuffle(near(stock.nounPhrases, fact.sentence))) {
    const head = headTerminal(node);
    const noun = (head.lemma ?? "").toLowerCase();
    const count = lemmaCounts.get(noun) ?? 0;
    const words = bare(text).split(" ");
    if (
      head.cat !== "n" ||
      (head.flags?.[0] === "pl") !== plural ||
      words.length > 2 ||
      count < 2 ||
      persons.has(text) ||
      THIN_NOUNS.has(noun) ||
      (MASS_NOUNS.has(noun) && node.f.det !== "def") ||
      isPersonNoun(noun, lexicon)
    )
      continue;
    if (TIME_NOUNS.has(noun) || UNIT_NOUNS.has(noun) || node.f.det === "quant" || node.f.det === "num" || node.f.det === "poss") continue;
    const weight = Math.min(count, 5) + (headingLemmas.has(noun) ? 2 : 0) + (words.length === 2 ? 1.5 : 0);
    const old = found.get(noun);
    if (!old || old.weight < weight) found.set(noun, { text: bare(text), noun, weight });
  }
  return [...found.values()].sort((a, b) => b.weight - a.weight);
}

function nounFile(lemma: string, stock: SourceStock): number {
  const sense = stock.analysis.lexicon.findWord(lemma.toLowerCase())?.senses[0];
  return sense ? stock.analysis.lexicon.nounFile(sense) : 0;
}

function sameArticle(a: Node, b: Node): boolean {
  const kind = (node: Node) => (node.f.det === "def" || node.f.det === "indef" ? node.f.det : "bare");
  return kind(a) === kind(b);
}

function dressed(noun: string, model: Node): string {
  if (model.f.det === "def") return `the ${noun}`;
  return model.f.det === "indef" && noun !== "" ? `${articleFor(noun)} ${noun}` : noun;
}

/** Another sentence that speaks of the same deed with this noun might make it right too. */
function alsoTrue(fact: Fact, noun: string, stock: SourceStock): boolean {
  const verb = fact.clause.verb.lemma ?? "";
  const isDeed = verb.length > 2 && fact.clause.verb.cat === "v";
  return (stock.sentencesByLemma.get(noun.toLowerCase()) ?? []).some(
    (sentence) => sentence === fact.sentence || (isDeed && stock.contentBySentence.get(sentence)!.has(verb)),
  );
}

function personDistractors(fact: Fact, stock: SourceStock, count: number, seed: number): string[] {
  const node = fact.answerNode!;
  const random = createRandom(seedFrom(fact.id, seed));
  if (headTerminal(node).cat === "pn" || stock.analysis.persons.has(fact.answer)) {
    const surname = fact.answer.split(" ").at(-1)!;
    const names = [...new Set([...stock.analysis.persons.values()].map((person) => person.name))].filter(
      (name) => !name.split(" ").includes(surname) && !fact.answer.includes(name) && !fact.stem.includes(name),
    );
    return random.shuffle(names).slice(0, count);
  }
  return nounDistractors(fact, stock, count, seed);
}

/** Feelings of another family than the key's, as plain as it is. */
function feelingDistractors(fact: Fact, count: number, seed: number): string[] {
  const own = FEELINGS.find((family) => family.includes(fact.answer));
  const others = FEELINGS.filter((family) => family !== own);
  const random = createRandom(seedFrom(fact.id, seed));
  return random
    .shuffle(others)
    .map((family) => family[random.below(family.length)]!)
    .slice(0, count);
}

/** Other times the source names, in the same form: a clause for a clause, a phrase for a phrase. */
function occasionDistractors(fact: Fact, stock: SourceStock, count: number, seed: number): string[] {
  const isClause = fact.answerNode?.cat === "sb";
  const words = fact.answer.split(" ").length;
  const opening = fact.answer.split(" ")[0]!;
  const others = near(stock.facts, fact.sentence).filter(
    (other) =>
      other.type === "occasion" &&
      other.sentence !== fact.sentence &&
      (other.answerNode?.cat === "sb") === isClause &&
      Math.abs(other.answer.split(" ").length - words) <= 4 &&
      (opening !== "until") === !other.answer.startsWith("until"),
  );
  const texts = [...new Set(others.map((other) => other.answer))].filter((text) => text !== fact.answer);
  return createRandom(seedFrom(fact.id, seed)).shuffle(texts).slice(0, count);
}

/** Other places the source names, with their own prepositions. */
function placeDistractors(fact: Fact, stock: SourceStock, count: number, seed: number): string[] {
  const random = createRandom(seedFrom(fact.id, seed));
  const found: string[] = [];
  for (const { sentence, phrasing } of random.shuffle(near(stock.statements, fact.sentence))) {
    if (found.length === count) break;
    for (const { node } of phrasing.clause.adjuncts) {
      if (
        sentence === fact.sentence ||
        node.cat !== "pp" ||
        node.f.time ||
        !/^(?:in|at|on|under|behind|inside|near|beside|below|above|around)$/.test(node.kids[0]?.lemma ?? "")
      )
        continue;
      const head = headTerminal(node);
      const sense = stock.analysis.lexicon.findWord((head.lemma ?? "").toLowerCase())?.senses[0];
      const isPlace = head.cat === "pn" || (sense !== undefined && [6, 15, 17].includes(stock.analysis.lexicon.nounFile(sense)));
      const text = midSentence(sentence, node, nodeText(sentence, node));
      const noun = head.lemma ?? "";
      const taken = [fact.answer, ...found].some((other) => other.toLowerCase().includes(noun.toLowerCase()));
      if (
        !isPlace ||
        taken ||
        findUnclear(node, sentence, stock.analysis) ||
        fact.stem.toLowerCase().includes(noun.toLowerCase()) ||
        text.split(" ").length > 7
      )
        continue;
      found.push(text);
      break;
    }
  }
  return found.slice(0, count);
}
