import type { Analysis } from "../../language/analysis";
import { clausesWithin } from "../../language/clause";
import { reasonNode } from "../../language/tree";
import { askClause, type Phrasing, phraseClause, stateClause } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { withPronoun } from "../phrasing/pronoun-of-subject";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { isResult } from "./find-purpose";

/** "The rabbits ate the grass, *so that sheep starved*": why did sheep starve? */
export function findResult(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const part = clause.adjuncts.find(({ node }) => reasonNode(node).f.sub === "purpose" && node.start > clause.verb.start && isResult(node, clause))?.node;
  if (!part || clause.shared || clause.negated || clause.imperative || clause.rank !== "main") return [];
  const result = reasonNode(part);
  const [effect, ...more] = clausesWithin(clause.sentence, result);
  const asked = effect && more.length === 0 ? phraseClause(effect, analysis) : undefined;
  if (!asked || typeof asked === "string" || asked.subject === phrasing.subject) return [];
  const told = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  const rest = phraseRest(asked, analysis);
  if (isUnclear(told) || isUnclear(rest) || reasonsOf(clause).some((node) => node !== part)) return [];
  const reason = stateClause(phrasing, told);
  return [
    factOf(asked, result.start, {
      type: "cause",
      stem: askClause(asked, "Why", rest),
      answer: withPronoun(`because ${reason}`, asked, analysis),
      accepted: [reason],
      depth: "understanding",
      worth: 3.1,
      pattern: "why-so",
    }),
  ];
}
