import type { Analysis } from "../../language/analysis";
import { type Clause, sharingClauses } from "../../language/clause";
import { askClause, type Phrasing, phraseClause, stateClause } from "../phrasing/ask-clause";
import { askShared, stateShared } from "../phrasing/ask-shared";
import { phraseRest } from "../phrasing/phrase-rest";
import { withPronoun } from "../phrasing/pronoun-of-subject";
import { type Fact, factId } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** "The lens weighed more than three tonnes, *so* the builders floated it": the first half is the reason for the second. */
export function findSo(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  if (clause.linkedBy !== "so" || clause.rank !== "main" || clause !== sharingClauses(clause)[0]) return [];
  const cause = clauseBefore(clause);
  if (!cause) return [];
  const reason = phraseClause(cause, analysis);
  if (typeof reason === "string") return [];
  // "People *who sleep in bright rooms* make less, so *they* sleep badly": not all people.
  if (phrasing.subject !== reason.subject && reason.subject.startsWith(`${phrasing.subject} `)) return [];
  // "slipped *and* twisted his ankle, so …": both are the reason.
  const reasonRest = cause.shared ? (stateShared(reason, analysis, []) ?? "no-subject") : phraseRest(reason, analysis);
  // A second reason of its own would be as right.
  if (reasonsOf(clause).length > 0 || reasonsOf(cause).length > 0) return [];
  const rest = phraseRest(phrasing, analysis);
  if (/\b(?:because|since)\b/.test(`${rest} ${reasonRest}`)) return [];
  if (isUnclear(rest) || isUnclear(reasonRest)) return [];
  // "goes stale quickly, so eat it *the same day or toast it the next*": half of what one should do.
  if (clause.imperative && clause.sentence.clauses.some(({ imperative, start }) => imperative && clause.sentence.words[start - 1]?.lower === "or")) return [];
  // "swallows air *and spits it out*": of a second deed that is not clear the first can still be asked.
  const stem =
    askShared(phrasing, analysis, "Why", []) ?? (rest === "" && phrasing.subject.split(" ").length < 2 ? undefined : askClause(phrasing, "Why", rest));
  if (!stem) return [];
  if (cause.shared && reasonRest === "no-subject") return [];
  const told = cause.shared ? reasonRest : stateClause(reason, reasonRest);
  const answer = withPronoun(`because ${told}`, phrasing, analysis);
  return [
    {
      type: "cause",
      id: factId("cause", clause.sentence, cause.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem,
      answer,
      accepted: [...new Set([answer.replace(/^because /, ""), told])],
      depth: "understanding",
      worth: 3.3,
      pattern: "why-so",
    },
  ];
}

/** The main clause just before; none where the first half is itself several clauses. */
function clauseBefore(clause: Clause): Clause | undefined {
  const before = clause.sentence.clauses.filter((other) => other.rank === "main" && other.end <= clause.start);
  const isOneSubject = before.every((other) => other.subject === before[0]!.subject);
  return isOneSubject ? before[0] : undefined;
}
