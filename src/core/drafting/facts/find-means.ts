import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const MEANS =
  /^(?:by (?:hand|machine|boat|ship|ferry|train|rail|sea|land|air|water|mail|post|horse|mule|camel|cart|wagon|lorry|truck|bus|car|bicycle|sledge|sled|helicopter|touch|ear|smell|heart|lot|bees|wind|telegraph|radio|law|vote|secret ballot|show of hands|a show of hands)|on foot|on horseback)$/i;

/** "Most of the digging was done *by hand*", "travelled *on foot*": how? */
export function findMeans(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (clause.negated || clause.shared || clause.imperative || clause.rank !== "main" || clause.verb.cat === "be") return [];
  const [part, ...more] = clause.adjuncts.map(({ node }) => node).filter((node) => MEANS.test(nodeText(sentence, node)));
  if (!part || more.length > 0 || part.start < clause.verb.end) return [];
  const rest = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  if (isUnclear(rest) || `${phrasing.subject} ${rest}`.trim().split(" ").length < 3 || /\b(?:by|on foot)\b/.test(rest)) return [];
  const answer = nodeText(sentence, part);
  return [
    factOf(phrasing, part.start, {
      type: "manner",
      stem: askClause(phrasing, "How", rest),
      answer,
      answerNode: part,
      accepted: answer.startsWith("by ") ? [answer.slice(3)] : [],
      depth: "recall",
      worth: 2,
      pattern: "how-by",
    }),
  ];
}
