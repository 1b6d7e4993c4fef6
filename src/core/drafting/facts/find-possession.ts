import type { Analysis } from "../../language/analysis";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { nodeText, withoutAside, wordsText } from "../../language/node-text";
import { coreOf, headTerminal } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { isConcrete } from "../phrasing/definite-is-clear";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms } from "./find-participant";

const SHORTEST_OWNER = 3;
const SHORTEST_OBJECT = 3;
const LONGEST_OBJECT = 12;

/** "The front edge of an owl's wing has *a row of tiny stiff hairs*": only of an owner that is told exactly, and of which nothing else is said to be had. */
export function findPossession(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  if (clause.verb.cat !== "have" || !object || clause.complements.length > 1 || clause.negated || clause.shared || clause.rank !== "main") return [];
  const core = coreOf(object);
  const head = headTerminal(core);
  const isThing =
    head.cat === "n" &&
    isConcrete((head.lemma ?? "").toLowerCase(), analysis) &&
    !THIN_NOUNS.has(head.lemma ?? "") &&
    object.role !== "coordination" &&
    !object.f.time;
  if (!isThing || !/^(?:indef|bare)$/.test(object.f.det ?? "")) return [];
  // "has a deck 33 feet deep *with open trusses*": what it has, has them.
  const along = clause.adjuncts.find(({ node }) => node.start === object.end && node.cat === "pp" && node.f.sub === "with")?.node;
  const answer = along ? wordsText(clause.sentence, object.start, along.end) : nodeText(clause.sentence, withoutAside(object));
  const words = answer.split(" ").length;
  // "Tall buildings have lightning rods *on their roofs*": where they have it says enough.
  const isPlaced =
    clause.auxiliaries.length === 0 &&
    clause.adjuncts.some(({ node }) => node.start === object.end && node.cat === "pp" && /^(?:on|under|inside|behind|between)$/.test(node.f.sub ?? ""));
  const [fewestOfOwner, fewest] = isPlaced ? [1, 1] : [SHORTEST_OWNER, SHORTEST_OBJECT];
  if (phrasing.subject.split(" ").length < fewestOfOwner || words < fewest || words > LONGEST_OBJECT || (!isPlaced && hasMore(phrasing, analysis))) return [];
  if ([object, ...(along ? [along] : [])].some((node) => findUnclear(node, clause.sentence, analysis, phrasing.binder))) return [];
  const aside = clause.adjuncts.filter(({ node }) => node.cat.startsWith("c-") && node.start >= object.end).map(({ node }) => node);
  const rest = phraseRest(phrasing, analysis, [object, ...(along ? [along] : []), ...aside, ...reasonsOf(clause)]);
  // "had *only* a small lamp on a mast": nothing else is meant.
  if (isUnclear(rest) || (isPlaced && /\bonly\b/.test(rest))) return [];
  return [
    factOf(phrasing, object.start, {
      type: "thing",
      stem: askClause(phrasing, "What", rest),
      answer,
      answerNode: core,
      accepted: bareForms(answer),
      depth: "recall",
      worth: 1.6,
      pattern: "what-has",
    }),
  ];
}

/** Whether another sentence says of the same noun that it has something. */
function hasMore({ clause }: Phrasing, { sentences }: Analysis): boolean {
  const owner = headTerminal(clause.subject).lemma;
  return sentences.some(({ clauses }) =>
    clauses.some((other) => other !== clause && other.verb.cat === "have" && !other.imperative && headTerminal(other.subject).lemma === owner),
  );
}
