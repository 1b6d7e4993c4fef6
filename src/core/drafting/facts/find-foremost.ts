import type { Analysis } from "../../language/analysis";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { nodeText, withoutAside } from "../../language/node-text";
import { coreOf, headTerminal, walkTree } from "../../language/tree";
import { askSubject, type Phrasing } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms } from "./find-participant";

const FOREMOST = /\b(?:most|least) (?:often|frequently|commonly|easily|quickly)\b/;

/** "*Gloves and umbrellas* are claimed least often": what is? */
export function findForemost(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { subject } = clause;
  if (clause.negated || clause.shared || clause.imperative || clause.rank !== "main" || clause.verb.cat === "be") return [];
  if (!FOREMOST.test(clause.sentence.text)) return [];
  const rest = phraseRest(phrasing, analysis, reasonsOf(clause));
  const heads = walkTree(coreOf(subject)).filter(({ cat }) => cat === "n");
  const head = headTerminal(coreOf(subject));
  if (isUnclear(rest) || !endsForemost(rest) || head.cat !== "n" || heads.some(({ lemma }) => THIN_NOUNS.has(lemma ?? ""))) return [];
  if (subject.f.det === "pron" || subject.f.det === "dem") return [];
  const isWho = heads.every(({ lemma }) => isPersonNoun(lemma ?? "", analysis.lexicon));
  const thing = nodeText(clause.sentence, withoutAside(subject)).replace(/^\p{Lu}(?=\p{Ll})/u, (letter) => letter.toLowerCase());
  return [
    factOf(phrasing, subject.start, {
      type: isWho ? "person" : "thing",
      stem: askSubject(phrasing, isWho ? "Who" : "What", rest),
      answer: thing,
      answerNode: coreOf(subject),
      accepted: bareForms(thing),
      depth: "recall",
      worth: 2.3,
      pattern: "which-one",
    }),
  ];
}

function endsForemost(told: string): boolean {
  const found = FOREMOST.exec(told);
  return found !== null && found.index + found[0].length === told.length;
}
