import type { Analysis } from "../../language/analysis";
import { nodeText, wordsText } from "../../language/node-text";
import { coreOf, headTerminal } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** What is passed, made or given, and says by its own words what it is about. */
const RULING =
  /^(?:law|rule|act|treaty|agreement|order|tax|ban|bill|decree|proposal|plan|promise|offer|deal|warning|theory|method|recipe|policy|custom|prize|scheme|trick)$/;
const MAKING =
  /^(?:pass|make|adopt|introduce|sign|issue|accept|propose|publish|reject|develop|draw|write|invent|devise|offer|give|announce|set|use|find|have|create|suggest)$/;
const [FEWEST_WORDS, MOST_WORDS] = [5, 20];

/** "Parliament passed *a law that fixed all rents*": what law did Parliament pass? */
export function findRuling(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const [object, ...more] = clause.complements;
  if (clause.rank !== "main" || clause.passive || clause.negated || clause.shared || clause.imperative || more.length > 0) return [];
  if (object?.role !== "object" || !MAKING.test(clause.verb.lemma ?? "")) return [];
  const { node } = object;
  const noun = headTerminal(coreOf(node)).lemma ?? "";
  const tells = /^(?:relative|reduced|infinitive)$/.test(node.role) || node.kids[1]?.f.form === "to";
  if (node.f.det !== "indef" || !RULING.test(noun) || !tells) return [];
  // What stands behind it without a gap still tells of the law.
  const tail = clause.adjuncts.map((part) => part.node).filter(({ start, f, cat }) => start >= node.end && !f.time && /^(?:pp|sb|vp)$/.test(cat));
  if ([node, ...tail].some((part) => findUnclear(part, sentence, analysis, phrasing.binder, false, { isAnswer: true }))) return [];
  const rest = phraseRest(phrasing, analysis, [node, ...tail, ...reasonsOf(clause)]);
  const answer = wordsText(sentence, node.start, tail.at(-1)?.end ?? node.end);
  const words = answer.split(" ").length;
  if (isUnclear(rest) || words < FEWEST_WORDS || words > MOST_WORDS) return [];
  return [
    factOf(phrasing, node.start, {
      type: "thing",
      stem: askClause(phrasing, `What ${noun}`, rest),
      answer,
      answerNode: node,
      accepted: [answer.replace(/^an? /i, ""), nodeText(sentence, node.kids[1] ?? node)],
      depth: "understanding",
      worth: 2.6,
      pattern: "what-ruling",
    }),
  ];
}
