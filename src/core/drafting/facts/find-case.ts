import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const [FEWEST_WORDS, MOST_WORDS] = [4, 16];

/** "Bakers were punished *if their loaves were too light*": in what case? Of what is done to somebody or something. */
export function findCase(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (!clause.passive || clause.shared || clause.imperative || clause.rank !== "main" || /^(?:would|should|could)$/.test(phrasing.inverted)) return [];
  const part = clause.adjuncts.find(({ node }) => node.cat === "sb" && node.f.sub === "if" && node.start >= clause.verb.end)?.node;
  // "only if", "even if", "as if"
  if (!part || part.end < clause.end || /^(?:only|even|as|especially)$/.test(sentence.words[part.start - 1]?.lower ?? "")) return [];
  if (findUnclear(part, sentence, analysis, phrasing.binder, false, { isAnswer: true })) return [];
  const rest = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  const answer = nodeText(sentence, part);
  const words = answer.split(" ").length;
  if (isUnclear(rest) || words < FEWEST_WORDS || words > MOST_WORDS || /\b(?:also|too|even|only)\b/.test(rest)) return [];
  return [
    factOf(phrasing, part.start, {
      type: "condition",
      stem: askClause(phrasing, "In what case", rest),
      answer,
      answerNode: part,
      accepted: [answer.replace(/^if /, "")],
      depth: "understanding",
      worth: 2.6,
      pattern: "in-what-case",
    }),
  ];
}
