import type { Analysis, Sentence } from "../../language/analysis";
import { nodeText, wordsText } from "../../language/node-text";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factOf } from "./fact";

const [FEWEST_WORDS, MOST_WORDS] = [3, 18];
const FEWEST_OF_ANSWER = 2;

/** "*How much water is returned* depends on how much we have drunk": on what does it depend? */
export function findDepends(sentence: Sentence, analysis: Analysis): Fact[] {
  const [clause, ...more] = sentence.clauses.filter(({ rank }) => rank === "main");
  if (!clause || more.length > 0 || clause.verb.lemma !== "depend" || clause.negated || clause.auxiliaries.length > 0) return [];
  const what = clause.subject;
  if (what.f.det !== "clause" || !/^(?:how|whether|which|what|when|where) /i.test(nodeText(sentence, what))) return [];
  const [on, ...others] = clause.adjuncts.map(({ node }) => node);
  if (on?.cat !== "pp" || !/^(?:on|upon)$/.test(on.kids[0]?.lemma ?? "") || others.length > 0) return [];
  if (findUnclear(what, sentence, analysis) || findUnclear(on, sentence, analysis, undefined, false, { isAnswer: true })) return [];
  const asked = nodeText(sentence, what);
  const answer = wordsText(sentence, on.kids[1]!.start, on.end);
  if (asked.split(" ").length < FEWEST_WORDS || asked.split(" ").length > MOST_WORDS || answer.split(" ").length < FEWEST_OF_ANSWER) return [];
  const does = clause.verb.flags?.includes("past") ? "did" : "does";
  const phrasing: Phrasing = { clause, subject: "it", binder: { num: "sg", human: false }, inverted: does, verbPhrase: "depend", finite: "depends" };
  return [
    factOf(phrasing, on.start, {
      type: "cause",
      stem: `On what ${does} it depend ${asked.charAt(0).toLowerCase()}${asked.slice(1)}?`,
      answer,
      accepted: [`on ${answer}`],
      depth: "understanding",
      worth: 2.9,
      pattern: "on-what-it-depends",
    }),
  ];
}
