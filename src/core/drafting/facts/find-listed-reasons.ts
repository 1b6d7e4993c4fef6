import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { headTerminal, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { binderOfPronoun, findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const MOST_WORDS = 28;

/** "A male bird sings for two reasons*: to tell other males that his territory is taken, and to invite a female*": why does it sing? */
export function findListedReasons(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const announced = clause.adjuncts.find(
    ({ node }) => node.cat === "pp" && node.f.sub === "for" && /^(?:reason|purpose)$/.test(headTerminal(node).lemma ?? "") && node.start >= clause.verb.end,
  )?.node;
  const told = sentence.tree && walkTree(sentence.tree).find(({ cat, start }) => cat === "colon-vp" && start === announced?.end);
  if (!announced || !told || clause.negated || clause.imperative) return [];
  const reasons = told.kids[1]!;
  const rest = phraseRest(phrasing, analysis, [announced, ...reasonsOf(clause)]);
  const answer = nodeText(sentence, reasons);
  // "A *male* bird …, to tell others that *his* territory is taken"
  const [sex] = /\b(?:fe)?male\b/i.exec(phrasing.subject) ?? [];
  const beside = sex ? [binderOfPronoun(/^female$/i.test(sex) ? "she" : "he")] : [];
  if (isUnclear(rest) || findUnclear(reasons, sentence, analysis, phrasing.binder, false, { beside }) || answer.split(" ").length > MOST_WORDS) return [];
  return [
    factOf(phrasing, reasons.start, {
      type: "purpose",
      stem: askClause(phrasing, "Why", rest),
      answer,
      answerNode: reasons,
      accepted: [],
      depth: "understanding",
      worth: 3.2,
      pattern: "why-to",
    }),
  ];
}
