import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { BINDS_NOTHING, findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const KNOWING = new Set("know predict say tell explain understand foresee guess remember discover".split(" "));
const WH_WORD = /^(?:wh(?:o|at|ere|y|ich|en|ether)|how)\b/i;

/** "No one can predict *when an earthquake will strike*", "Nobody knew why it worked": what can nobody predict? */
export function findUnknown(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const isNobodys = /^(?:nobody|no one)$/i.test(phrasing.subject);
  const denied = isNobodys ? !clause.negated : clause.negated && clause.auxiliaries.some(({ cat }) => cat === "modal" || cat === "do");
  if (!denied || clause.shared || clause.passive || clause.rank !== "main" || !KNOWING.has(clause.verb.lemma ?? "") || phrasing.binder.num === "any") return [];
  const what = [...clause.complements, ...clause.adjuncts]
    .map(({ node }) => node)
    .find((node) => node.start >= clause.verb.end && /^(?:ws|sb|cs)$/.test(node.cat) && WH_WORD.test(nodeText(sentence, node)));
  if (!what || what.end < clause.end || findUnclear(what, sentence, analysis, isNobodys ? BINDS_NOTHING : phrasing.binder, false)) return [];
  // "did not know when he was born": of one person once, a stray detail.
  if (!isNobodys && headTerminal(clause.subject).cat === "pn") return [];
  const rest = phraseRest(phrasing, analysis, [what, ...reasonsOf(clause)]);
  const answer = nodeText(sentence, what);
  // "What did nobody know?": a great deal.
  const isOpen = isNobodys && rest === "" && /^(?:know|say|tell)$/.test(clause.verb.lemma ?? "");
  if (isUnclear(rest) || isOpen || answer.split(" ").length < 3) return [];
  return [
    factOf(phrasing, what.start, {
      type: "report",
      stem: askClause({ ...phrasing, subject: isNobodys ? "nobody" : phrasing.subject }, "What", rest),
      answer,
      answerNode: what,
      accepted: [],
      depth: "understanding",
      worth: 2.3,
      pattern: "what-unknown",
    }),
  ];
}
