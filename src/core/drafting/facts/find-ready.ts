import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { isGeneral } from "./goes-on-with";

const [FEWEST_WORDS, MOST_WORDS] = [4, 18];

/** "The dough is ready *when it springs back*", "Weather changes *when the pressure changes*": when is it, or does it? */
export function findReady(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const [quality, ...more] = clause.complements;
  if (clause.negated || clause.shared || clause.imperative || clause.passive || clause.rank !== "main" || more.length > 0 || !isGeneral(clause)) return [];
  if (phrasing.subject === "you" || (quality ? clause.verb.cat !== "be" || quality.node.cat !== "ap" : clause.verb.cat !== "v")) return [];
  const [part, ...others] = clause.adjuncts.map(({ node }) => node);
  if (part?.cat !== "sb" || part.f.sub !== "when" || part.start < clause.verb.end || others.length > 0 || part.end < clause.end) return [];
  if (/^(?:only|even|especially|mostly)$/.test(sentence.words[part.start - 1]?.lower ?? "") || headTerminal(part).flags?.includes("comparative")) return [];
  if (findUnclear(part, sentence, analysis, phrasing.binder, false)) return [];
  const rest = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  const answer = nodeText(sentence, part);
  const words = answer.split(" ").length;
  if (isUnclear(rest) || words < FEWEST_WORDS || words > MOST_WORDS) return [];
  return [
    factOf(phrasing, part.start, {
      type: "occasion",
      stem: askClause(phrasing, "When", rest),
      answer,
      answerNode: part,
      accepted: [answer.replace(/^when /, "if ")],
      depth: "understanding",
      worth: 2.4,
      pattern: "when",
    }),
  ];
}
