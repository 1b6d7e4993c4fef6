import type { Analysis, Sentence } from "../../language/analysis";
import { nodeText, wordsText } from "../../language/node-text";
import { walkTree } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factOf } from "./fact";

const ADMITS = /^(?:it is true|I admit|I grant|I know|I agree|admittedly, it is true) that\b/i;
const FEWEST_WORDS = 4;
const MOST_WORDS = 24;

/** "*It is true that eight places would be lost.*": what does the writer admit? Only where the writer admits one thing. */
export function findAdmission(sentence: Sentence, analysis: Analysis): Fact[] {
  const [clause] = sentence.clauses;
  if (analysis.sort !== "opinion" || !clause || !sentence.tree || !ADMITS.test(sentence.text)) return [];
  if (analysis.sentences.filter(({ text }) => ADMITS.test(text)).length > 1) return [];
  const said = walkTree(sentence.tree).find(({ cat }) => cat === "cs");
  // "costs a lot *to build*", read behind what is said: the whole sentence is admitted, up to its *but*.
  const isWhole = !/,? (?:but|yet|and yet)\b/.test(sentence.text);
  const answer = said ? (isWhole ? wordsText(sentence, said.start, sentence.words.length) : nodeText(sentence, said)) : "";
  // "that there are doubts": of what?
  if (/^that there (?:is|are) (?:an? )?\p{Ll}+$/u.test(answer)) return [];
  const words = answer.split(" ").length;
  if (!said || words < FEWEST_WORDS || words > MOST_WORDS || findUnclear(said, sentence, analysis, undefined, false, { isAnswer: true })) return [];
  const writer = analysis.narrator ?? "the writer";
  const phrasing: Phrasing = { clause, subject: writer, binder: { num: "sg", human: true }, inverted: "does", verbPhrase: "admit", finite: "admits" };
  return [
    factOf(phrasing, said.start, {
      type: "report",
      stem: `What does ${writer} admit?`,
      answer,
      answerNode: said,
      accepted: [answer.replace(/^that /, "")],
      depth: "understanding",
      worth: 3,
      pattern: "what-was-said",
    }),
  ];
}
