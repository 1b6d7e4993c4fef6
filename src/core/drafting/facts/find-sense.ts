import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const SENSES = new Set("sound taste smell feel".split(" "));
/** What is thought of it, and nothing to be heard or felt. */
const JUDGED = /\b(?:reasonable|strange|simple|odd|good|bad|easy|nice|right|wrong|silly|funny|unfair|impossible|familiar|crazy|great|better|worse|natural)\b/;
const FEWEST_WORDS = 2;

/** "A loaf that is done sounds *hollow*": how does it sound? Of things only, since of somebody it is a feeling. */
export function findSense(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const [quality, ...more] = clause.complements.filter(({ role }) => role === "predicate").map(({ node }) => node);
  if (!SENSES.has(clause.verb.lemma ?? "") || clause.negated || clause.shared || clause.imperative || clause.rank !== "main") return [];
  if (
    quality?.cat !== "ap" ||
    more.length > 0 ||
    clause.complements.length > 1 ||
    phrasing.binder.human ||
    /^(?:you|we|they|people|one)$/i.test(phrasing.subject) ||
    headTerminal(quality).flags?.includes("comparative")
  )
    return [];
  const rest = phraseRest(phrasing, analysis, [quality, ...reasonsOf(clause)]);
  if (isUnclear(rest) || findUnclear(quality, sentence, analysis, phrasing.binder) || `${phrasing.subject} ${rest}`.trim().split(" ").length < FEWEST_WORDS)
    return [];
  const answer = nodeText(sentence, quality);
  // "*may* feel solid": and is not.
  if (JUDGED.test(answer) || clause.auxiliaries.some(({ lemma }) => /^(?:may|might|could|would)$/.test(lemma ?? ""))) return [];
  return [
    factOf(phrasing, quality.start, {
      type: "manner",
      stem: askClause(phrasing, "How", rest),
      answer,
      answerNode: quality,
      accepted: [],
      depth: "recall",
      worth: 2,
      pattern: "how-way",
    }),
  ];
}
