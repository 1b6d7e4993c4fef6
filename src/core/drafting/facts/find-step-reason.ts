import type { Analysis } from "../../language/analysis";
import { wordsText } from "../../language/node-text";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factId, factOf } from "./fact";
import { isUnclear } from "./find-cause";

const MOST_WORDS = 16;

/** "Soak the beans in water overnight. *This softens their skin.*": why should you? */
export function findStepReason(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (!clause.imperative || clause.negated || clause.rank !== "main" || sentence.clauses.length !== 1) return [];
  const next = analysis.sentences[sentence.index + 1];
  const [says, ...more] = next?.block === sentence.block ? next.clauses : [];
  if (!next || !says || more.length > 0 || !/^(?:this|that) \p{Ll}+s\b/iu.test(next.text) || says.subject.end - says.subject.start !== 1) return [];
  // What comes of it always, and no judgement: "This is important", "This takes an hour".
  if (says.verb.cat !== "v" || says.negated || says.auxiliaries.length > 0 || says.passive || says.verb.flags?.[0] !== "third") return [];
  if (/^(?:take|cost|last|mean|work|happen|seem|look|sound|need|require)$/.test(says.verb.lemma ?? "")) return [];
  const rest = phraseRest(phrasing, analysis);
  const told = wordsText(next, says.verb.start, says.end);
  // "softens *their* skin": whose, the command says where it speaks of one thing only.
  if (isUnclear(rest) || told.split(" ").length > MOST_WORDS || /\b(?:this|that|these|those|he|she|him|her)\b/.test(told)) return [];
  const objects = clause.complements.filter(({ role }) => role === "object");
  if (/\b(?:it|its|they|them|their)\b/.test(told) && (objects.length !== 1 || !agreesWith(told, objects[0]!.node.f.num))) return [];
  return [
    {
      ...factOf(phrasing, clause.verb.start, {
        type: "purpose",
        stem: askClause(phrasing, "Why", rest),
        answer: `because this ${told}`,
        accepted: [told],
        depth: "understanding",
        worth: 3,
        pattern: "why-this-step",
      }),
      id: factId("purpose", next, says.verb.start),
      support: [sentence],
      sentence: next,
    },
  ];
}

function agreesWith(told: string, num: "sg" | "pl" | "any" | undefined): boolean {
  return /\b(?:they|them|their)\b/.test(told) ? num === "pl" : num !== "pl";
}
