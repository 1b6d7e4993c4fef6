import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { headTerminal, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** Adjectives that a that-clause fills, with the preposition that asks for it. */
const FILLED: Record<string, string> = {
  convinced: "of",
  sure: "of",
  certain: "of",
  aware: "of",
  afraid: "of",
  proud: "of",
  worried: "about",
  concerned: "about",
  happy: "about",
  glad: "about",
  sad: "about",
  angry: "about",
  surprised: "about",
  disappointed: "about",
};
const MOST_WORDS = 18;

/** "Most astronomers were *convinced that the answer lay in the stars*": what were they convinced of? */
export function findConviction(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const quality = clause.complements.find(({ role }) => role === "predicate")?.node;
  const said = quality && walkTree(quality).find((node) => node.cat === "cs" && node.end === quality.end);
  const adjective = quality && sentence.words[quality.start]?.lower;
  const preposition = FILLED[adjective ?? ""];
  if (clause.verb.cat !== "be" || quality?.cat !== "ap" || !said || !preposition || said.start !== quality.start + 1) return [];
  if (clause.negated || clause.shared || clause.rank !== "main" || headTerminal(clause.subject).lemma === "it") return [];
  if (findUnclear(said, sentence, analysis, phrasing.binder, false)) return [];
  const rest = phraseRest(phrasing, analysis, [quality, ...reasonsOf(clause)]);
  const answer = nodeText(sentence, said);
  if (isUnclear(rest) || answer.split(" ").length > MOST_WORDS || answer.split(" ").length < 4) return [];
  return [
    factOf(phrasing, said.start, {
      type: "report",
      stem: askClause(phrasing, "What", [adjective, preposition, rest].filter(Boolean).join(" ")),
      answer: /^that\b/.test(answer) ? answer : `that ${answer}`,
      answerNode: said,
      accepted: [answer.replace(/^that /, "")],
      depth: "understanding",
      worth: 2.7,
      pattern: "what-convinced-of",
    }),
  ];
}
