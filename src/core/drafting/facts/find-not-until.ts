import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const MOST_WORDS = 16;

/** "An onion does *not* sting *until it is cut*": when does it? */
export function findNotUntil(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (!clause.negated || clause.shared || clause.imperative || clause.rank !== "main" || clause.verb.cat !== "v") return [];
  if (!/^(?:do|does|did|can|could|was|were|is|are)$/.test(phrasing.inverted) || !phrasing.verbPhrase.startsWith("not ")) return [];
  const part = clause.adjuncts.find(({ node }) => node.cat === "sb" && node.f.sub === "until" && node.f.form !== "ing" && node.start >= clause.verb.end)?.node;
  if (!part || findUnclear(part, sentence, analysis, phrasing.binder, false)) return [];
  const rest = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  // "did not say anything until …": turned round, the *any* has no sense.
  if (isUnclear(rest) || /\b(?:any|ever|yet|again|anybody|anything|anyone|either|much|many)\b/.test(`${rest} ${phrasing.verbPhrase}`)) return [];
  const done: Phrasing = { ...phrasing, verbPhrase: phrasing.verbPhrase.slice("not ".length) };
  const answer = nodeText(sentence, part);
  if (answer.split(" ").length > MOST_WORDS) return [];
  return [
    factOf(done, part.start, {
      type: "occasion",
      stem: askClause(done, "When", rest),
      answer: `not ${answer}`,
      answerNode: part,
      accepted: ["when", "after", "once"].map((word) => answer.replace(/^until/, word)),
      depth: "understanding",
      worth: 2.4,
      pattern: "when-not-until",
    }),
  ];
}
