import type { Analysis } from "../../language/analysis";
import { midSentence, wordsText } from "../../language/node-text";
import { clauseIn, isAgent } from "../../language/pronoun-rivals";
import { headTerminal, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { binderOf, findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { isOfThings } from "./belongs-to-object";
import { type Fact, factId } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/**
 * "*The school board should vote for the new schedule*": what should the school board do? A writer's demand,
 * asked as the writer's. "Pupils *may not* bring phones": what may they not do?
 */
export function findDuty(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const [modal] = clause.auxiliaries;
  const isForbidden = clause.negated && /^(?:may|must)$/.test(modal?.lemma ?? "");
  const isProposal = modal?.lemma === "could" && proposes(phrasing, analysis);
  const isDemand =
    modal?.cat === "modal" && (isForbidden || isProposal || modal.lemma === "should" || modal.lemma === "must") && clause.auxiliaries.length === 1;
  if (!isDemand || clause.passive || clause.imperative || clause.verb.cat !== "v") return [];
  if (analysis.sort !== "opinion" && !phrasing.binder.human && !(isForbidden && isAgent(clause.subject, analysis.lexicon))) return [];
  // "*Recess* should come before lunch": what should be done with it, and not what it should do.
  if (phrasing.binder.lifeless && !isAgent(clause.subject, analysis.lexicon)) return [];
  const shared = clause.sentence.clauses.filter((other) => other.rank === "main" && other.subject === clause.subject);
  if (shared[0] !== clause) return [];
  // "must never draw a juror *so that anyone could recognize him*": drawn otherwise, one may.
  const denies = clause.negated || clause.adjuncts.some(({ node }) => headTerminal(node).lemma === "never");
  if (denies && clause.adjuncts.some(({ node }) => node.cat.includes("sb") && node.start > clause.verb.end)) return [];
  const fronted = clause.adjuncts.filter(({ node }) => node.end <= clause.subject.start).map(({ node }) => node);
  const deeds = shared.map((other) => phraseRest({ ...phrasing, clause: other }, analysis, [...fronted, ...reasonsOf(other)]));
  const when = fronted.map((node) => midSentence(clause.sentence, node)).join(" ");
  if (deeds.some(isUnclear) || fronted.some((node) => findUnclear(node, clause.sentence, analysis, phrasing.binder))) return [];
  const rest = deeds[0]!;
  const answer = shared.length > 1 ? wordsText(clause.sentence, clause.verb.start, shared.at(-1)!.end) : [clause.verb.lemma, rest].filter(Boolean).join(" ");
  if (isOfThings(answer)) return [];
  if (isUnclear(rest) || answer.split(" ").length < (isProposal ? 2 : 3) || phrasing.subject === "you") return [];
  return [
    {
      type: "aim",
      id: factId("aim", clause.sentence, clause.verb.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: askClause({ ...phrasing, verbPhrase: clause.negated ? "not do" : "do" }, "What", when),
      answer,
      accepted: [],
      depth: "understanding",
      worth: isProposal ? 2.2 : isForbidden ? 2.5 : 3,
      pattern: isForbidden ? "what-must-not" : "what-should",
    },
  ];
}

/** "Volunteers *could shelve books*": what a writer proposes, and no ability and nothing that depends on something. */
function proposes({ clause }: Phrasing, { sort }: Analysis): boolean {
  const { sentence, verb, negated } = clause;
  const isDeed = !/^(?:see|hear|feel|happen|fall|find|know|understand|remember|mean|cause|hurt|harm|lose|die|drown|come|get|read|think|say)$/.test(
    verb.lemma ?? "",
  );
  return sort === "opinion" && !negated && isDeed && !/\b(?:if|would|when|was|were|had|did|once|could (?:not|even|never))\b/i.test(sentence.text);
}

/** Words of a deed in which what it is done to is named: "help to bring it back". */
const FEW_WORDS = 4;
const DEMANDING = new Set("think believe say suggest propose hope argue".split(" "));

/** "I believe that *every school should teach cooking*": what should it do, according to whoever believes it? */
export function findDemand(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const said = clause.complements.find(({ role }) => role === "clause")?.node;
  const speaker = headTerminal(clause.subject).lemma ?? "";
  if (analysis.sort !== "opinion" || !said || !DEMANDING.has(clause.verb.lemma ?? "") || clause.negated || !/^(?:i|we)$/.test(speaker)) return [];
  const [whose, demanded] = clauseIn(said)?.kids ?? [];
  const [modal, ...more] = demanded?.kids ?? [];
  if (!whose || !demanded || modal?.cat !== "modal" || !/^(?:should|must)$/.test(modal.lemma ?? "") || more.length !== 1 || demanded.f.passive) return [];
  if (
    findUnclear(whose, sentence, analysis) ||
    whose.f.det === "pron" ||
    !(isAgent(whose, analysis.lexicon) || whose.f.det === "proper") ||
    headTerminal(more[0]!).cat !== "v"
  )
    return [];
  const subject = midSentence(sentence, whose);
  const answer = wordsText(sentence, more[0]!.start, demanded.end);
  const binder = binderOf(whose, subject, analysis);
  // "the town should take *it* down": something that another sentence named, and never the town.
  const isOpen = walkTree(more[0]!).some(
    ({ cat, lemma, start, end }) =>
      cat === "pro" && /^(?:it|them|him|her)$/.test(lemma ?? "") && end <= more[0]!.start + FEW_WORDS && !sentence.resolved?.has(start),
  );
  if (isOpen || findUnclear(more[0]!, sentence, analysis, binder, false) || answer.split(" ").length < 2 || isOfThings(answer) || /^not\b/.test(answer))
    return [];
  return [
    {
      type: "aim",
      id: factId("aim", sentence, more[0]!.start),
      sentence,
      clause,
      phrasing,
      stem: `What ${modal.lemma} ${subject} do?`,
      answer,
      accepted: [],
      depth: "understanding",
      worth: 3,
      pattern: "what-should",
    },
  ];
}
