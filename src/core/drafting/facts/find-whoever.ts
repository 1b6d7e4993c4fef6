import type { Analysis } from "../../language/analysis";
import { sharingClauses } from "../../language/clause";
import { isPersonNoun } from "../../language/find-persons";
import { nodeText, sentenceCase } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { askSubject, type Phrasing } from "../phrasing/ask-clause";
import { BINDS_NOTHING } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const ANYBODY = /^(?:someone|somebody|anyone|anybody|everyone|everybody|those|people|whoever)$/;
const MOST_WORDS = 18;
/** A rule, or what came of it: of other deeds it is seldom asked who did them. */
const RULES = new Set(["can", "may", "must", "should", "cannot"]);
const FEWEST_WORDS = 4;

/** "*The first buyer* who presses the button gets the fish" */
function isNth(noun: Node, { lexicon }: Analysis): boolean {
  const { lemma = "" } = headTerminal(noun);
  return noun.f.det === "def" && walkTree(noun).some((node) => /^(?:first|last)$/.test(node.lemma ?? "")) && isPersonNoun(lemma, lexicon);
}

/** "*Anyone who took silkworms out of the country* was punished by death": who was? */
export function findWhoever(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { subject, sentence } = clause;
  if (clause.rank !== "main" || clause !== sharingClauses(clause)[0] || clause.negated || clause.imperative) return [];
  // "*Whoever owns a house* must clear the pavement"
  const isWhoever = subject.f.det === "clause" && /^whoever \p{L}+ /iu.test(nodeText(sentence, subject));
  if (subject.role !== "relative" && !isWhoever) return [];
  const [noun, relative] = subject.kids;
  const isAny = ANYBODY.test(headTerminal(noun!).lemma ?? "") && noun!.end - noun!.start === 1;
  const isRule = clause.passive || RULES.has(clause.auxiliaries[0]?.lemma ?? "");
  const isWho = ((isAny && isRule) || isNth(noun!, analysis)) && relative !== undefined && /^who\b/.test(nodeText(sentence, relative));
  if (!(isWhoever || isWho) || subject.end - subject.start > MOST_WORDS) return [];
  // Nothing in the question may point to whoever is asked for.
  const rest = phraseRest({ ...phrasing, binder: BINDS_NOTHING }, analysis, reasonsOf(clause));
  if (isUnclear(rest)) return [];
  // "Foreigners came, and anyone who sold plants *to them*"
  if (/\b(?:them|him|her|it|they|he|she|their|his|its)\b/i.test(nodeText(sentence, subject))) return [];
  const asked = askSubject(phrasing, "Who", rest);
  const answer = nodeText(sentence, subject);
  return [
    factOf(phrasing, subject.start, {
      type: "person",
      stem: asked.split(" ").length < FEWEST_WORDS ? `According to the text, ${asked.charAt(0).toLowerCase()}${asked.slice(1)}` : asked,
      answer: subject.start === 0 ? sentenceCase(answer) : answer,
      answerNode: subject,
      accepted: [],
      depth: "understanding",
      worth: 2.6,
      pattern: "who-may",
    }),
  ];
}
