import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { isAnimalNoun } from "../../language/find-persons";
import { nodeText } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factId } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** Words for feelings by family: within one, either word might be defended. */
export const FEELINGS: readonly (readonly string[])[] = [
  ["angry", "furious", "cross", "annoyed", "mad"],
  ["afraid", "frightened", "scared", "terrified", "nervous", "worried", "anxious"],
  ["sad", "unhappy", "miserable", "disappointed"],
  ["happy", "glad", "cheerful", "delighted", "pleased"],
  ["proud"],
  ["ashamed", "guilty", "embarrassed"],
  ["sorry"],
  ["lonely"],
  ["jealous", "envious"],
  ["bored"],
  ["tired", "weary", "exhausted"],
  ["curious"],
  ["surprised", "astonished", "amazed"],
  ["grateful", "thankful"],
  ["relieved", "calm"],
];
const ALL = new Set(FEELINGS.flat());
const FEELING_VERBS = new Set(["feel", "look", "seem", "become", "grow", "get", "sound"]);

/** What the same sentence says that somebody felt as well. */
function feelingBeside({ sentence, end }: Clause): string | undefined {
  const next = sentence.clauses.find(({ rank, start, linkedBy }) => rank === "main" && start >= end && linkedBy === "but");
  const predicate = next?.complements.find(({ role }) => role === "predicate")?.node;
  const isAlso = next?.adjuncts.some(({ node }) => headTerminal(node).lemma === "also") ?? false;
  const felt = predicate?.cat === "ap" ? (headTerminal(predicate).lemma ?? "") : "";
  return isAlso && !next?.negated && ALL.has(felt) ? felt : undefined;
}

/** "Jory was *furious* when he saw the empty shelf": how did Jory feel? Only with an occasion, or it could be any time. */
export function findFeeling(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const predicate = clause.complements.find((part) => part.role === "predicate")?.node;
  const verb = clause.verb.cat === "be" || FEELING_VERBS.has(clause.verb.lemma ?? "");
  if (predicate?.cat !== "ap" || !verb || clause.negated || clause.shared || !isSomebody(phrasing, analysis)) return [];
  // "was *no longer* afraid"
  if (clause.adjuncts.some(({ node }) => /^(?:no longer|never|hardly|not)$/.test(nodeText(clause.sentence, node).toLowerCase()))) return [];
  // "After an hour most people grow tired": of nobody in particular.
  if (clause.subject.f.det === "bare" || clause.subject.f.det === "quant") return [];
  const answer = headTerminal(predicate).lemma ?? "";
  if (!ALL.has(answer) || nodeText(clause.sentence, predicate).split(" ").length > 2) return [];
  const occasion = clause.adjuncts.filter(({ node }) => node.cat.includes("sb") || node.f.time);
  const rest = phraseRest(phrasing, analysis, [predicate, ...reasonsOf(clause)]);
  const before = occasion.length === 0 ? toldBefore(phrasing, analysis) : undefined;
  if (isUnclear(rest) || (rest === "" && !before) || (occasion.length === 0 && !before)) return [];
  // "was angry, *but he was also sorry*": both.
  const other = feelingBeside(clause);
  const whole = other ? `${answer}, but also ${other}` : answer;
  const plural = phrasing.binder.num === "pl";
  const past = clause.verb.flags?.includes("past") || clause.auxiliaries.length > 0;
  const auxiliary = past ? "did" : plural ? "do" : "does";
  return [
    {
      type: "feeling",
      id: factId("feeling", clause.sentence, predicate.start),
      sentence: clause.sentence,
      ...(before ? { support: [before] } : {}),
      clause,
      phrasing,
      stem: before ? `The story says: “${before.text}” How ${auxiliary} ${phrasing.subject} feel then?` : `How ${auxiliary} ${phrasing.subject} feel ${rest}?`,
      answer: whole,
      accepted: other ? [`${answer} and ${other}`] : FEELINGS.find((family) => family.includes(answer))!.filter((word) => word !== answer),
      depth: "understanding",
      worth: before ? 2.2 : 2.4,
      pattern: before ? "how-felt-then" : "how-did-feel",
    },
  ];
}

/** Somebody, or an animal that a story tells of as of somebody. */
function isSomebody({ binder, clause }: Phrasing, { sort, lexicon }: Analysis): boolean {
  return binder.human || (sort === "story" && clause.subject.f.det === "def" && isAnimalNoun(headTerminal(clause.subject).lemma ?? "", lexicon));
}

const SHORTEST_BEFORE = 4;
const LONGEST_BEFORE = 26;

/** "*Nobody came out to play.* Sorrel felt lonely": what a story tells just before is when somebody feels so. */
function toldBefore({ clause }: Phrasing, { sort, sentences }: Analysis): Sentence | undefined {
  const { sentence } = clause;
  const before = sentences[sentence.index - 1];
  const isPlain = clause.rank === "main" && clause.adjuncts.length === 0 && sentence.clauses[0] === clause;
  if (sort !== "story" || !isPlain || before?.block !== sentence.block || before.abstained === "speech" || /["“”]/.test(before.text)) return undefined;
  const words = before.words.length;
  // "He was hungry. Tam felt sad": who is hungry?
  const isClear = !/^(?:he|she|it|they|this|that|these|those|there)\b/i.test(before.text);
  return words >= SHORTEST_BEFORE && words <= LONGEST_BEFORE && isClear ? before : undefined;
}
