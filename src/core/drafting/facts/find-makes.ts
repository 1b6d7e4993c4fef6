import type { Analysis } from "../../language/analysis";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { withoutAside } from "../../language/node-text";
import { coreOf, headTerminal } from "../../language/tree";
import { askSubject, type Phrasing } from "../phrasing/ask-clause";
import { BINDS_NOTHING } from "../phrasing/clear-reference";
import { phraseRest, preverbalAdverbs } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms } from "./find-participant";

const MOST_WORDS = 10;

/** "*The gas* makes the dough rise": what does? */
export function findMakes(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const [object, deed, ...more] = clause.complements;
  if (clause.verb.lemma !== "make" || clause.passive || clause.negated || clause.shared || clause.imperative || clause.rank !== "main") return [];
  if (object?.role !== "object" || deed?.role !== "infinitive" || deed.node.f.form !== "base" || more.length > 0 || object.node.f.det === "pron") return [];
  // "Soda *alone* would make the glass dissolve"
  if (preverbalAdverbs(clause) !== "") return [];
  const node = coreOf(withoutAside(clause.subject));
  const head = headTerminal(node);
  if (phrasing.binder.human || head.cat !== "n" || THIN_NOUNS.has(head.lemma ?? "") || /^(?:pron|dem|quant|poss)$/.test(node.f.det ?? "")) return [];
  if (node.end - node.start > MOST_WORDS) return [];
  const rest = phraseRest({ ...phrasing, binder: BINDS_NOTHING }, analysis, reasonsOf(clause));
  if (isUnclear(rest)) return [];
  return [
    factOf(
      phrasing,
      clause.subject.start,
      {
        type: "thing",
        stem: askSubject(phrasing, "What", rest),
        answer: phrasing.subject,
        answerNode: node,
        accepted: bareForms(phrasing.subject),
        depth: "recall",
        worth: 2.4,
        pattern: "what-did",
      },
      "person",
    ),
  ];
}
