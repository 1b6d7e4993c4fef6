import type { Analysis } from "../../language/analysis";
import { nodeText, wordsText } from "../../language/node-text";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const HELD = /^(?:upside down|first|forward|down|up|open|closed|shut|out|raised|high|low|together|apart|bent|straight|under water|in the air)$/;

/** "A flamingo eats *with its head upside down*": how? */
export function findPosture(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (clause.negated || clause.shared || clause.imperative || clause.passive || clause.rank !== "main" || clause.verb.cat !== "v") return [];
  const part = clause.adjuncts.find(
    ({ node }) => node.cat === "pp" && node.f.sub === "with" && node.kids[1]?.role === "possessor" && node.start >= clause.verb.end,
  )?.node;
  const held = part && clause.adjuncts.find(({ node }) => node.start === part.end && HELD.test(nodeText(sentence, node)))?.node;
  if (!part || !held || findUnclear(part, sentence, analysis, phrasing.binder)) return [];
  const rest = phraseRest(phrasing, analysis, [part, held, ...reasonsOf(clause)]);
  if (isUnclear(rest) || /,/.test(rest)) return [];
  return [
    factOf(phrasing, part.start, {
      type: "manner",
      stem: askClause(phrasing, "How", rest),
      answer: wordsText(sentence, part.start, held.end),
      answerNode: part,
      accepted: [],
      depth: "recall",
      worth: 2.2,
      pattern: "how-way",
    }),
  ];
}
