import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { inflectVerb } from "../../language/inflect";
import { nodeText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { literally } from "../../lib/literally";
import { createRandom, seedFrom } from "../../lib/random";
import { mostThereCanBe, numberDistractors, yearDistractors } from "../distractors/number-distractors";
import { numberValue, writeLike } from "../phrasing/number-forms";
import type { Statement } from "../source-stock";
import { byBound } from "./by-bound";
import { byExchange } from "./by-exchange";
import { byOpposite } from "./by-opposite";
import { type Falsehood, partsOf, swap } from "./falsehood";

/** What may be so and not so. */
const POSSIBLE = /\b(?:can|could|may|might|should|would|some|often|usually|sometimes)\b/i;
/** Under these a changed number or word may still be true. */
const HEDGED = /\b(?:at least|at most|more than|less than|fewer than|up to|over|under|only|not|no|never|nobody|by \d{4})\b/i;
const NEARLY = /\b(?:about|nearly|almost|roughly|around)\b/i;
const ORDER: Record<string, string> = { before: "after", after: "before" };

/** Ways to make a statement false so that the source itself denies it: number, year, order in time, comparison, opposite, bound, exchange. */
export function falsify(statement: Statement, analysis: Analysis, seed: number): Falsehood[] {
  const comparison = byComparison(statement, analysis);
  const { clause } = statement.phrasing;
  if (clause.negated) return [...byDenial(statement), ...byLess(statement)];
  // "Warm air can hold more water than cold air", "can turn sunlight into food": the other way round it is denied with *can* as well.
  const isAble = clause.auxiliaries.length === 1 && clause.auxiliaries[0]!.lemma === "can";
  const plain = isAble ? statement.text.replace(/\bcan\b/, "") : statement.text;
  if (POSSIBLE.test(plain)) return [...byNothing(statement), ...byBound(statement)];
  if (isAble) return HEDGED.test(plain) || NEARLY.test(plain) ? [] : [...comparison, ...byExchange(statement, analysis)];
  const exchanged = byExchange(statement, analysis);
  if (HEDGED.test(plain)) return [...byNothing(statement), ...byNever(statement), ...byBound(statement), ...exchanged];
  const isPart = FRACTIONS.test(statement.text);
  if (NEARLY.test(plain)) return [...(isPart ? [] : byNumber(statement, seed)), ...exchanged, ...byBound(statement)];
  return [
    ...(isPart ? [] : byNumber(statement, seed)),
    ...byYear(statement, analysis, seed),
    // "have a crack, *so the steam leaks out before …*": of those with a crack, and of others it may be otherwise.
    ...(clause.linkedBy === "so" ? [] : byOrder(statement)),
    ...comparison,
    ...byOpposite(statement, analysis).filter(({ text }) => !NO_ENGLISH.test(text)),
    ...byBound(statement),
    ...exchanged,
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
  // "*Sometimes* there is not enough water": at other times there is.
  if (clause.adjuncts.some(({ node }) => /^(?:sometimes|often|usually|mostly|normally|always|frequently|generally)$/.test(headTerminal(node).lemma ?? "")))
    return [];
  // "A crack does not shout": a figure of speech, whose opposite nobody would believe.
  if (
    phrasing.binder.lifeless &&
    /^(?:shout|cry|speak|talk|sing|forget|sleep|lie|care|wait|think|know|mind|complain|ask|remember|laugh)$/.test(clause.verb.lemma ?? "")
  )
    return [];
  // "A dog does not laugh"
  if (!phrasing.binder.human && /^(?:laugh|speak|talk|read|write|joke|complain|judge|smile)$/.test(clause.verb.lemma ?? "")) return [];
  if (/^(?:may|might|could|should|would)$/.test(auxiliary)) return [];
  // "did not *say a word*": nobody says that somebody did.
  if (/^(?:a (?:word|muscle|wink|finger|penny|thing|moment|soul)\b|much\b|a bit\b)/.test(rest)) return [];
  // "did not come *for thirty-nine days*": came for so long says another thing.
  if (/\bfor (?:an? |[\p{L}\d-]+ )(?:\p{L}+ )?(?:days?|weeks?|months?|years?|hours?|nights?)\b/u.test(rest)) return [];
  const plain = /^(?:do|does|did)$/.test(auxiliary)
    ? inflectVerb(clause.verb.lemma ?? verb.join(" "), auxiliary === "did" ? "past" : auxiliary === "does" ? "third" : "base")
    : [auxiliary, ...verb].join(" ");
  const told = [subject, plain, rest].filter(Boolean).join(" ");
  return [{ text: told.replace(NOT_AT_ALL, ""), how: "denial", from: `${auxiliary} not`, to: plain }];
}

/** Said of a *no* or a *not* only. */
const NOT_AT_ALL = / (?:at all|whatsoever)\b/;

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
  const head = headTerminal(none[0]!.node);
  // "made no difference at all" → "made a difference"
  if (/^(?:difference|profit|sound|noise|mistake)$/.test(head.lemma ?? "") && head.flags?.[0] === "sg")
    return swap(text.replace(NOT_AT_ALL, ""), "no", "a", "denial");
  // "no second *Katrina*": one, by its name.
  const plural = head.cat === "n" && head.flags?.[0] !== "sg";
  return plural
    ? [
        {
          text: text.replace(/\bno /, "").replace(NOT_AT_ALL, "").replace(/, or /, ", and ").replace(/ or /, " and "),
          how: "denial",
          from: "no",
          to: "",
        },
      ]
    : [];
}

/** "Their teeth never stop growing" → "stop growing". */
function byNever({ text, phrasing: { clause } }: Statement): Falsehood[] {
  // "Many quarrels never reach the court": many others do.
  if (/^(?:many|some|most|few|several|about|half|two|three) /i.test(text)) return [];
  const at = clause.sentence.words.findIndex(({ lower }) => lower === "never");
  if (at < clause.subject.end || at > clause.verb.start) return [];
  const hasNo = /\b(?:any|anything|anyone|anybody|anywhere|ever|again|more|longer|before|until|but|only|no|nobody|not)\b/.test(text);
  if (hasNo || clause.adjuncts.some(({ node }) => node.cat.includes("sb"))) return [];
  return swap(text, "never", "", "denial").map((falsehood) => ({
    ...falsehood,
    text: falsehood.text.replace(/ {2}/, " "),
    to: falsehood.text.split("  ")[1] ?? "",
  }));
}

/** "two thirds": another number of them may be more than there are. */
const FRACTIONS = /\b(?:half|halves|thirds?|quarters?|fifths?|sixths?|tenths?|hundredths?)\b/i;

function byNumber({ phrasing, text }: Statement, seed: number): Falsehood[] {
  const { clause } = phrasing;
  // "is like a game with a million balls": nothing is counted.
  // "nine times out of ten": no more than ten.
  if (/\b(?:like|as if|out of (?:every )?(?:\d|two|three|four|five|six|seven|eight|nine|ten|twelve|twenty|a hundred))\b/.test(text)) return [];
  // "By *five votes to four* the court disagreed": the larger of the two.
  if (/\b(?:votes?|goals?|points?) to \p{L}+\b/iu.test(text)) return [];
  // "She was thirty-seven years old": once.
  if (/\b(?:was|were) [\w-]+ (?:years?|months?|weeks?|days?) old$/.test(text)) return [];
  const relatives = [
    ...walkTree(clause.subject).filter((node) => node.cat === "rc" || node.cat === "s"),
    // "sensible for a bridge *that will stand for sixty years*": and for one that stands for forty.
    ...partsOf(clause).flatMap((part) => walkTree(part).filter((node) => node.cat === "rc" && walkTree(node).some(({ cat }) => cat === "modal"))),
  ];
  const counted = [...partsOf(clause), clause.subject]
    .flatMap((node) => walkTree(node))
    .filter((node) => node.role === "quantity" || node.role === "sum")
    // "The difference between *the two rates*": no other number of them was ever told of.
    .filter((node) => !/^(?:the|these|those|its|their)$/.test(clause.sentence.words[node.start - 1]?.lower ?? "") && node.f.det !== "def")
    // "The place where two bones meet": the number tells which place, and nothing of it is denied.
    .filter((node) => !relatives.some((inner) => node.start >= inner.start && node.end <= inner.end));
  return counted.flatMap((node) => {
    const quantity = node.kids[0]!;
    // "about forty": the number stands behind its *about*.
    const number = quantity.role === "modifier" && quantity.kids[0]?.f.sub === "approx" ? quantity.kids[1]! : quantity;
    const words = nodeText(clause.sentence, number);
    const value = numberValue(words);
    // "several thousand eggs", "all four cups": no number of its own.
    if (
      /^(?:several|many|some|few|a few|all|these|those|other)$/.test(clause.sentence.words[number.start - 1]?.lower ?? "") ||
      /^(?:several|many|a few)\b/i.test(words)
    )
      return [];
    if (value === undefined || value < 2 || number.f.sub || isRange(clause, number)) return [];
    // "hardly works *below ten degrees*", "*within* a week": of less, or of more, it holds as well.
    if (isLimited(clause, quantity)) return [];
    const isNear = NEARLY.test(clause.sentence.words[number.start - 1]?.lower ?? "");
    const others = isNear ? farFrom(value, words, text, seed) : numberDistractors(words, [], 3, seed);
    // "one sources" would give itself away by its grammar.
    // "from fifty-six hours to fifty-four": never to the other one of the two.
    const other = others.find((number) => numberValue(number) !== 1 && !new RegExp(`(?<![\\w-])${literally(number)}(?![\\w-])`, "i").test(text));
    return other ? swap(text, words, other, "number") : [];
  });
}

/** So far from *about* so many that nobody would still call it that, and no more than there can be: "about thirty hours a day". */
function farFrom(value: number, words: string, text: string, seed: number): string[] {
  const most = mostThereCanBe(text);
  const fitting = [value * 3, value / 2].filter((far) => Number.isInteger(far) && far <= most).map((far) => writeLike(far, words));
  return createRandom(seedFrom(text, seed)).shuffle(fitting);
}

function isLimited({ sentence }: Clause, { start }: Node): boolean {
  return /^(?:below|above|within|beyond|under)$/.test(sentence.words[start - 1]?.lower ?? "");
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
    // "before they have *even* returned": of a time before only.
    const isEven = walkTree(node).some(({ lemma }) => lemma === "even");
    // Only clauses: "looks after the harbour" says nothing of time.
    return other && node.cat.includes("sb") && !isEven ? swap(text, first, other, "order") : [];
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
  // "gets warm faster *than water does*"
  const other = than?.[2]?.replace(/ (?:does|do|did|is|are|was|were|can|will)$/, "");
  if (!other || !than || than[3] || clause.adjuncts.some(({ node }) => node.cat.includes("sb")) || !/\b(?:\w+er|more)\b/.test(than[1]!)) return [];
  // "made of a plastic that is stronger than steel": compared inside a phrase, not by the clause.
  const compared =
    clause.complements.some(({ role, node }) => role === "predicate" && node.cat === "ap") ||
    // "Dogs understand tone *better than words*": what is understood is compared, and not who understands.
    (clause.adjuncts.some(({ node }) => node.cat === "advp") &&
      (!clause.complements.some(({ role }) => role === "object") || isOfSameSort(other, clause.subject))) ||
    clause.complements.some(({ node }) => node.cat === "np" && /^(?:more|less|fewer)\b/i.test(nodeText(clause.sentence, node)));
  if (
    !compared ||
    walkTree(clause.subject).some((node) => node.cat === "rc") ||
    partsOf(clause).some((part) => walkTree(part).some((node) => node.cat === "rc"))
  )
    return [];
  const similar = other.split(" ").length <= subject.split(" ").length + 2 && !/\b(?:it|them|they|usual|expected|ever|before|people|others?)\b|\d/.test(other);
  const sameNumber = /s$/.test(headWord(subject)) === /s$/.test(headWord(other)) && !/ and /.test(other);
  if (!similar || !sameNumber || analysis.persons.has(subject)) return [];
  const verb = text.slice(subject.length + 1, text.length - rest.length).trim();
  return [{ text: `${other} ${verb} ${than[1]} ${subject}`, how: "comparison", from: subject, to: other }];
}

/** "Cold air cannot hold *as much* vapour *as warm air*": it holds less, and the other way round is denied. */
function byLess({ phrasing, text, rest }: Statement): Falsehood[] {
  const { clause, subject } = phrasing;
  const [, before, other] = /^(.*?\bas (?:\p{Ll}+ )+as) ([^,]+)$/u.exec(rest) ?? [];
  const isOfBoth = clause.verb.cat === "be" || (other !== undefined && isOfSameSort(other, clause.subject));
  if (!before || !other || !isOfBoth || /\b(?:times|twice|half)\b/.test(before) || clause.adjuncts.some(({ node }) => node.cat.includes("sb"))) return [];
  if (other.split(" ").length > 4 || /\b(?:it|them|they|usual|ever|before|people|others?|possible|that|and)\b|\d/.test(other)) return [];
  if (/s$/.test(headWord(subject)) !== /s$/.test(headWord(other))) return [];
  const verb = text.slice(subject.length + 1, text.length - rest.length).trim();
  return [{ text: `${other} ${verb} ${before} ${subject}`, how: "comparison", from: subject, to: other }];
}

function headWord(phrase: string): string {
  return phrase
    .split(/ (?:of|for|in|on|at) /)[0]!
    .split(" ")
    .at(-1)!;
}

/** "lasts *shorter* than the rest": nobody says so. */
const NO_ENGLISH = /\b(?:last|live|stay|wait|take|keep|work)(?:s|ed|d)? shorter than\b/;
