import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { headTerminal } from "../../language/tree";
import { type Phrasing, stateClause } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { isLength } from "./find-duration";

/** What befalls a thing, and what it does not do by itself. */
const MISHAPS = new Set(
  "crash break sink burst tear melt collapse explode burn freeze rot disappear vanish split crack shatter topple capsize spill rust wither fade crumble snap jam".split(
    " ",
  ),
);
/** What is done to a thing that it does not get over. */
const DAMAGES = new Set("destroy flood damage wreck ruin lose steal burn smash tear sink bury demolish blow wash sweep scrap melt".split(" "));

/** "Last year his kite *had crashed into the flagpole*": what had happened to it? */
export function findHappening(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause, binder, subject } = phrasing;
  const { verb, auxiliaries } = clause;
  if (clause.rank !== "main" || clause.negated || clause.shared || clause.imperative || verb.cat !== "v" || binder.human) return [];
  const isMishap = clause.passive ? DAMAGES.has(verb.lemma ?? "") : MISHAPS.has(verb.lemma ?? "") && !clause.complements.some(({ role }) => role === "object");
  const isPast = [verb, ...auxiliaries].some(({ flags }) => flags?.includes("past"));
  if (!isMishap || !isPast || auxiliaries.some(({ cat }) => cat === "modal")) return [];
  // "One tore in half", "Two kites sank": of some of them; a thing known by its name, its owner or its article is one.
  if (!/^(?:def|poss|proper)$/.test(clause.subject.f.det ?? "") && clause.subject.role !== "possessor") return [];
  if (clause.sentence.clauses.filter(({ rank }) => rank === "main").length > 1 && clause.start > 1) return [];
  // "broke *in* five times", "tore *off*": another verb.
  if (/^(?:in|into|through|off|out|up|down|even|away)$/.test(clause.sentence.words[verb.end]?.lower ?? "") && verb.lemma === "break") return [];
  // When it was stands in the question, so that nothing else that befell it is an answer.
  const times = clause.adjuncts.map(({ node }) => node).filter((node) => node.f.time || node.f.sub === "time");
  // "burned *for two days*", "vanished *by 1950*": how long, and what was over by then.
  if (times.some((node) => isLength(node) || /^(?:for|by|until|since)$/.test(node.kids[0]?.lemma ?? ""))) return [];
  const rest = phraseRest(phrasing, analysis, reasonsOf(clause));
  const told = phraseRest(phrasing, analysis, [...times, ...reasonsOf(clause)]);
  const when =
    times.length > 0
      ? phraseRest({ ...phrasing, clause: { ...clause, complements: [], adjuncts: clause.adjuncts.filter(({ node }) => times.includes(node)) } }, analysis)
      : "";
  if (isUnclear(rest) || isUnclear(told) || isUnclear(when)) return [];
  // "the church", "the boats": which, among all that was told?
  const head = (headTerminal(clause.subject).lemma ?? "").toLowerCase();
  const isTopic = analysis.headingLemmas.has(head) || (analysis.lemmaCounts.get(head) ?? 0) >= MENTIONS;
  if (!isTopic && subject.split(" ").length + when.split(" ").filter(Boolean).length < FEWEST_WORDS) return [];
  if (befellIt(clause, head, analysis)) return [];
  const pronoun = clause.subject.f.num === "pl" ? "they" : "it";
  const answer = stateClause({ ...phrasing, subject: pronoun }, told);
  if (answer.split(" ").length < FEWEST_TOLD && !when) return [];
  const happened = auxiliaries.some(({ cat }) => cat === "have") ? "had happened" : "happened";
  return [
    factOf(phrasing, verb.start, {
      type: "function",
      stem: `What ${happened} to ${subject}${when ? ` ${when}` : ""}?`,
      answer,
      accepted: [answer.replace(/^(?:it|they) /, "")],
      depth: "recall",
      worth: 2.5,
      pattern: "what-happened-to",
    }),
  ];
}

/** Another sentence tells of something else that befell a thing of that name: both would be right. */
function befellIt({ sentence }: Clause, head: string, { sentences }: Analysis): boolean {
  const isOther = ({ subject, verb, passive }: Clause) =>
    (headTerminal(subject).lemma ?? "").toLowerCase() === head && (passive ? DAMAGES : MISHAPS).has(verb.lemma ?? "");
  return sentences.some((other) => other !== sentence && other.clauses.some(isOther));
}

/** Words of what it befell and when. */
const FEWEST_WORDS = 3;
const MENTIONS = 4;
/** "It cracked", where the question says when. */
const FEWEST_TOLD = 3;
