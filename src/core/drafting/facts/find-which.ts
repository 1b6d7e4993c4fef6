import type { Analysis, Sentence } from "../../language/analysis";
import { sharingClauses } from "../../language/clause";
import { THIN_NOUNS, TIME_NOUNS } from "../../language/data/noun-classes";
import { nodeText, sentenceCase, wordsText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { BINDS_NOTHING, findUnclear } from "../phrasing/clear-reference";
import { phraseRest, preverbalAdverbs } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { hasOpenPronoun } from "./open-pronoun";

const FEWEST_OF_RELATIVE = 3;
const MOST_WORDS = 14;
const FEWEST_TOLD = 2;
/** Said of them, nobody wonders which. */
const ANY = /^(?:people|person|one|man|woman|child|those|others|part|way)$/;

/** "*The male whose tail is red* keeps the branch": which one does? "bought *the house in which his mother had been a slave*": which did he buy? */
export function findWhich(phrasing: Phrasing, analysis: Analysis): Fact[] {
  return [...ofDoer(phrasing, analysis), ...ofObject(phrasing, analysis)];
}

function ofDoer(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { subject, sentence } = clause;
  const sort = sortTold(subject, sentence);
  if (!sort || clause.rank !== "main" || clause !== sharingClauses(clause)[0] || clause.negated || clause.imperative || clause.start !== subject.start)
    return [];
  // "The boats that came in *were full*": of boats that come in any may be.
  if (clause.verb.cat === "be" || /^(?:call|know|name|term)$/.test(clause.verb.lemma ?? "") || hasOpenPronoun(subject, sentence, analysis)) return [];
  // "*The empire that its roads had held together* fell": there was only one.
  const isRule = [clause.verb, ...clause.auxiliaries].every(({ flags }) => !flags?.includes("past"));
  const isBest = walkTree(subject).some(({ flags }) => flags?.includes("comparative") || flags?.includes("superlative"));
  const isMany = subject.f.num === "pl" || (subject.f.num === "any" && subject.f.det === "bare");
  if (!isMany && !(subject.f.det === "def" && (isRule || isBest))) return [];
  const rest = phraseRest({ ...phrasing, binder: BINDS_NOTHING }, analysis, reasonsOf(clause));
  if (isUnclear(rest)) return [];
  // "*is still* used"
  const [aux, ...verbs] = clause.auxiliaries.length > 0 ? phrasing.finite.split(" ") : [];
  const told = [aux, preverbalAdverbs(clause), aux ? verbs.join(" ") : phrasing.finite, rest].filter(Boolean).join(" ");
  if (told.split(" ").length < FEWEST_TOLD) return [];
  return [factFor(phrasing, subject, `Which ${sort} ${told}?`, subject.start === 0 ? sentenceCase(nodeText(sentence, subject)) : nodeText(sentence, subject))];
}

function ofObject(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  // "*the house in which* his mother had been a slave": of houses there are many.
  const isOfMany = object?.f.num === "pl" || object?.kids[1]?.kids[0]?.cat === "prel";
  const sort = object && object.f.det === "def" && isOfMany && sortTold(object, sentence);
  if (!object || !sort || clause.complements.length > 1 || clause.rank !== "main" || clause.negated || clause.imperative) return [];
  if (findUnclear(object, sentence, analysis, phrasing.binder, true)) return [];
  const rest = phraseRest(phrasing, analysis, [object, ...reasonsOf(clause)]);
  return isUnclear(rest) ? [] : [factFor(phrasing, object, askClause(phrasing, `Which ${sort}`, rest), nodeText(sentence, object))];
}

/** The noun of which a relative clause says which: "male", "house"; none where it tells no more than the noun. */
function sortTold(np: Node, sentence: Sentence): string | undefined {
  const [noun, relative] = np.role === "relative" ? np.kids : [];
  if (!noun || relative?.cat !== "rc" || noun.role === "relative" || !/^(?:def|bare)$/.test(noun.f.det ?? "") || np.end - np.start > MOST_WORDS)
    return undefined;
  const head = headTerminal(noun);
  const lemma = head.lemma ?? "";
  const words = noun.end - noun.start - (noun.f.det === "def" ? 1 : 0);
  const isPlain = head.cat === "n" && words >= 1 && words <= 2 && !THIN_NOUNS.has(lemma) && !TIME_NOUNS.has(lemma) && !ANY.test(lemma);
  // "the only lamp that burned": it is asked for as the only one.
  const isSingled = walkTree(noun).some(
    ({ cat, flags, lemma: word }) => cat === "ord" || flags?.includes("superlative") || /^(?:only|same|first|last)$/.test(word ?? ""),
  );
  // "the air *that we* breathe", "*three* sticks that were left"
  const isOurs = walkTree(relative).some(({ cat, flags }) => cat === "pro" && !flags?.includes("indef") && !flags?.includes("neg"));
  if (isOurs || walkTree(noun).some(({ cat }) => cat === "num")) return undefined;
  const saysLittle = relative.end - relative.start < FEWEST_OF_RELATIVE;
  if (!isPlain || isSingled || saysLittle || noun.kids.at(-1)!.end !== noun.end) return undefined;
  return wordsText(sentence, noun.end - words, noun.end).toLowerCase();
}

function factFor(phrasing: Phrasing, np: Node, stem: string, answer: string): Fact {
  return factOf(phrasing, np.start, {
    type: "thing",
    stem,
    answer,
    answerNode: np,
    accepted: [],
    depth: "understanding",
    worth: 2.7,
    pattern: "which-of-sort",
  });
}
