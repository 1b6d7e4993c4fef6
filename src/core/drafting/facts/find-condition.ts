import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { nodeText, wordsText } from "../../language/node-text";
import type { Node } from "../../language/tree";
import { type Phrasing, phraseClause, phraseRest, stateClause } from "../phrasing/ask-clause";
import { type Fact, type FactFinder, factId } from "./fact";
import { isUnclear, reasonNode, reasonsOf } from "./find-cause";

/** "*When the sun and the moon pull in the same line*, their forces add up": what happens when …? */
export const findCondition: FactFinder = (phrasing, analysis) => {
  const { clause } = phrasing;
  if (clause.imperative) return whatToDo(phrasing, analysis);
  const part = clause.adjuncts.find(({ node }) => isCondition(reasonNode(node)));
  // "If you have ever slipped on a rock, …": a figure of speech, no condition.
  if (phrasing.subject === "you" && clause.auxiliaries.some((node) => node.cat === "have")) return [];
  if (!part || clause.shared || clause.rank !== "main" || (clause.verb.cat === "be" && !clause.passive)) return [];
  const condition = reasonNode(part.node);
  const inner = clause.sentence.clauses.find((other) => other.rank === "adverbial" && other.start >= condition.start && other.end <= condition.end);
  const time = inner && (isGeneral(inner) && isGeneral(clause) ? "general" : wasOnce(inner) && wasOnce(clause) ? "once" : undefined);
  const asked = inner && time ? phraseClause(inner, analysis) : undefined;
  if (!asked || typeof asked === "string" || (time === "once" && phrasing.binder.human)) return [];
  const askedRest = phraseRest(asked, analysis);
  const rest = phraseRest({ ...phrasing, binder: asked.binder }, analysis, [part.node, ...reasonsOf(clause)]);
  if (isUnclear(askedRest) || isUnclear(rest)) return [];
  const word = nodeText(clause.sentence, condition.kids[0]!).toLowerCase();
  const answer = stateClause(phrasing, rest);
  if (answer.split(" ").length < 3) return [];
  const [auxiliary] = clause.auxiliaries;
  const happens = time === "once" ? "happened" : auxiliary?.cat === "modal" && auxiliary.lemma !== "can" ? `${auxiliary.lemma} happen` : "happens";
  return [
    {
      type: "condition",
      id: factId("condition", clause.sentence, condition.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: `What ${happens} ${word} ${stateClause(asked, askedRest)}?`,
      answer,
      accepted: [],
      depth: "understanding",
      worth: 2.8,
      pattern: `what-happens-${word}`,
    },
  ];
};

function isCondition(node: Node): boolean {
  return node.cat === "sb" && /^(?:when|if|once|as|unless)$/.test(node.f.sub ?? "") && node.f.form !== "ing";
}

/** What holds in general, with *can*, *may* or *will* too. */
function isGeneral(clause: Clause): boolean {
  const first = clause.auxiliaries[0] ?? clause.verb;
  if (first.cat === "modal") return ["can", "may", "will", "might"].includes(first.lemma ?? "");
  return ["third", "plain"].includes(first.flags?.[0] ?? "") && !first.flags?.includes("past");
}

/** What happened once: "When schools moved their opening bell, students slept longer." */
function wasOnce(clause: Clause): boolean {
  const first = clause.auxiliaries[0] ?? clause.verb;
  return first.flags?.includes("past") === true;
}

/** "If the glider dives, *bend the back edges of the wings up*": what should you do? */
function whatToDo(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const part = clause.adjuncts.find(({ node }) => isCondition(reasonNode(node)) && node.end <= clause.verb.start);
  const condition = part && reasonNode(part.node);
  const inner =
    condition && clause.sentence.clauses.find((other) => other.rank === "adverbial" && other.start >= condition.start && other.end <= condition.end);
  const asked = inner && phraseClause(inner, analysis);
  if (!condition || !asked || typeof asked === "string" || clause.negated) return [];
  const askedRest = phraseRest(asked, analysis);
  // What stands behind the verbs of the command, all of them.
  const main = clause.sentence.clauses.filter((other) => other.rank === "main");
  const deeds = main.map((other) => phraseRest({ ...phrasing, clause: other, binder: asked.binder }, analysis, other === clause ? [part.node] : []));
  if (isUnclear(askedRest) || deeds.some(isUnclear) || main.some((other) => !other.imperative)) return [];
  const answer = wordsText(clause.sentence, clause.verb.start, main.at(-1)!.end);
  if (answer.split(" ").length > 24) return [];
  const word = nodeText(clause.sentence, condition.kids[0]!).toLowerCase();
  return [
    {
      type: "step",
      id: factId("condition", clause.sentence, condition.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: `What should you do ${word} ${stateClause(asked, askedRest)}?`,
      answer,
      accepted: [],
      depth: "understanding",
      worth: 3.2,
      pattern: "what-to-do",
    },
  ];
}
