import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { standsAlone } from "../phrasing/ask-shared";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** What somebody or something is held to be. */
const HOLDING = new Set("consider believe think say know suppose report expect assume".split(" "));
/** What somebody is let do, or something is used to do. */
const LETTING = new Set("allow force use ask tell teach order encourage forbid require permit design build train choose persuade oblige compel".split(" "));
const MOST_WORDS = 20;

/** "are considered to be *the native population*", "were allowed *to keep bees*", "was used *to warn ships*". */
export function findTold(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const verb = clause.verb.lemma ?? "";
  const part = clause.complements.find(({ role, node }) => role === "infinitive" && node.f.form === "to");
  const isTold = HOLDING.has(verb) || LETTING.has(verb);
  // "was *not allowed* to take the boat out"
  const isForbidden = clause.negated && /^(?:allow|permit)$/.test(verb);
  if (!part || !clause.passive || (clause.negated && !isForbidden) || !isTold || clause.complements.length > 1 || (clause.shared && !standsAlone(clause)))
    return [];
  if (findUnclear(part.node, clause.sentence, analysis, phrasing.binder, false)) return [];
  const rest = phraseRest(phrasing, analysis, [part.node, ...reasonsOf(clause)]);
  if (isUnclear(rest)) return [];
  // "had been taught *not* to get into a stranger's car"
  // "are not allowed to test laws *at all*"
  const said = nodeText(clause.sentence, part.node).replace(clause.negated ? / at all$/ : /^$/, "");
  const [, not = "", to = "", rawAnswer = ""] = /^(not )?to (be |do )?(.+)$/s.exec(said) ?? [];
  // What is used is used for something; what somebody is let do stands without its *to*.
  const isUse = verb === "use" && to === "";
  const answer = isUse ? `to ${rawAnswer}` : part.node.role === "coordination" ? rawAnswer.replace(/(, |\band |\bor )to /g, "$1") : rawAnswer;
  const words = answer.split(" ").length;
  // "is said to have left": no plain verb to ask with.
  if (words < 2 || words > MOST_WORDS || (HOLDING.has(verb) && to !== "be ")) return [];
  if (not && (isUse || to !== "")) return [];
  const deed = isUse ? "for" : to === "be " ? "to be" : `${not}to do`;
  const told = { ...phrasing, verbPhrase: `${phrasing.verbPhrase} ${deed}` };
  return [
    factOf(
      told,
      part.node.start,
      {
        type: verb === "use" || verb === "design" || verb === "build" ? "function" : "aim",
        stem: askClause(told, "What", rest),
        answer,
        answerNode: part.node,
        accepted: [isUse ? rawAnswer : `to ${to}${answer}`],
        depth: "understanding",
        worth: 2.3,
        pattern: "what-told-to",
      },
      "aim",
    ),
  ];
}
