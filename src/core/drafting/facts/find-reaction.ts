import { pronounOf } from "../../language/resolve-pronouns";
import { phraseClause, phraseRest, stateClause } from "../phrasing/ask-clause";
import { holdsForAll, sharingClauses, stateShared } from "../phrasing/ask-shared";
import { type FactFinder, factId } from "./fact";
import { isUnclear, reasonNode } from "./find-cause";

const TURNS = new Set(["when", "after", "before", "once"]);

/** "When the wheel finally spun without wobbling, *Theo grinned*": what did Theo do when …? */
export const findReaction: FactFinder = (phrasing, analysis) => {
  const { clause } = phrasing;
  const part = clause.adjuncts.find(
    ({ node }) => !node.cat.startsWith("c-sb") && reasonNode(node).cat === "sb" && TURNS.has(reasonNode(node).f.sub ?? "") && reasonNode(node).f.form !== "ing",
  );
  const past = clause.verb.flags?.[0] === "past" && clause.auxiliaries.length === 0 && clause.verb.cat === "v";
  if (!part || !past || !holdsForAll(clause, part.node) || clause !== sharingClauses(clause)[0] || clause.negated || clause.passive) return [];
  const when = reasonNode(part.node);
  const inner = clause.sentence.clauses.find((other) => other.rank === "adverbial" && other.start >= when.start && other.end <= when.end);
  const asked = inner && phraseClause(inner, analysis);
  if (!asked || typeof asked === "string") return [];
  const pronoun = pronounOf(inner.subject);
  if (!phrasing.binder.human && pronoun !== "he" && pronoun !== "she") return [];
  // "What did Gandhi do when *he* reached the coast?"
  const subject = pronoun && asked.subject === phrasing.subject ? pronoun : asked.subject;
  const askedRest = phraseRest(asked, analysis);
  const answer = stateShared(phrasing, analysis, [part.node]);
  if (isUnclear(askedRest) || !answer || answer.split(" ").length < 2) return [];
  return [
    {
      type: "condition",
      id: factId("condition", clause.sentence, when.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: `What did ${phrasing.subject} do ${when.f.sub} ${stateClause({ ...asked, subject }, askedRest)}?`,
      answer,
      accepted: [],
      depth: "understanding",
      worth: 2.4,
      pattern: "what-did-when",
    },
  ];
};
