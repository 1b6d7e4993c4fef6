import { positionKey } from "../../language/analysis";
import { midSentence, nodeText } from "../../language/node-text";
import { subjectIn } from "../../language/pronoun-rivals";
import { headTerminal, type Node } from "../../language/tree";
import { assertNever } from "../../lib/assert-never";
import { literally } from "../../lib/literally";
import { createRandom, seedFrom } from "../../lib/random";
import type { Fact } from "../facts/fact";
import { FEELINGS } from "../facts/find-feeling";
import { numberedReasons } from "../facts/find-numbered-reason";
import { isSameSort } from "../facts/term-sort";
import { binderOf, findUnclear } from "../phrasing/clear-reference";
import { leadingNumber, numberValue } from "../phrasing/number-forms";
import { verbPhraseAs } from "../phrasing/restate";
import { near, type SourceStock, type Statement } from "../source-stock";
import { nounDistractors } from "./noun-distractors";
import { aboutDistractors, lengthDistractors, mostThereCanBe, numberDistractors, shareDistractors, yearDistractors } from "./number-distractors";
import { functionDistractors, isPresent, isSameDoer, isSameTense, isWay, prefixed, statementDistractors } from "./statement-distractors";
import { timeDistractors } from "./time-distractors";

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
      return alikeFirst(
        fact,
        stock,
        count,
        seed,
        (statement) => isOfItsSort(statement, fact, stock),
        (statement) => statement.text,
      );
    case "condition":
      return alikeFirst(
        fact,
        stock,
        count,
        seed,
        ({ phrasing }) => phrasing.binder.human === fact.phrasing.binder.human,
        // "What did Aldrin do when …?": something else that he did.
        (statement) => {
          const fits =
            fact.pattern === "what-did-when"
              ? isWay(statement) && statement.phrasing.subject === fact.phrasing.subject && isSameTense(statement, fact)
              : isPresent(statement);
          return fits ? statement.text : undefined;
        },
      );
    case "purpose":
      return fact.pattern === "why-to"
        ? statementDistractors(fact, stock, count, seed, (statement) =>
            isWay(statement) && statement.rest.includes(" ") && statement.phrasing.binder.human === fact.phrasing.binder.human && !isSameDoer(statement, fact)
              ? prefixed("to", verbPhraseAs(statement.phrasing, "base", statement.rest))
              : undefined,
          )
        : [];
    case "manner":
      return statementDistractors(fact, stock, count, seed, (statement) =>
        isWay(statement) && statement.phrasing.binder.human === fact.phrasing.binder.human && !isSameDoer(statement, fact)
          ? prefixed("by", verbPhraseAs(statement.phrasing, "ing", statement.rest))
          : undefined,
      );
    case "definition":
      return definitionDistractors(fact, stock, count);
    case "naming":
    case "thing":
      // "Which zoos must be inspected?": those of which something is told, beside which no other noun stands well.
      return fact.pattern === "which-of-sort" ? [] : nounDistractors(fact, stock, count, seed);
    case "person":
      return personDistractors(fact, stock, count, seed);
    case "occasion":
      return occasionDistractors(fact, stock, count, seed);
    case "feeling":
      return feelingDistractors(fact, count, seed);
    case "function":
      // "What should you bend the rope into?": a thing, beside which the text offers lids and lamps, and no deed.
      return fact.pattern === "what-relation" ? [] : functionDistractors(fact, stock, count, seed);
    case "report":
      return reportDistractors(fact, stock, count, seed);
    case "aim":
      return statementDistractors(fact, stock, count, seed, (statement) =>
        // "What must the notary do?" What the notary does may be a duty too.
        isWay(statement) &&
        !saysName(statement, fact) &&
        statement.rest.includes(" ") &&
        statement.phrasing.binder.human &&
        !(fact.pattern === "what-should" && isSameDoer(statement, fact))
          ? verbPhraseAs(statement.phrasing, "base", statement.rest)
          : undefined,
      );
    case "reason":
      return (
        numberedReasons(stock.analysis)
          // "The animals" beside "Safety", and a sentence beside sentences.
          .filter((reason) => reason !== fact.answer && reason.split(" ").length > 2 === fact.answer.split(" ").length > 2)
          .slice(0, count)
      );
    case "step":
      return near(stock.facts, fact.sentence)
        .filter((other) => other.type === "step" && other.sentence !== fact.sentence)
        .map((other) => other.answer)
        .slice(0, count);
    case "list":
    case "speaker":
      return [];
    case "place":
      return placeDistractors(fact, stock, count, seed);
    default:
      return assertNever(fact.type);
  }
}

