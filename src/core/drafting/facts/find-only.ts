import type { Analysis } from "../../language/analysis";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { midSentence, withoutAside } from "../../language/node-text";
import { coreOf, headTerminal } from "../../language/tree";
import { askSubject, type Phrasing } from "../phrasing/ask-clause";
import { BINDS_NOTHING, findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms } from "./find-participant";

const WORKPLACE = /^(?:museum|school|bank|hospital|company|library|office|club|court|shop|firm|university|factory|state|city|town)$/;

/** "*Only the queen* lays eggs", "In a residential zone, *only homes* may be built": who or what alone does or may? */
export function findOnly(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence, subject } = clause;
  const core = coreOf(withoutAside(subject));
  const head = headTerminal(core);
  const only = clause.adjuncts.find(({ node }) => node.end === subject.start && headTerminal(node).lemma === "only")?.node;
  if (!only || clause.negated || clause.shared || clause.imperative || clause.rank !== "main" || head.cat !== "n" || THIN_NOUNS.has(head.lemma ?? ""))
    return [];
  // "Only the outlines can be *seen*": all that is left of what the text tells of.
  if (/^(?:see|hear|remain|survive|leave|stay|know|live)$/.test(clause.verb.lemma ?? "")) return [];
  // "Only the museum still orders flax": people who work there do, and neither *who* nor *what* asks for it well.
  if (!clause.passive && clause.verb.cat === "v" && WORKPLACE.test(head.lemma ?? "")) return [];
  if (core.f.det === "pron" || core.f.det === "num" || core.f.det === "quant" || findUnclear(core, sentence, analysis)) return [];
  if (sentence.clauses.filter(({ rank }) => rank === "main").length > 1) return [];
  const rest = phraseRest({ ...phrasing, binder: BINDS_NOTHING }, analysis, [only, ...reasonsOf(clause)]);
  if (isUnclear(rest) || `${phrasing.finite} ${rest}`.split(" ").length < 2) return [];
  const thing = midSentence(sentence, withoutAside(subject));
  return [
    factOf(phrasing, subject.start, {
      type: phrasing.binder.human ? "person" : "thing",
      stem: askSubject(phrasing, phrasing.binder.human ? "Who" : "What", rest),
      answer: `only ${thing}`,
      answerNode: core,
      accepted: [thing, ...bareForms(thing)],
      depth: "recall",
      worth: 2.4,
      pattern: "who-only",
    }),
  ];
}
