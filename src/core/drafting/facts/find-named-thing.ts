import type { Analysis } from "../../language/analysis";
import { isPersonNoun, mayNamePerson } from "../../language/find-persons";
import { midSentence, wordsText } from "../../language/node-text";
import { coreOf, headTerminal, type Node, walkTree } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { conjunctsOf } from "../phrasing/conjuncts";
import { type Fact, factOf } from "./fact";
import { SINGLES_OUT } from "./find-definition";
import { isPeople } from "./is-people";
import { hasOpenPronoun } from "./open-pronoun";

/** Of a people one asks who they are. */
const PEOPLES = new Set("people tribe inhabitant inhabitants descendants descendant dynasty family clan settler ancestor".split(" "));
const FEWEST_WORDS = 4;
const MOST_WORDS = 24;

/** "Kashubia is *a historical region of north-central Poland*", "Ida Marrick was *a keeper who …*": what, or who, is it? */
export function findNamedThing(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const predicate = clause.complements.find(({ role }) => role === "predicate")?.node;
  if (clause.verb.cat !== "be" || clause.auxiliaries.length > 0 || clause.negated || clause.shared || clause.rank !== "main" || predicate?.cat !== "np")
    return [];
  const name = coreOf(clause.subject);
  if (headTerminal(name).cat !== "pn" || name.role === "coordination" || name.end - name.start > 5 || clause.subject.end <= clause.subject.start) return [];
  // "was *a weaver's daughter and the wife of an engineer*": somebody, told twice.
  const joined = predicate.role === "postmodifier" ? predicate.kids[0]! : predicate;
  const isBoth = joined.role === "coordination" && phrasing.binder.human && conjunctsOf(joined).every((part) => isSomebody(part, analysis));
  if ((!["indef", "def", "bare"].includes(predicate.f.det ?? "") || predicate.role === "coordination") && !isBoth) return [];
  if (hasOpenPronoun(predicate, sentence, analysis)) return [];
  const tail = clause.adjuncts.map(({ node }) => node).filter((node) => node.start >= predicate.end);
  if (
    tail.some((node) => !/^(?:c-)?pp$/.test(node.cat) || hasOpenPronoun(node, sentence, analysis)) ||
    clause.adjuncts.some(({ node }) => node.end <= clause.verb.start)
  )
    return [];
  const parts = [predicate, ...tail];
  if (parts.some((node) => pointsOut(findUnclear(node, sentence, analysis, phrasing.binder, false)))) return [];
  const meaning = wordsText(sentence, predicate.start, parts.at(-1)!.end);
  const words = meaning.split(" ").length;
  const head = headTerminal(predicate).lemma ?? "";
  // "the one that surprises many adults": one of what?
  if (words < FEWEST_WORDS || words > MOST_WORDS || SINGLES_OUT.test(meaning) || /^ones?$/.test(head)) return [];
  const isOfPeople = phrasing.inverted !== "is" && walkTree(predicate).some(({ cat, lemma }) => cat === "n" && PEOPLES.has(lemma ?? ""));
  // "a network *of people who* …": a network all the same.
  const isOwn = predicate.role === "relative" && predicate.kids[0]!.role !== "postmodifier";
  const hasWho = (isOwn || mayNamePerson(head, analysis.lexicon)) && walkTree(predicate).some(({ cat, lemma }) => cat === "rel" && lemma === "who");
  const isPerson =
    phrasing.binder.human || isPersonNoun(head, analysis.lexicon) || PEOPLES.has(head) || hasWho || (isOfPeople && name.f.det === "def" && isPeople(name));
  // "was an excellent choice for the part": what somebody thought, and not who it was.
  if (phrasing.binder.human && !hasWho && !PEOPLES.has(head) && !mayNamePerson(head, analysis.lexicon)) return [];
  const text = midSentence(sentence, name);
  return [
    factOf(phrasing, clause.subject.start, {
      type: "definition",
      stem: `${isPerson ? "Who" : "What"} ${phrasing.inverted} ${text}?`,
      answer: meaning,
      answerNode: predicate,
      accepted: [],
      depth: "recall",
      worth: analysis.sort === "story" ? 1.4 : 2.8,
      pattern: "who-or-what-is",
    }),
  ];
}

function isSomebody(np: Node, { lexicon }: Analysis): boolean {
  return /^(?:indef|def|poss)$/.test(np.f.det ?? "") && isPersonNoun(headTerminal(np).lemma ?? "", lexicon);
}

function pointsOut(unclear: string | undefined): boolean {
  return unclear !== undefined && unclear !== "definite-without-antecedent";
}
