import { phraseClause, phraseRest, stateClause } from "../phrasing/ask-clause";
import { type FactFinder, factId } from "./fact";
import { isUnclear, reasonNode } from "./find-cause";

/** "When the wheel finally spun without wobbling, *Theo grinned*": what did Theo do when …? */
export const findReaction: FactFinder = (phrasing, analysis) => {
  const { clause } = phrasing;
  const part = clause.adjuncts.find(({ node }) => reasonNode(node).cat === "sb" && reasonNode(node).f.sub === "when" && reasonNode(node).f.form !== "ing");
  const past = clause.verb.flags?.[0] === "past" && clause.auxiliaries.length === 0 && clause.verb.cat === "v";
  if (!part || !past || clause.shared || clause.negated || clause.passive || !phrasing.binder.human) return [];
  const when = reasonNode(part.node);
  const inner = clause.sentence.clauses.find((other) => other.rank === "adverbial" && other.start >= when.start && other.end <= when.end);
  const asked = inner && phraseClause(inner, analysis);
  if (!asked || typeof asked === "string") return [];
  const askedRest = phraseRest(asked, analysis);
  const rest = phraseRest(phrasing, analysis, [part.node]);
  if (isUnclear(askedRest) || isUnclear(rest)) return [];
  const answer = stateClause(phrasing, rest);
  if (answer.split(" ").length < 2) return [];
  return [
    {
      type: "condition",
      id: factId("condition", clause.sentence, when.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: `What did ${phrasing.subject} do when ${stateClause(asked, askedRest)}?`,
      answer,
      accepted: [],
      depth: "understanding",
      worth: 2.4,
      pattern: "what-did-when",
    },
  ];
};
