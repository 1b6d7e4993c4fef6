import type { Analysis } from "../../language/analysis";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { midSentence, nodeText } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** Nouns that a to-phrase or a that-clause fills: "a good method … is *to take the first letter*". */
const FILLED = new Set(
  "method way aim goal purpose job task duty plan idea trick rule solution answer problem danger risk advantage disadvantage benefit difference similarity reason cause result effect secret key belief theory finding lesson mistake role function hope dream wish challenge explanation drawback downside point strategy objection argument worry fear complaint excuse criticism claim".split(
    " ",
  ),
);
const MOST_WORDS = 24;

/** "*A good method for choosing a password* is to take the first letter of each word": what is a good method? */
export function findPredicate(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const part = clause.complements.find(({ role }) => role === "predicate")?.node;
  const filled = part && (part.cat === "cs" || (part.cat === "vp" && part.f.form === "to"));
  if (!part || !filled || clause.verb.cat !== "be" || clause.negated || clause.shared || clause.auxiliaries.length > 0 || clause.rank !== "main") return [];
  // "is to take away their freedom *not to vote*": cut off, the answer says another thing.
  if (clause.adjuncts.some(({ node }) => node.start === part.end && node.cat === "vp")) return [];
  const head = headTerminal(clause.subject).lemma ?? "";
  const words = phrasing.subject.split(" ").length;
  // "Gutenberg's idea" says whose.
  const isOwned = clause.subject.role === "possessor" && clause.subject.kids[0]?.cat !== "poss";
  if (!FILLED.has(head) || (words < 3 && !isOwned) || /^(?:one|another|this|that)\b/i.test(phrasing.subject)) return [];
  if (findUnclear(part, clause.sentence, analysis, phrasing.binder, false, { isAnswer: isOwned })) return [];
  const rest = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  const answer = nodeText(clause.sentence, part);
  if (isUnclear(rest) || answer.split(" ").length > MOST_WORDS || answer.split(" ").length < 3) return [];
  return [
    factOf(phrasing, part.start, {
      type: "aim",
      stem: askClause(phrasing, "What", rest),
      answer,
      answerNode: part,
      accepted: [answer.replace(/^(?:that|to) /, "")],
      depth: "understanding",
      worth: 2.8,
      pattern: "what-is-told",
    }),
  ];
}

/** Verbs after which a noun phrase says what something turns into or stays. */
const TURNING = new Set("become remain".split(" "));

/** "The state became *a center of the entertainment industry*": what did the state become? */
export function findOutcome(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const part = clause.complements.find(({ role, node }) => (role === "object" || role === "predicate") && node.cat === "np")?.node;
  // "becomes *a place*": what for?
  if (part && part.end - part.start <= 2 && THIN_NOUNS.has(headTerminal(part).lemma ?? "")) return [];
  if (!part || !TURNING.has(clause.verb.lemma ?? "") || clause.negated || clause.shared || clause.imperative) return [];
  if (
    !["indef", "def"].includes(part.f.det ?? "") ||
    part.end - part.start < (phrasing.subject.includes(" ") && clause.verb.lemma === "become" ? 2 : 3) ||
    findUnclear(part, clause.sentence, analysis, phrasing.binder)
  )
    return [];
  const rest = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  // "became a teacher *at the school and a fine organist*": a teacher and an organist.
  // "the largest city *ever to take this step*": torn in two.
  // "remain *the greatest threat to the elephants*": a threat to them, and nothing that somebody remains to them.
  if (isUnclear(rest) || /\band an? |^ever\b/.test(rest) || (clause.verb.lemma === "remain" && /^(?:to|for|of)\b/.test(rest))) return [];
  // "became the best-selling newspaper *in the world*": of all there are.
  const among = /\b(?:\p{L}+est|best|most|first|only|\p{L}+est-\p{L}+)\b/u.test(nodeText(clause.sentence, part))
    ? /^in the (?:world|country|state|city)\b/.exec(rest)?.[0]
    : undefined;
  const answer = [midSentence(clause.sentence, part), among].filter(Boolean).join(" ");
  return [
    factOf(phrasing, part.start, {
      type: "thing",
      stem: askClause(phrasing, "What", among ? rest.slice(among.length).trim() : rest),
      answer,
      answerNode: part,
      accepted: [answer.replace(/^(?:an?|the) /, "")],
      depth: "recall",
      worth: 2,
      pattern: "what-did-it-become",
    }),
  ];
}
