import type { Analysis } from "../../language/analysis";
import { isPersonNoun } from "../../language/find-persons";
import { phrasesOf } from "../../language/grammar/phrase-shapes";
import { wordsText } from "../../language/node-text";
import { headTerminal, reasonNode } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** Verbs whose *from* says where what they take comes from. */
const TAKING = new Set("get obtain receive buy borrow earn import collect gather take".split(" "));
const MOST_WORDS = 18;

/** "Most towns get their income *from taxes and fees*": where do they get it from? */
export function findOrigin(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const [object, ...more] = clause.complements;
  const isPlain = clause.rank === "main" && !clause.shared && !clause.negated && !clause.passive && !clause.imperative;
  if (!isPlain || !TAKING.has(clause.verb.lemma ?? "") || object?.role !== "object" || object.node.f.det === "pron" || more.length > 0) return [];
  const behind = clause.adjuncts.map(({ node }) => node).filter((node) => node.start >= object.node.end);
  const [from] = behind;
  const source = from?.cat === "pp" && from.f.sub === "from" && from.start === object.node.end ? phrasesOf(from)[0]?.kids[1] : undefined;
  // "took the tools *from nine to five*", and what is neither thing nor place.
  if (!from || source?.cat !== "np" || from.f.time || source.f.det === "num" || behind.some((node) => node.f.time || !/^(?:c-)?pp$/.test(node.cat))) return [];
  // "take water from the river *for farms*": what it is for is another matter.
  if (behind.some((node) => !/^(?:from|on|of|in)$/.test(reasonNode(node).f.sub ?? ""))) return [];
  if (behind.some((node) => findUnclear(node, sentence, analysis, phrasing.binder))) return [];
  const rest = phraseRest(phrasing, analysis, [...behind, ...reasonsOf(clause)]);
  const answer = wordsText(sentence, from.start, behind.at(-1)!.end);
  if (isUnclear(rest) || answer.split(" ").length > MOST_WORDS) return [];
  const isShort = rest.split(" ").length <= object.node.end - object.node.start;
  const isFromPerson = isPersonNoun(headTerminal(source).lemma ?? "", analysis.lexicon);
  return [
    factOf(phrasing, from.start, {
      type: "thing",
      // "From where did they gather shells *on Sunday*?": behind a time its *from* would stand alone.
      stem: isShort
        ? askClause(phrasing, isFromPerson ? "Who" : "Where", `${rest} from`)
        : askClause(phrasing, isFromPerson ? "From whom" : "From where", rest),
      answer,
      answerNode: source,
      accepted: [answer.replace(/^from /, "")],
      depth: "recall",
      worth: 2.2,
      pattern: "where-from",
    }),
  ];
}
