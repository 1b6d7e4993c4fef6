import type { Analysis } from "../../language/analysis";
import { midSentence, nodeText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms } from "./find-participant";

/** Words of one side of a comparison. */
const MOST_WORDS = 7;

/** "*Wet rope* is harder to untie than dry rope": which is harder to untie, dry rope or wet rope? Both sides of one sort, or told at the same length. */
export function findComparison(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause, subject } = phrasing;
  const { sentence } = clause;
  if (clause.rank !== "main" || clause.shared || clause.negated || clause.imperative || phrasing.binder.human) return [];
  const compared = clause.complements.find(({ role, node }) => (role === "predicate" && node.cat === "ap") || (role === "object" && node.cat === "np"))?.node;
  const isOfMuch = compared?.cat === "np" && /^(?:more|less|fewer)\b/i.test(nodeText(sentence, compared));
  if (!compared || !(isOfMuch || (compared.cat === "ap" && walkTree(compared).some(isComparative)))) return [];
  const than = walkTree(compared).filter(isThan);
  const other = than.length === 1 && than[0]!.end === compared.end ? than[0]!.kids[1] : undefined;
  if (other?.cat !== "np" || !isPlainSide(other) || !isPlainSide(clause.subject)) return [];
  if (clause.adjuncts.some(({ node }) => node.cat.includes("sb") || node.start >= compared.end) || findUnclear(other, sentence, analysis)) return [];
  const told = nodeText(sentence, other);
  const isAlike = headTerminal(other).lemma === headTerminal(clause.subject).lemma || told.split(" ").length === subject.split(" ").length;
  if (!isAlike || (other.f.num ?? "any") !== (clause.subject.f.num ?? "any") || subject.split(" ").length > MOST_WORDS) return [];
  const rest = phraseRest(phrasing, analysis, reasonsOf(clause));
  if (isUnclear(rest) || !rest.endsWith(` than ${told}`)) return [];
  const sides = [subject, told].sort((a, b) => a.localeCompare(b, "en"));
  return [
    factOf(phrasing, compared.start, {
      type: "thing",
      stem: `Which ${phrasing.finite} ${rest.slice(0, -` than ${told}`.length).replace(/^(?:far|much|a lot|even) /, "")}: ${sides.join(" or ")}?`,
      answer: midSentence(sentence, clause.subject, subject),
      answerNode: clause.subject,
      accepted: bareForms(subject),
      depth: "understanding",
      worth: 2.2,
      pattern: "which-more",
    }),
  ];
}

function isThan({ cat, f }: Node): boolean {
  return cat === "pp" && f.sub === "than";
}

function isComparative({ kids, flags }: Node): boolean {
  return kids.length === 0 && flags?.includes("comparative") === true;
}

/** Named by itself, without a number: "a third of the boats" is no side of its own. */
function isPlainSide(np: Node): boolean {
  const det = np.f.det ?? "bare";
  return !/^(?:pron|dem|quant|num|clause|poss)$/.test(det) && !walkTree(np).some(({ cat }) => cat === "rc" || cat === "s" || cat === "num");
}
