import type { Clause } from "../../language/clause";
import { nodeText } from "../../language/node-text";
import { headTerminal, type Node, reasonNode, walkTree } from "../../language/tree";
import { askClause } from "../phrasing/ask-clause";
import { askBehind } from "../phrasing/ask-shared";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type FactFinder, factId } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** With these a to-phrase after the object says what it is for. */
const USING = new Set("use build make employ add design set carry fit install".split(" "));

/** "were given money to buy salt": whoever gets it can use it. */
const GIVEN = new Set("give pay send hire bring".split(" "));

/** "is said to be", "are allowed to go": what follows is no purpose. */
const TOLD = new Set(
  "say believe know think expect suppose allow force tell ask order find see seem report consider require make let need permit forbid intend".split(" "),
);

/** "Harbour masters use tide tables *to plan the day*"; "… *so that they do not dry out*." */
export const findPurpose: FactFinder = (phrasing, analysis) => {
  const { clause } = phrasing;
  const used = USING.has(clause.verb.lemma ?? "") ? clause.complements.filter((part) => part.role === "infinitive") : [];
  const part = [...used, ...clause.adjuncts].find(({ node }) => isPurpose(reasonNode(node)) && (node.start > clause.verb.start || isAhead(node, clause)));
  // "They did not build roads so that merchants could travel": what is denied is the purpose.
  if (
    !part ||
    clause.negated ||
    (clause.verb.cat === "be" && !clause.passive && reasonNode(part.node).cat === "vp") ||
    (clause.passive && ((phrasing.binder.human && !GIVEN.has(clause.verb.lemma ?? "")) || TOLD.has(clause.verb.lemma ?? "")))
  )
    return [];
  // "Alternatively, you can install a program to …": a way to do it, not why one can.
  if (phrasing.subject === "you" && clause.auxiliaries.some(({ cat, lemma }) => cat === "modal" && /^(?:can|may|could|might)$/.test(lemma ?? ""))) return [];
  // A to-phrase belongs to the doer; after an object it may only say what the object is for.
  const purpose = reasonNode(part.node);
  // "since there was no money to be made from it": nobody does something in order to be made.
  if (purpose.cat === "vp" && purpose.f.passive) return [];
  if (clause.adjuncts.some(({ node }) => node.cat.includes("sb") && node.start > clause.verb.start && node.end <= purpose.start)) return [];
  if (belongsToNoun(clause, purpose) || isOutcome(clause, purpose)) return [];
  if (findUnclear(purpose, clause.sentence, analysis, phrasing.binder, purpose.cat === "vp")) return [];
  // "stings *only* to defend itself": the only belongs to the purpose.
  const only = clause.adjuncts.find(({ node }) => node.end === purpose.start && /^(?:only|mainly|mostly|partly|simply)$/.test(headTerminal(node).lemma ?? ""));
  const rest = phraseRest(phrasing, analysis, [part.node, ...(only ? [only.node] : []), ...reasonsOf(clause)]);
  const stem = isSpent(clause)
    ? askClause(phrasing, "What", `${rest} to do`)
    : askBehind(phrasing, analysis, "Why", part.node, [...(only ? [only.node] : []), ...reasonsOf(clause)]);
  if (isUnclear(rest) || !stem || (rest === "" && !only) || (clause.shared && purpose.cat === "vp")) return [];
  // "went one morning to see the goat": somebody went, but where to?
  if (/^(?:come|go|return|travel)$/.test(clause.verb.lemma ?? "") && /^(?:one|that|this|every|last|next) \w+$/i.test(rest)) return [];
  const told = nodeText(clause.sentence, withoutReason(purpose)).replace(/^To /, "to ");
  const answer = `${only ? `${headTerminal(only.node).lemma} ` : ""}${told}`;
  if (answer.split(" ").length < 3) return [];
  return [
    {
      type: "purpose",
      id: factId("purpose", clause.sentence, purpose.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem,
      answer,
      answerNode: purpose,
      accepted: [answer.replace(/^(?:in order )?to /, "so as to ").replace(/^so that /, "because then ")],
      depth: "understanding",
      worth: 3,
      pattern: purpose.cat === "vp" ? "why-to" : "why-so-that",
    },
  ];
};

/** "used her pay to take him to a hospital": what is spent is spent to do something. */
function isSpent(clause: Clause): boolean {
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  return clause.verb.lemma === "use" && object?.f.det === "poss";
}

/** "to defend itself, *because it dies afterward*": a second reason is no part of the first. */
function withoutReason(purpose: Node): Node {
  const last = [...walkTree(purpose)].find((node) => node.end === purpose.end && node.cat === "c-sb");
  return last ? { ...purpose, end: last.start } : purpose;
}

/** "the power *to make* by-laws", "the right to burn peat": the phrase says which power, not what for. */
const TAKING_TO = new Set(
  "power right way ability chance need permission time plan decision order freedom duty effort attempt tendency opportunity promise reason wish desire place thing something anything nothing money room space task job".split(
    " ",
  ),
);

/** "gives councils the power *to make by-laws*": cut off, the noun says nothing. */
export function takesInfinitive(clause: Clause, np: Node): boolean {
  const follows = [...clause.adjuncts, ...clause.complements].some(({ node }) => node.cat === "vp" && node.f.form === "to" && node.start === np.end);
  return follows && TAKING_TO.has(headTerminal(np).lemma ?? "");
}

/** "turned out *to have a gift*", "returned *to find the house empty*": what came of it, and not what it was for. */
function isOutcome(clause: Clause, purpose: Node): boolean {
  if (purpose.cat !== "vp") return false;
  const behind = clause.sentence.words[clause.verb.end]?.lower;
  if (clause.verb.lemma === "turn" && behind === "out") return true;
  if (/^(?:happen|prove|live|grow|wake)$/.test(clause.verb.lemma ?? "") || clause.sentence.words[purpose.start - 1]?.lower === "only") return true;
  const found = clause.sentence.words[purpose.start + 1]?.lower ?? "";
  return /^(?:return|come|arrive|go|open)$/.test(clause.verb.lemma ?? "") && /^(?:find|discover|learn|realise|realize|believe|know|be|have)$/.test(found);
}

function belongsToNoun(clause: Clause, purpose: Node): boolean {
  if (purpose.cat !== "vp" || (clause.passive && GIVEN.has(clause.verb.lemma ?? ""))) return false;
  // "writing about the plan to close the pool"
  return [...clause.complements, ...clause.adjuncts].some(
    ({ node }) =>
      (node.cat === "np" || node.cat === "pp") &&
      node.end === purpose.start &&
      TAKING_TO.has(headTerminal(node.cat === "pp" ? (node.kids[1] ?? node) : node).lemma ?? ""),
  );
}

/** "*To keep the vote fair,* many countries have strict rules" */
function isAhead(node: Node, clause: Clause): boolean {
  return node.cat === "vp-c" && node.end <= clause.subject.start && !clause.imperative;
}

function isPurpose(node: Node): boolean {
  if (node.cat === "sb") return node.f.sub === "purpose";
  return node.cat === "vp" && node.f.form === "to";
}
