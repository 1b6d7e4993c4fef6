import type { Analysis } from "../../language/analysis";
import { midSentence, nodeText, wordsText } from "../../language/node-text";
import { coreOf, headTerminal } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear } from "./find-cause";
import { SINGLES_OUT } from "./find-definition";
import { bareForms } from "./find-participant";
import { hasOpenPronoun } from "./open-pronoun";

/** What everything of a kind has one of: "the living *part* of a tree", "the *capital* of Peru". */
const PARTS = new Set(
  "part colour color symbol capital source unit opposite food home enemy predator prey currency language ingredient material skin shell centre center heart core base tip surface purpose job task sign cause sound smell".split(
    " ",
  ),
);
const SAYS_HOW =
  /^(?:a|an) (?:good|bad|great|big|small|hard|difficult|long|strange|real|serious|common|simple|clear|important)\b|^(?:a|an|the) (?:surprise|mystery|secret|problem|success|failure|matter|question|result)\b/i;

/** "*The living part of a tree* is a thin layer under the bark": what is it? */
export function findPartOf(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence, subject, verb } = clause;
  const predicate = clause.complements.find(({ role }) => role === "predicate")?.node;
  if (verb.cat !== "be" || clause.auxiliaries.length > 0 || clause.negated || clause.shared || clause.rank !== "main" || predicate?.cat !== "np") return [];
  const owner = subject.role === "postmodifier" && subject.kids[1]?.f.sub === "of" ? subject.kids[1]!.kids[1] : undefined;
  // "*The League's weapon* was the boycott": whose, its name says.
  const isNamed = subject.role === "possessor" && subject.kids[0]?.cat !== "poss" && /\p{Lu}/u.test(nodeText(sentence, subject).slice(1));
  if (
    !isNamed &&
    (subject.f.det !== "def" || !owner || !PARTS.has(headTerminal(subject.kids[0]!).lemma ?? "") || owner.f.det === "pron" || owner.f.det === "dem")
  )
    return [];
  if (!/^(?:def|indef|bare|proper)$/.test(predicate.f.det ?? "") || hasOpenPronoun(subject, sentence, analysis)) return [];
  // "a thin layer *under the bark*": read behind the phrase, it belongs to it all the same.
  const tail = clause.adjuncts.filter(({ node }) => node.start >= predicate.end && node.cat === "pp" && !node.f.time).map(({ node }) => node);
  const end = tail.reduce((at, node) => (node.start === at ? node.end : at), predicate.end);
  if (tail.some((node) => node.end > end) || [predicate, ...tail].some((node) => findUnclear(node, sentence, analysis, phrasing.binder, false))) return [];
  const answer = midSentence(sentence, predicate, wordsText(sentence, predicate.start, end));
  const rest = phraseRest(phrasing, analysis, [predicate, ...tail]);
  if (isUnclear(rest) || SINGLES_OUT.test(answer) || SAYS_HOW.test(answer) || answer.split(" ").length > 14 || /^one of\b/i.test(answer)) return [];
  return [
    factOf(phrasing, predicate.start, {
      type: "thing",
      stem: askClause(phrasing, "What", rest),
      answer,
      answerNode: coreOf(predicate),
      accepted: [...bareForms(answer), ...(nodeText(sentence, predicate) === answer ? [] : [nodeText(sentence, predicate)])],
      depth: "recall",
      worth: 2.4,
      pattern: "what-is-it",
    }),
  ];
}