/** Some of them may be more than there can be. */
const MORE = 2;

function quantityDistractors(fact: Fact, stock: SourceStock, count: number, seed: number): string[] {
  const far = aboutDistractors(fact.answer, count + MORE, seed);
  if (far.length > 0) return far.filter((other) => (leadingNumber(other) ?? 0) <= mostThereCanBe(fact.stem)).slice(0, count);
  if (/^(?:more|less|fewer|at|up|about|almost|nearly|only|as) /i.test(fact.answer)) return [];
  const others = near(stock.facts, fact.sentence)
    .filter((other) => other.type === "quantity" && other.id !== fact.id)
    .map((other) => numberValue(other.answer))
    .filter((value): value is number => value !== undefined);
  const value = numberValue(fact.answer) ?? 0;
  // "Within how many minutes?" – "Two.": within three as well, but not within one.
  const isWithin = /\bwithin how many\b/i.test(fact.stem);
  const found = numberDistractors(fact.answer, others, isWithin ? MOST_NUMBERS : count, seed);
  return isWithin ? found.filter((other) => (numberValue(other) ?? 0) < value).slice(0, count) : found;
}

/** More than there are near any number. */
const MOST_NUMBERS = 12;

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
  // "£9,000", "about $40"
  if (/^(?:(?:about|nearly|almost|roughly|around|only) )?[£$€¥]/.test(fact.answer)) {
    const far = aboutDistractors(fact.answer, count, seed);
    return far.length > 0 ? far : numberDistractors(fact.answer, [], count, seed);
  }
  const [by] = /^by /.exec(fact.answer) ?? [""];
  const others = [...shareDistractors(fact.answer.slice(by.length), count, seed), ...lengthDistractors(fact.answer, count, seed)].map(
    (other) => `${by}${other}`,
  );
  if (others.length > 0) return others;
  const ladder = ["every hour", "every day", "every week", "every month", "every year"];
  const like = fact.answer.replace(/^each/, "every");
  return ladder.includes(like)
    ? random
        .shuffle(ladder.filter((step) => step !== like))
        .slice(0, count)
        .map((step) => step.replace("every", fact.answer.split(" ")[0]!))
    : [];
}

/** What other terms of the source mean. */
function definitionDistractors(fact: Fact, stock: SourceStock, count: number): string[] {
  const others = near(stock.facts, fact.sentence).filter(
    (other) =>
      (other.type === "definition" || other.type === "naming") &&
      other.term !== fact.term &&
      other.definiens &&
      other.sentence !== fact.sentence &&
      isSameSort(fact, other, stock.analysis.lexicon),
  );
  const length = fact.answer.length;
  const texts = [...new Set(others.map((other) => other.definiens!))].filter((text) => text.length > length * 0.5 && text.length < length * 1.8);
  return texts.slice(0, count);
}

function personDistractors(fact: Fact, stock: SourceStock, count: number, seed: number): string[] {
  const node = fact.answerNode!;
  const random = createRandom(seedFrom(fact.id, seed));
  // "the Dutch": a people, beside whom one person gives it away.
  if (/^the \p{Lu}\p{Ll}+$/u.test(fact.answer)) return [];
  if (headTerminal(node).cat === "pn" || stock.analysis.persons.has(fact.answer)) {
    const surname = fact.answer.split(" ").at(-1)!;
    const names = [...new Set([...stock.analysis.persons.values()].map((person) => person.name))].filter(
      (name) => !name.split(" ").includes(surname) && !fact.answer.includes(name) && !fact.stem.includes(name),
    );
    return random.shuffle(names).slice(0, count);
  }
  return nounDistractors(fact, stock, count, seed);
}

/** Clauses of the key's own sort first: about somebody, or about a thing. */
function alikeFirst(
  fact: Fact,
  stock: SourceStock,
  count: number,
  seed: number,
  isAlike: (statement: Statement) => boolean,
  phrase: (statement: Statement) => string | undefined,
): string[] {
  const alike = statementDistractors(fact, stock, count, seed, (statement) => (isAlike(statement) ? phrase(statement) : undefined));
  return [...new Set([...alike, ...statementDistractors(fact, stock, count, seed, phrase)])].slice(0, count);
}

