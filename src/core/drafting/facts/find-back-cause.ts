import type { Analysis, Sentence } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { askClause, type Phrasing, phraseClause, phraseRest, stateClause } from "../phrasing/ask-clause";
import { type Fact, factId } from "./fact";
import { isUnclear } from "./find-cause";

const POINTS_BACK = /^(?:for this reason|as a result|therefore|because of this|for that reason|consequently|hence|thus|as a consequence)\b,?/i;

/** "If they run out of honey, they starve. *That is why* I never take more than half." */
export function findWhyClause(sentence: Sentence, analysis: Analysis): Fact[] {
  const [main, told] = sentence.clauses;
  const before = analysis.sentences[sentence.index - 1];
  if (!/^(?:this is|that is|that['’]s) (?:the reason )?why\b/i.test(sentence.text) || !main || told?.rank !== "adverbial" || before?.block !== sentence.block)
    return [];
  const asked = phraseClause(told, analysis);
  const rest = typeof asked === "string" ? "pronoun" : phraseRest(asked, analysis);
  const reasons = before.clauses.filter((other) => other.rank === "main");
  const reason = reasons.length === 1 ? phraseClause(reasons[0]!, analysis) : undefined;
  if (typeof asked === "string" || isUnclear(rest) || !reason || typeof reason === "string") return [];
  const reasonRest = phraseRest(reason, analysis);
  if (isUnclear(reasonRest) || reasonRest === "") return [];
  const statement = stateClause(reason, reasonRest);
  return [
    {
      type: "cause",
      id: factId("cause", sentence, told.start),
      sentence,
      support: [before],
      clause: told,
      phrasing: asked,
      stem: askClause(asked, "Why", rest),
      answer: `because ${statement}`,
      accepted: [statement],
      depth: "understanding",
      worth: 3.3,
      pattern: "why-for-this-reason",
    },
  ];
}

/** "Shells slow a ship down. *For this reason* the bottoms of ships are scraped": the sentence before is the reason. */
export function findBackCause(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const before = analysis.sentences[sentence.index - 1];
  if (!POINTS_BACK.test(sentence.text) || clause.rank !== "main" || clause.shared || clause !== sentence.clauses.find((other) => other.rank === "main"))
    return [];
  if (!before || before.block !== sentence.block) return [];
  const main = before.clauses.filter((other) => other.rank === "main");
  const reason = main.length === 1 ? phraseClause(main[0]!, analysis) : undefined;
  if (!reason || typeof reason === "string") return [];
  const reasonRest = phraseRest(reason, analysis);
  const opening = clause.adjuncts.filter(({ node }) => node.end <= clause.subject.start && POINTS_BACK.test(nodeText(sentence, node))).map(({ node }) => node);
  const rest = phraseRest(phrasing, analysis, opening);
  if (isUnclear(rest) || isUnclear(reasonRest)) return [];
  const statement = stateClause(reason, reasonRest);
  return [
    {
      type: "cause",
      id: factId("cause", sentence, clause.subject.start),
      sentence,
      support: [before],
      clause,
      phrasing,
      stem: askClause(phrasing, "Why", rest),
      answer: `because ${statement}`,
      accepted: [statement],
      depth: "understanding",
      worth: 3.1,
      pattern: "why-for-this-reason",
    },
  ];
}
