import type { Clause } from "../../language/clause";
import { nodeText } from "../../language/node-text";
import type { Node } from "../../language/tree";
import { phraseClause, phraseRest, stateClause } from "../phrasing/ask-clause";
import { type FactFinder, factId } from "./fact";
import { isUnclear, reasonNode } from "./find-cause";

/** "*When the sun and the moon pull in the same line*, their forces add up": what happens when …? */
export const findCondition: FactFinder = (phrasing, analysis) => {
  const { clause } = phrasing;
  const part = clause.adjuncts.find(({ node }) => isCondition(reasonNode(node)));
  // "If you have ever slipped on a rock, …": a figure of speech, no condition.
  if (phrasing.subject === "you" && clause.auxiliaries.some((node) => node.cat === "have")) return [];
  if (!part || clause.shared || clause.rank !== "main" || !isGeneral(clause) || clause.verb.cat === "be") return [];
  const condition = reasonNode(part.node);
  const inner = clause.sentence.clauses.find((other) => other.rank === "adverbial" && other.start >= condition.start && other.end <= condition.end);
  const asked = inner && isGeneral(inner) ? phraseClause(inner, analysis) : undefined;
  if (!asked || typeof asked === "string") return [];
  const askedRest = phraseRest(asked, analysis);
  const rest = phraseRest({ ...phrasing, binder: asked.binder }, analysis, [part.node]);
  if (isUnclear(askedRest) || isUnclear(rest)) return [];
  const word = nodeText(clause.sentence, condition.kids[0]!).toLowerCase();
  const answer = stateClause(phrasing, rest);
  if (answer.split(" ").length < 4) return [];
  return [
    {
      type: "condition",
      id: factId("condition", clause.sentence, condition.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: `What happens ${word} ${stateClause(asked, askedRest)}?`,
      answer,
      accepted: [],
      depth: "understanding",
      worth: 2.8,
      pattern: `what-happens-${word}`,
    },
  ];
};

function isCondition(node: Node): boolean {
  return node.cat === "sb" && (node.f.sub === "when" || node.f.sub === "if") && node.f.form !== "ing";
}

/** Only what holds in general happens "when"; the past tells what happened once. */
function isGeneral(clause: Clause): boolean {
  const first = clause.auxiliaries[0] ?? clause.verb;
  return ["third", "plain"].includes(first.flags?.[0] ?? "");
}