/** What others said or found first; then what the source tells of things, where the key tells of things, and never of who said it. */
function reportDistractors(fact: Fact, stock: SourceStock, count: number, seed: number): string[] {
  const length = fact.answer.split(" ").length;
  // "decides *when ships may enter*": a question beside questions, and never beside what is the case.
  const isTold = fact.answer.startsWith("that ");
  const others = near(stock.facts, fact.sentence)
    .filter(({ type, sentence, phrasing }) => type === "report" && sentence !== fact.sentence && phrasing.subject !== fact.phrasing.subject)
    .map(({ answer }) => answer)
    .filter((answer) => answer.startsWith("that ") === isTold && Math.abs(answer.split(" ").length - length) <= length * 0.6);
  const told = statementDistractors(fact, stock, count, seed, (statement) =>
    isTold && isOfItsSort(statement, fact, stock) && !isSameDoer(statement, fact) ? prefixed("that", statement.text) : undefined,
  );
  return [...new Set([...others, ...told])].slice(0, count);
}

/** A clause about somebody beside a key about somebody, about a thing beside one about a thing: the other kind gives itself away. */
function isOfItsSort({ phrasing }: Statement, fact: Fact, { analysis }: SourceStock): boolean {
  const inner = fact.answerNode && subjectIn(fact.answerNode);
  if (!inner) return true;
  const told = analysis.antecedents.get(positionKey(fact.sentence, inner.start));
  const isHuman =
    /^(?:he|she|i|we)$/.test(headTerminal(inner).lemma ?? "") || binderOf(told?.node ?? inner, told?.text ?? nodeText(fact.sentence, inner), analysis).human;
  return phrasing.binder.human === isHuman;
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
  const times = timeDistractors(fact.answer, createRandom(seedFrom(fact.id, seed))).filter((other) => !isToldElsewhere(other, fact, stock));
  if (times.length > 0) return times.slice(0, count);
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

/** The source tells of the same deed or doer at the other time as well. */
function isToldElsewhere(time: string, { clause, sentence }: Fact, { sentencesByLemma }: SourceStock): boolean {
  const words = [clause.verb.lemma, headTerminal(clause.subject).lemma].map((word) => (word ?? "").toLowerCase()).filter((word) => word.length > 2);
  const last = new RegExp(`\\b${literally(time.split(" ").at(-1)!)}`, "i");
  return last.test(sentence.text) || words.some((word) => sentencesByLemma.get(word)?.some((other) => last.test(other.text)));
}

/** "What did Merriam advise her readers to do?" – "Send *Merriam* to the West": done to whoever asks for it. */
function saysName({ rest }: Statement, { phrasing: { subject } }: Fact): boolean {
  return /^\p{Lu}/u.test(subject) && subject.split(" ").some((word) => rest.includes(word));
}

/** Other places the source names, with their own prepositions. */
function placeDistractors(fact: Fact, stock: SourceStock, count: number, seed: number): string[] {
  const random = createRandom(seedFrom(fact.id, seed));
  const found: string[] = [];
  const own = fileOfHead(headTerminal(fact.answerNode!), stock);
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
      const file = fileOfHead(head, stock);
      // "at the station" beside "in London" and "in many places": a thing, a town and none.
      const isPlace = own === "name" ? file === "name" : file === own && /^(?:6|15|17)$/.test(file);
      const text = midSentence(sentence, node, nodeText(sentence, node));
      const noun = head.lemma ?? "";
      const taken = [fact.answer, ...found].some((other) => other.toLowerCase().includes(noun.toLowerCase()));
      if (
        !isPlace ||
        taken ||
        /\b(?:some|many|several|most|other|different|various|certain|all)\b/i.test(text) ||
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

/** The dictionary's file of a noun, or that it is a name. */
function fileOfHead({ cat, lemma = "" }: Node, { analysis: { lexicon } }: SourceStock): string {
  if (cat === "pn") return "name";
  const sense = lexicon.findWord(lemma.toLowerCase())?.senses[0];
  return sense === undefined ? "" : String(lexicon.nounFile(sense));
}
