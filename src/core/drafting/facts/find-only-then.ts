import type { Analysis } from "../../language/analysis";
import { midSentence } from "../../language/node-text";
import { reasonNode } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const MOST_WORDS = 22;

/** "*Only when the boat pulled away* did Selkirk change his mind": when did he? "*Only if both hairs are touched* does it close": under what condition? */
export function findOnlyThen(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (clause.rank !== "main" || clause.negated || sentence.words[clause.start]?.lower !== "only") return [];
  const part = clause.adjuncts.find(({ node }) => node.start === clause.start && node.end <= (clause.auxiliaries[0]?.start ?? 0))?.node;
  if (!part || clause.auxiliaries[0]!.start > clause.subject.start) return [];
  const inner = reasonNode(part);
  const isIf = inner.cat === "sb" && inner.f.sub === "if";
  const isWhen = inner.cat === "sb" ? /^(?:when|after|once|while)$/.test(inner.f.sub ?? "") : inner.f.time === true || inner.kids[0]?.lemma === "after";
  if ((!isIf && !isWhen) || findUnclear(part, sentence, analysis, phrasing.binder, false, { isAnswer: true })) return [];
  const rest = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  const answer = midSentence(sentence, part);
  const words = answer.split(" ").length;
  if (isUnclear(rest) || words < 3 || words > MOST_WORDS || /\b(?:any|ever)/.test(rest)) return [];
  return [
    factOf(phrasing, part.start, {
      type: isIf ? "condition" : "occasion",
      stem: askClause(phrasing, isIf ? "Under what condition" : "When", rest),
      answer,
      answerNode: part,
      accepted: [answer.replace(/^only /i, "")],
      depth: "understanding",
      worth: 2.9,
      pattern: isIf ? "only-if" : "only-then",
    }),
  ];
}
