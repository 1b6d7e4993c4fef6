import type { Analysis } from "../../language/analysis";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { mayNamePerson } from "../../language/find-persons";
import { midSentence, withoutAside } from "../../language/node-text";
import { coreOf, headTerminal } from "../../language/tree";
import { askSubject, type Phrasing } from "../phrasing/ask-clause";
import { BINDS_NOTHING } from "../phrasing/clear-reference";
import { phraseRest, preverbalAdverbs } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms, hasNo, isWhole } from "./find-participant";

/** Words that single out what was done, besides the verb. */
const FEWEST_WORDS = 4;

/** Done to many things, so that another answer may be as right. */
const SAYING_LITTLE = /^(?:call|name|know|use|need|make|do|say|see|tell|ask|allow|force|suppose|base|locate|have|give|take)$/;

/** Always of something, which another sentence tells. */
const OF_SOMETHING = /^(?:copy|part|piece|sample|example|member|half|share|version|model|name|side|end|edge|layer)$/;

/** "*A rope* was found trailing in the water behind the ship": what was? What something is done to, where it is a thing first told of here. */
export function findPatient(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { subject, sentence } = clause;
  const core = coreOf(subject);
  const head = headTerminal(core);
  if (!clause.passive || clause.negated || clause.shared || clause.rank !== "main" || clause.linkedBy || clause.verb.start < subject.start) return [];
  if (SAYING_LITTLE.test(clause.verb.lemma ?? "") || clause.complements.some(({ role }) => role === "object2" || role === "infinitive")) return [];
  const isFirstTold = subject.f.det === "indef" || (subject.f.det === "bare" && head.cat === "n");
  if (!isFirstTold || head.cat !== "n" || THIN_NOUNS.has(head.lemma ?? "") || subject.f.time) return [];
  // "*Copies* were sent to scholars": of what?
  if (OF_SOMETHING.test(head.lemma ?? "") && subject.role !== "postmodifier") return [];
  if (mayNamePerson(head.lemma ?? "", analysis.lexicon) || hasNo(subject) || clause.adjuncts.some(({ node }) => hasNo(node))) return [];
  const rest = phraseRest({ ...phrasing, binder: BINDS_NOTHING }, analysis, reasonsOf(clause));
  if (isUnclear(rest) || !isWhole(rest) || rest.split(" ").length < FEWEST_WORDS || preverbalAdverbs(clause) !== "") return [];
  if (/\b(?:itself|themselves|each other|one another|it|them)\b/.test(rest)) return [];
  const thing = midSentence(sentence, withoutAside(subject));
  return [
    factOf(phrasing, subject.start, {
      type: "thing",
      stem: askSubject(phrasing, "What", rest),
      answer: thing,
      answerNode: core,
      accepted: bareForms(thing),
      depth: "recall",
      worth: 1.3,
      pattern: "what-was-done",
    }),
  ];
}
