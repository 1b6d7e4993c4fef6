import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { type Node, walkTree } from "../../language/tree";
import { askClause, type Phrasing, phraseClause } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear } from "./find-cause";

const MOST_WORDS = 20;

/** "Use a pencil rather than a pen*: ink runs when it gets wet*": what follows the colon says why one should. */
export function findColonReason(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const told = sentence.tree && walkTree(sentence.tree).find(({ cat }) => cat === "colon-s");
  const before = sentence.clauses.filter(({ rank, start }) => rank === "main" && told !== undefined && start < told.start);
  const after = sentence.clauses.filter(({ rank, start }) => rank === "main" && told !== undefined && start > told.start);
  const opening = sentence.text.split(":")[0]!;
  const isAlways = clause.rank === "main" && isGeneral([clause]);
  // "A candle does *not* burn evenly: the wick is thicker in some places": why it does not.
  const isDenied = isAlways && clause.negated && !/\b(?:only|just|but|all|every)\b/.test(opening);
  // "The tower *has to* sway: a stiff tower would crack"
  const isDuty =
    isAlways &&
    (clause.complements.some(({ role }) => role === "infinitive") || clause.auxiliaries.length > 0) &&
    /\b(?:has|have|must|needs?) (?:to )?\p{Ll}/u.test(opening);
  const isStatement = isDenied || isDuty;
  if (!told || !(clause.imperative || isStatement) || before.length !== 1 || before[0] !== clause || after.length === 0) return [];
  if (after.some(({ imperative }) => imperative)) return [];
  const reason = told.kids[1]!;
  // "ink runs when *it* gets wet": what stands beside its noun in the answer is clear there.
  const isClear = after.every((other) => {
    const said = phraseClause(other, analysis, isStatement);
    const rest = typeof said === "string" ? said : phraseRest(said, analysis);
    return typeof said !== "string" && (rest === "pronoun" || !isUnclear(rest));
  });
  const rest = phraseRest(phrasing, analysis);
  const answer = nodeText(sentence, reason);
  // "Know the signs: *People* with a cold sneeze": a heading, or what one should know.
  if (COGNITIVE.has(clause.verb.lemma ?? "") || /^\p{Lu}/u.test(sentence.words[reason.start]!.text)) return [];
  if (!isClear || isUnclear(rest) || answer.split(" ").length > MOST_WORDS || !isGeneral(after)) return [];
  return [
    factOf(phrasing, reason.start, {
      type: "cause",
      stem: askClause(phrasing, "Why", rest),
      answer: `because ${answer}`,
      answerNode: reason,
      accepted: [answer],
      depth: "understanding",
      worth: 3.1,
      pattern: "why-because",
    }),
  ];
}

const COGNITIVE = new Set("understand know note remember consider think look see read imagine follow try find learn ask say tell start begin".split(" "));

/** What is so in general, and not what happened once. */
function isGeneral(clauses: readonly { auxiliaries: readonly Node[]; verb: Node }[]): boolean {
  return clauses.every(({ auxiliaries, verb }) => ![...auxiliaries, verb].some(({ flags }) => flags?.includes("past")));
}
