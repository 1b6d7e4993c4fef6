import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { otherCircumstance } from "../phrasing/other-circumstance";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const ABOUT = /^(?:(?:in )?(?:around|about)|by|before|after) (?:the year )?(1\d{3}|20\d{2})$/i;

/** "was born *around 1770*", "was built *before 1200*": when? A plain year is asked for by itself. */
export function findAboutWhen(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (clause.subject.f.det === "indef" || clause.negated || clause.shared || clause.imperative || clause.rank !== "main") return [];
  const [part, ...more] = clause.adjuncts.map(({ node }) => node).filter((node) => ABOUT.test(nodeText(sentence, node)));
  if (!part || more.length > 0 || part.start < clause.verb.end) return [];
  const omitted = [part, ...reasonsOf(clause)];
  const rest = phraseRest(phrasing, analysis, omitted);
  if (isUnclear(rest) || /\b(?:1\d{3}|20\d{2})\b/.test(rest)) return [];
  const spared = otherCircumstance(clause, part, phrasing.subject, analysis);
  const short = spared.length > 0 ? phraseRest(phrasing, analysis, [...omitted, ...spared]) : rest;
  const answer = nodeText(sentence, part);
  return [
    factOf(phrasing, part.start, {
      type: "occasion",
      stem: askClause(phrasing, answer.startsWith("by") ? "By when" : "When", isUnclear(short) ? rest : short),
      answer,
      answerNode: part,
      accepted: [answer.replace(/^(?:in )?\p{L}+ /u, "")],
      depth: "recall",
      worth: 1.7,
      pattern: "when",
    }),
  ];
}
