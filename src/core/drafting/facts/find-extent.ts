import type { Analysis } from "../../language/analysis";
import { resultOfAmount } from "../../language/clause";
import { midSentence, nodeText, wordsText } from "../../language/node-text";
import { reasonNode, walkTree } from "../../language/tree";
import { askClause, type Phrasing, phraseClause } from "../phrasing/ask-clause";
import { findUnclear, mayBind } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { withPronoun } from "../phrasing/pronoun-of-subject";
import { type Fact, type FactFinder, factId, factOf } from "./fact";
import { isUnclear } from "./find-cause";

/** "The fog was *so thick that* she could not see the shore": why could she not see it? Because the fog was so thick. */
export const findExtent: FactFinder = (phrasing, analysis) => {
  const { clause } = phrasing;
  if (clause.verb.cat === "v") return findExtentOfDeed(phrasing, analysis);
  const predicate = clause.complements.find((part) => part.role === "predicate")?.node;
  if (clause.verb.cat !== "be" || clause.shared || clause.negated || !predicate) return [];
  const result = walkTree(predicate).find((node) => node.cat === "cs");
  const degree = clause.sentence.words.slice(clause.verb.end, result?.start).findIndex((word) => word.lower === "so");
  const quality = walkTree(predicate).filter((node) => result && node.end <= result.start);
  const saysUnclearly = quality.some((node) => findUnclear(node, clause.sentence, analysis, phrasing.binder, false));
  // "was *so sure that a solution could be found* that he quit his job": what of, and not what came of it.
  if (quality.some(({ lemma }) => /^(?:sure|certain|confident|convinced|afraid|aware|proud|happy|glad|sorry)$/.test(lemma ?? ""))) return [];
  // "was once so precious that"
  if (!result || degree < 0 || degree > 1 || saysUnclearly) return [];
  const effect = clause.sentence.clauses.find((other) => other.rank === "adverbial" && other.start >= result.start && other.end <= result.end);
  const asked = effect && phraseClause(effect, analysis);
  if (!asked || typeof asked === "string") return [];
  const rest = restOf(asked, phrasing, analysis);
  if (isUnclear(rest)) return [];
  const how = midSentence(
    clause.sentence,
    { ...predicate, end: result.start },
    nodeText(clause.sentence, { ...predicate, start: clause.verb.end, end: result.start }),
  );
  return [
    {
      type: "cause",
      id: factId("cause", clause.sentence, predicate.start),
      sentence: clause.sentence,
      clause: effect,
      phrasing: asked,
      stem: askClause(asked, "Why", rest),
      answer: withPronoun(`because ${phrasing.subject} ${phrasing.finite} ${withoutSo(how)}`, asked, analysis),
      accepted: [`${phrasing.subject} ${phrasing.finite} ${withoutSo(how)}`],
      depth: "understanding",
      worth: 3.1,
      pattern: "why-so-that-result",
    },
  ];
};

/** "The rope was so cold that Ida could hardly hold *it*": the rope, which is no other than what the sentence tells of. */
function restOf(asked: Phrasing, whole: Phrasing, analysis: Analysis): string {
  const rest = phraseRest(asked, analysis);
  const { clause } = asked;
  const objects = clause.complements.filter(({ role, node }) => role === "object" && node.f.det === "pron");
  const words = clause.sentence.words
    .slice(clause.subject.start, clause.end)
    .filter(({ lower }) => /^(?:it|them|its|their|they|he|she|him|her|his|this|that)$/.test(lower));
  const [pronoun] = words;
  if (rest !== "pronoun" || objects.length !== 1 || words.length !== 1 || !/^(?:it|them)$/.test(pronoun!.lower) || whole.binder.human) return rest;
  if (whole.clause.subject.f.det === "pron" || !mayBind(pronoun!.lower, whole.binder)) return rest;
  return wordsText(clause.sentence, clause.verb.end, clause.end).replace(/\b(?:it|them)\b/, whole.subject);
}

/** "The fog came in *so fast that Brida could not finish*": why could she not? Because it came in so fast. */
function findExtentOfDeed(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const amount = resultOfAmount(clause.complements, clause.sentence);
  const object = amount && clause.complements.find(({ role }) => role === "object")?.node;
  const manner = object ?? clause.adjuncts.find(({ node }) => node.cat === "advp" && node.kids[1]?.cat === "cs")?.node;
  const result = amount ?? manner?.kids[1];
  if (!manner || !result || clause.shared || clause.negated || clause.imperative) return [];
  const effect = clause.sentence.clauses.find((other) => other.rank === "adverbial" && other.start >= result.start && other.end <= result.end);
  const asked = effect && phraseClause(effect, analysis);
  if (!asked || typeof asked === "string") return [];
  const rest = phraseRest(asked, analysis);
  // "*Two hundred years ago* tea cost so much": when is told by the sentence.
  const ahead = clause.adjuncts
    .map(({ node }) => node)
    .filter((node) => node.end <= clause.subject.start && [node, reasonNode(node)].some(({ f }) => f.time || f.sub === "time"));
  const others = phraseRest(phrasing, analysis, [manner, result, ...ahead]);
  if (isUnclear(rest) || isUnclear(others)) return [];
  const how = withoutSo(nodeText(clause.sentence, { ...manner, end: result.start }));
  // "gave so little water *in summer*": what it gave stands right behind the verb.
  const told = (amount ? [how, others] : [others, how]).filter(Boolean).join(" ");
  if (amount && findUnclear(manner, clause.sentence, analysis, phrasing.binder)) return [];
  const answer = withPronoun(`because ${phrasing.subject} ${phrasing.finite} ${told}`, asked, analysis);
  return [
    factOf({ ...asked, clause: effect }, manner.start, {
      type: "cause",
      stem: askClause(asked, "Why", rest),
      answer,
      accepted: [`${phrasing.subject} ${phrasing.finite} ${told}`],
      depth: "understanding",
      worth: 3.1,
      pattern: "why-so-that-result",
    }),
  ];
}

/** "was *so* ashamed" that he ran: by itself, very ashamed. */
function withoutSo(how: string): string {
  return how.replace(/^so (?=(?!much|many|few)\p{L})/u, "very ");
}
