import type { Analysis } from "../../language/analysis";
import { wordsText } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const FEWEST_WORDS = 4;

/** "A mangrove seed begins to grow *while it still hangs on the tree*", "Bees sting *only when the hive is in danger*": when? */
export function findMeanwhile(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (clause.negated || clause.shared || clause.imperative || clause.rank !== "main" || clause.verb.cat !== "v") return [];
  const parts = clause.adjuncts.map(({ node }) => node);
  const when = parts.find((node) => node.cat === "sb" && node.start >= clause.verb.end && /^(?:when|while)$/.test(node.f.sub ?? "") && node.f.form !== "ing");
  const only = when && parts.find((node) => node.end === when.start && headTerminal(node).lemma === "only");
  if (!when || !(only || when.f.sub === "while")) return [];
  const answer = wordsText(sentence, only?.start ?? when.start, when.end);
  // "Some like tea *while others like coffee*": beside each other, and no time. What goes on for a while has a *still* or an *-ing*.
  const goesOn = sentence.words.slice(when.start, when.end).some(({ lower }) => lower === "still" || /\p{L}ing$/u.test(lower));
  if ((!only && !goesOn) || answer.split(" ").length < FEWEST_WORDS || when.end < clause.end) return [];
  if (findUnclear(when, sentence, analysis, phrasing.binder, false)) return [];
  const rest = phraseRest(phrasing, analysis, [when, ...(only ? [only] : []), ...reasonsOf(clause)]);
  if (isUnclear(rest) || /\bonly\b/.test(rest)) return [];
  return [
    factOf(
      phrasing,
      when.start,
      {
        type: "occasion",
        stem: askClause(phrasing, "When", rest),
        answer,
        answerNode: when,
        accepted: only ? [answer.replace(/^only /, "")] : [],
        depth: "understanding",
        worth: 2.6,
        pattern: "when-this-goes-on",
      },
      "condition",
    ),
  ];
}
