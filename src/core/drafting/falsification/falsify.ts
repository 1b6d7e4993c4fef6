import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { inflectVerb } from "../../language/inflect";
import { nodeText, wordsText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { literally } from "../../lib/literally";
import { numberDistractors, yearDistractors } from "../distractors/number-distractors";
import { numberValue } from "../phrasing/number-forms";
import type { Statement } from "../source-stock";
import { OPPOSITES } from "./opposites";

export type Falsehood = { text: string; how: "number" | "year" | "antonym" | "order" | "comparison" | "denial" | "doer"; from: string; to: string };

/** Under these a changed statement may still be true. */
const HEDGED =
  /\b(?:can|could|may|might|should|would|at least|at most|more than|less than|fewer than|up to|about|nearly|almost|roughly|around|over|under|some|often|usually|sometimes|only|not|no|never|nobody|by \d{4})\b/i;
const ORDER: Record<string, string> = { before: "after", after: "before" };

/** Ways to make a statement false so that the source itself denies it: number, year, order in time, comparison, opposite. */
export function falsify(statement: Statement, analysis: Analysis, seed: number): Falsehood[] {
  const comparison = byComparison(statement, analysis);
  if (statement.phrasing.clause.negated) return byDenial(statement);
  // "Warm air can hold more water than cold air": the other way round it is denied with *can* as well.
  const isAble = statement.phrasing.clause.auxiliaries.length === 1 && statement.phrasing.clause.auxiliaries[0]!.lemma === "can";
  if (isAble && !HEDGED.test(statement.text.replace(/\bcan\b/, ""))) return comparison;
  if (HEDGED.test(statement.text)) return byNothing(statement);
  return [
    ...(FRACTIONS.test(statement.text) ? [] : byNumber(statement, seed)),
    ...byYear(statement, analysis, seed),
    // "have a crack, *so the steam leaks out before …*": of those with a crack, and of others it may be otherwise.
    ...(statement.phrasing.clause.linkedBy === "so" ? [] : byOrder(statement)),
    ...comparison,
    ...byOpposite(statement, analysis),
  ];
}

/** "Bees do not hibernate" → "Bees hibernate"; the source itself says that they do not. */
function byDenial({ phrasing, rest }: Statement): Falsehood[] {
  const { clause, subject, finite } = phrasing;
  const [auxiliary, not, ...verb] = finite.replace(/^cannot /, "can not ").split(" ");
  // "Each lens did not hold forty": not each, or none?
  if (/^(?:each|every|all|both|most|many|some)\b/i.test(subject)) return [];
  if (
    not !== "not" ||
    !auxiliary ||
    /\b(?:any|anything|anyone|anybody|anywhere|yet|ever|until|longer|either|much|many|but|only)\b/.test(rest) ||
    clause.adjuncts.some(({ node }) => node.cat.includes("sb"))
  )
    return [];
  // "A crack does not shout": a figure of speech, whose opposite nobody would believe.
  if (
    phrasing.binder.lifeless &&
    /^(?:shout|cry|speak|talk|sing|forget|sleep|lie|care|wait|think|know|mind|complain|ask|remember|laugh)$/.test(clause.verb.lemma ?? "")
  )
    return [];
  if (/^(?:may|might|could|should|would)$/.test(auxiliary)) return [];
  const plain = /^(?:do|does|did)$/.test(auxiliary)
    ? inflectVerb(clause.verb.lemma ?? verb.join(" "), auxiliary === "did" ? "past" : auxiliary === "does" ? "third" : "base")
    : [auxiliary, ...verb].join(" ");
  return [{ text: [subject, plain, rest].filter(Boolean).join(" "), how: "denial", from: `${auxiliary} not`, to: plain }];
}

/** "An earthworm has no eyes" → "An earthworm has eyes". */
function byNothing({ phrasing, text }: Statement): Falsehood[] {
  const none = phrasing.clause.complements.filter(({ node }) => node.cat === "np" && /^no\b/.test(nodeText(phrasing.clause.sentence, node)));
  // "When a river floods or a factory burns, there is *no* time": the or belongs to another clause.
  if (phrasing.clause.adjuncts.some(({ node }) => node.cat.includes("sb"))) return [];
  if (
    none.length !== 1 ||
    (text.match(/\bno\b/g) ?? []).length !== 1 ||
    /\b(?:any|anything|anyone|anybody|anywhere|ever|no longer|no more|no one|can|may|some|about|only|almost|nearly)\b/.test(text)
  )
    return [];
  const plural = headTerminal(none[0]!.node).flags?.[0] !== "sg";
  return plural ? [{ text: text.replace(/\bno /, "").replace(/, or /, ", and ").replace(/ or /, " and "), how: "denial", from: "no", to: "" }] : [];
}

/** "two thirds": another number of them may be more than there are. */
const FRACTIONS = /\b(?:half|halves|thirds?|quarters?|fifths?|sixths?|tenths?|hundredths?)\b/i;

/** Replaces a word that stands there exactly once. */
function swap(text: string, from: string, to: string, how: Falsehood["how"]): Falsehood[] {
  const pattern = new RegExp(`(?<![\\w-])${literally(from)}(?![\\w-])`, "g");
  return text.match(pattern)?.length === 1 ? [{ text: text.replace(pattern, to), how, from, to }] : [];
}

function byNumber({ phrasing, text }: Statement, seed: number): Falsehood[] {
  const { clause } = phrasing;
  // "is like a game with a million balls": nothing is counted.
  if (/\b(?:like|as if)\b/.test(text)) return [];
  // "She was thirty-seven years old": once.
  if (/\b(?:was|were) [\w-]+ (?:years?|months?|weeks?|days?) old$/.test(text)) return [];
  const relatives = [
    ...walkTree(clause.subject).filter((node) => node.cat === "rc" || node.cat === "s"),
    // "sensible for a bridge *that will stand for sixty years*": and for one that stands for forty.
    ...partsOf(clause).flatMap((part) => walkTree(part).filter((node) => node.cat === "rc" && walkTree(node).some(({ cat }) => cat === "modal"))),
  ];
  const counted = [...partsOf(clause), clause.subject]
    .flatMap((node) => walkTree(node))
    .filter((node) => node.role === "quantity")
    // "The difference between *the two rates*": no other number of them was ever told of.
    .filter((node) => !/^(?:the|these|those|its|their)$/.test(clause.sentence.words[node.start - 1]?.lower ?? "") && node.f.det !== "def")
    // "The place where two bones meet": the number tells which place, and nothing of it is denied.
    .filter((node) => !relatives.some((inner) => node.start >= inner.start && node.end <= inner.end));
  return counted.flatMap((node) => {
    const number = node.kids[0]!;
    const words = nodeText(clause.sentence, number);
    const value = numberValue(words);
    // "several thousand eggs", "all four cups": no number of its own.
    if (
      /^(?:several|many|some|few|a few|all|these|those|other)$/.test(clause.sentence.words[number.start - 1]?.lower ?? "") ||
      /^(?:several|many|a few)\b/i.test(words)
    )
      return [];
    if (value === undefined || value < 2 || number.f.sub || isRange(clause, number)) return [];
    // "one sources" would give itself away by its grammar.
    const other = numberDistractors(words, [], 3, seed).find((number) => numberValue(number) !== 1);
    return other ? swap(text, words, other, "number") : [];
  });
}

/** "two to three months": both ends of a range hold together. */
function isRange({ sentence }: Clause, number: Node): boolean {
  return /^(?:to|or|and)$/.test(sentence.words[number.start - 1]?.lower ?? "") || /^(?:to|or|and|-|–)$/.test(sentence.words[number.end]?.lower ?? "");
}

function byYear({ text, phrasing }: Statement, analysis: Analysis, seed: number): Falsehood[] {
  // "In 1860 a letter traveled by ship": so it did in other years.
  if (phrasing.clause.subject.f.det === "indef" && !phrasing.clause.passive) return [];
  // "The men who wrote it in 1787": the year tells which men.
  if (walkTree(phrasing.clause.subject).some((node) => node.cat === "num" && node.flags?.includes("year"))) return [];
  const years = text.match(/\b(?:1\d{3}|20[0-2]\d)\b/g) ?? [];
  if (years.length !== 1 || !new RegExp(`\\bin (?:[A-Z][a-z]+ )?${years[0]}\\b`).test(text)) return [];
  const all = analysis.sentences.flatMap((sentence) => sentence.text.match(/\b(?:1\d{3}|20[0-2]\d)\b/g) ?? []);
  const [other] = yearDistractors(years[0]!, [...new Set(all)], 1, seed);
  return other ? swap(text, years[0]!, other, "year") : [];
}

/** "polished the brass *before* they slept" → after. */
function byOrder({ phrasing, text }: Statement): Falsehood[] {
  return phrasing.clause.adjuncts.flatMap(({ node }) => {
    const first = openingWord(node);
    const other = first && ORDER[first];
    // Only clauses: "looks after the harbour" says nothing of time.
    return other && node.cat.includes("sb") ? swap(text, first, other, "order") : [];
  });
}

function openingWord(node: Node): string | undefined {
  if (node.kids.length === 0) return node.cat === "sub" || node.cat === "prep" ? node.lemma : undefined;
  return openingWord(node.kids.find((kid) => kid.cat !== "comma")!);
}

/** "Fresh *water* carries a current worse than salty *water*": each carries it. */
function isOfSameSort(other: string, subject: Node): boolean {
  return new RegExp(`\\b${literally(headTerminal(subject).lemma ?? "")}s?$`, "i").test(other);
}

/** "Wet rope is harder to untie than dry rope": the two change places. */
function byComparison({ phrasing, text, rest }: Statement, analysis: Analysis): Falsehood[] {
  const than = /^(.*?\bthan) ([^,]+)(,.*)?$/.exec(rest);
  const { clause, subject } = phrasing;
  if (!than || than[3] || clause.adjuncts.some(({ node }) => node.cat.includes("sb")) || !/\b(?:\w+er|more)\b/.test(than[1]!)) return [];
  // "made of a plastic that is stronger than steel": compared inside a phrase, not by the clause.
  const compared =
    clause.complements.some(({ role, node }) => role === "predicate" && node.cat === "ap") ||
    // "Dogs understand tone *better than words*": what is understood is compared, and not who understands.
    (clause.adjuncts.some(({ node }) => node.cat === "advp") &&
      (!clause.complements.some(({ role }) => role === "object") || isOfSameSort(than[2]!, clause.subject))) ||
    clause.complements.some(({ node }) => node.cat === "np" && /^(?:more|less|fewer)\b/i.test(nodeText(clause.sentence, node)));
  if (
    !compared ||
    walkTree(clause.subject).some((node) => node.cat === "rc") ||
    partsOf(clause).some((part) => walkTree(part).some((node) => node.cat === "rc"))
  )
    return [];
  const other = than[2]!;
  const similar = other.split(" ").length <= subject.split(" ").length + 2 && !/\b(?:it|them|they|usual|expected|ever|before|people|others?)\b|\d/.test(other);
  const sameNumber = /s$/.test(headWord(subject)) === /s$/.test(headWord(other)) && !/ and /.test(other);
  if (!similar || !sameNumber || analysis.persons.has(subject)) return [];
  const verb = text.slice(subject.length + 1, text.length - rest.length).trim();
  return [{ text: `${other} ${verb} ${than[1]} ${subject}`, how: "comparison", from: subject, to: other }];
}

function headWord(phrase: string): string {
  return phrase
    .split(/ (?:of|for|in|on|at) /)[0]!
    .split(" ")
    .at(-1)!;
}

/** Under a noun ("a low bulge") the opposite may be nonsense; as verb, predicate or adverb it is a denial. */
function byOpposite({ phrasing, text }: Statement, analysis: Analysis): Falsehood[] {
  const { clause } = phrasing;
  // "Each autumn, millions leave and fly south": without its time the opposite may be true as well.
  if (clause.shared && clause.sentence.clauses[0]?.adjuncts.some(({ node }) => node.end <= clause.subject.start)) return [];
  // "keeps the snail safe": nobody takes the opposite for what is meant.
  if (
    /^(?:keep|make|leave)$/.test(clause.verb.lemma ?? "") &&
    clause.complements.some(({ role }) => role === "predicate") &&
    clause.complements.some(({ role }) => role === "object")
  )
    return [];
  const terminals = [clause.verb, ...partsOf(clause).flatMap(assertedWords)].filter((node) => isAsserted(node, clause));
  return terminals.flatMap((node) => {
    const word = wordsText(clause.sentence, node.start, node.end).toLowerCase();
    if (
      node === clause.verb &&
      clause.adjuncts.some(({ node: part }) => part.cat === "pp" && /^(?:to|into|from|onto|out of|toward|towards)$/.test(part.kids[0]?.lemma ?? ""))
    )
      return [];
    // "worked *harder*": nobody works easier.
    if (/^hard/.test(word) && clause.verb.cat !== "be") return [];
    // "in the fall" is a season; as a noun only what lies opposite has an opposite.
    if (node.cat === "n" && !/^(?:north|south|east|west|top|bottom|left|right|summer|winter|day|night)$/.test(word)) return [];
    // "cracked open"
    if (
      /^(?:open|flat|tight)$/.test(word) &&
      /^(?:crack|split|break|burst|cut|slice|force|tear|prop|swing|fling|snap|press|lie|lay|hold|close)$/.test(clause.verb.lemma ?? "")
    )
      return [];
    // "dry up", "turn off": with its particle the verb is another one.
    if (node === clause.verb && clause.complements.some(({ role }) => role === "particle")) return [];
    // "will open": the opposite has to be a base form too, and few are ("closed" is not).
    if (node === clause.verb && clause.auxiliaries.length > 0 && clause.verb.flags?.[0] === "base" && !isBaseForm(OPPOSITES[word])) return [];
    // "more dangerous": nobody says "more safe".
    if (/^(?:more|less|most|least)$/.test(clause.sentence.words[node.start - 1]?.lower ?? "") && OPPOSITES[word] && OPPOSITES[word].length <= 5) return [];
    // "more easily": no phrase takes its place.
    if (OPPOSITES[word]?.includes(" ") && /^(?:more|less|most|least|too|so|as|very|quite)$/.test(clause.sentence.words[node.start - 1]?.lower ?? "")) return [];
    if (isSaidElsewhere(OPPOSITES[word], clause, analysis)) return [];
    // "heavy at the bottom and light at the top" already holds both.
    return Object.hasOwn(OPPOSITES, word) && !new RegExp(`\\b${OPPOSITES[word]}\\b`).test(text) ? swap(text, word, OPPOSITES[word]!, "antonym") : [];
  });
}

function isBaseForm(word: string | undefined): boolean {
  return word !== undefined && !/(?:ed|s)$/.test(word);
}

/** "In March, the monarchs fly north again": of the same deed or thing the opposite is told too. */
function isSaidElsewhere(opposite: string | undefined, clause: Clause, analysis: Analysis): boolean {
  const words = [clause.verb.lemma, headTerminal(clause.subject).lemma].filter((word): word is string => Boolean(word) && word !== "be");
  return (sentencesWith(analysis).get(opposite ?? "") ?? []).some(
    (sentence) => sentence !== clause.sentence && sentence.words.some((word) => word.candidates.some((tag) => words.includes(tag.lemma ?? ""))),
  );
}

const byWord = new WeakMap<Analysis, Map<string, Sentence[]>>();

/** The sentences that hold each word that has an opposite. */
function sentencesWith(analysis: Analysis): Map<string, Sentence[]> {
  const known = byWord.get(analysis);
  if (known) return known;
  const found = new Map<string, Sentence[]>();
  for (const sentence of analysis.sentences) {
    for (const word of new Set(sentence.words.map(({ lower }) => lower))) {
      if (!Object.hasOwn(OPPOSITES, word)) continue;
      const list = found.get(word);
      if (list) list.push(sentence);
      else found.set(word, [sentence]);
    }
  }
  byWord.set(analysis, found);
  return found;
}

/** Words of a part that are not inside a noun phrase: in "harder … than dry rope", *harder* and not *dry*. */
function assertedWords(node: Node): Node[] {
  if (node.kids.length === 0) return [node];
  return node.cat === "np" ? [headTerminal(node)] : node.kids.flatMap(assertedWords);
}

function isAsserted(node: Node, clause: Clause): boolean {
  if (node === clause.verb) return true;
  return [...clause.complements, ...clause.adjuncts].some(({ node: part, role }) => {
    if (part.start > node.start || part.end < node.end) return false;
    return (
      (role === "predicate" && (part.cat === "ap" || part.cat === "advp")) ||
      part.cat === "advp" ||
      part.cat === "adv" ||
      (part.cat === "pp" && headTerminal(part) === node)
    );
  });
}

function partsOf(clause: Clause): Node[] {
  return [...clause.complements.map((part) => part.node), ...clause.adjuncts.filter((part) => !part.node.cat.includes("sb")).map((part) => part.node)];
}
