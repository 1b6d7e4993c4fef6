import type { Analysis } from "../../language/analysis";
import { type Clause, sharingClauses } from "../../language/clause";
import { inflectVerb } from "../../language/inflect";
import { nodeText, wordsText } from "../../language/node-text";
import { pronounOf } from "../../language/subject-pronoun";
import type { Node } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { type Binder, bindersIn, findUnclear, mayBind } from "../phrasing/clear-reference";
import { reasonsOf } from "./find-cause";

/** What the same subject does in a clause joined on with *and*, "" where there is none. */
export function goesOnWith(clause: Clause, { subject, binder }: Phrasing, isSupposed: boolean, analysis: Analysis): string {
  const shared = sharingClauses(clause);
  const next = clause.sentence.clauses.find(({ rank, start }) => rank === "main" && start > shared.at(-1)!.verb.start);
  // "the clock *would* be right and the birds *would* die": both hang on the same condition.
  const isSupposedToo = isSupposed && /^(?:would|could)$/.test(next?.auxiliaries[0]?.lemma ?? "");
  if (next?.linkedBy !== "and") return "";
  if (isSupposedToo || nodeText(next.sentence, next.subject).toLowerCase() === subject.toLowerCase())
    return ` ${wordsText(next.sentence, next.start - 1, next.end)}`;
  // "I turn off the radio, and *I* sit on a stool", "The keeper climbs the tower, and *he* lights the lamp"
  if (!isAgain(next, clause, binder, analysis)) return "";
  const parts = [...next.complements, ...next.adjuncts].map(({ node }) => node).filter((node) => !reasonsOf(next).includes(node));
  if (parts.some((node) => node.start < next.verb.start || findUnclear(node, next.sentence, analysis, binder, false))) return "";
  const end = Math.max(next.verb.end, ...parts.map((node) => node.end));
  const finite = next.auxiliaries[0] ?? next.verb;
  const told = [ofNarrator(finite, next), wordsText(next.sentence, finite.end, end)].filter(Boolean).join(" ");
  // "…, *because glass does not conduct*": why, and no more of what.
  return ` and ${told.replace(/, (?:because|since|so) .*$/, "")}`;
}

/** "I *sit*" → "Rosa Tennant *sits*" */
function ofNarrator(finite: Node, { sentence, subject }: Clause): string {
  const word = nodeText(sentence, finite);
  if (finite.flags?.[0] !== "plain" || pronounOf(subject)) return word;
  return ({ am: "is", have: "has", do: "does" } as Record<string, string>)[word] ?? inflectVerb(finite.lemma ?? word, "third");
}

/** Whether the next clause has the same subject, by the same *I* or by a pronoun that nothing else in the first may be meant by. */
function isAgain(next: Clause, clause: Clause, binder: Binder, analysis: Analysis): boolean {
  const pronoun = pronounOf(next.subject);
  if (!pronoun) return nodeText(next.sentence, next.subject) === "I" && nodeText(clause.sentence, clause.subject) === "I";
  const others = [...clause.complements, ...clause.adjuncts].flatMap(({ node }) => bindersIn(node, clause.sentence, analysis));
  return mayBind(pronoun, binder) && !others.some((other) => mayBind(pronoun, other));
}

/** "When a bog is drained, air reaches the peat, *and the carbon escapes as a gas*": behind a condition in front both hold. */
export function goesOnToo(part: Node, clause: Clause, binder: Binder, analysis: Analysis): string {
  const { sentence } = clause;
  const last = sharingClauses(clause).at(-1)!;
  const next = sentence.clauses.find(({ rank, start }) => rank === "main" && start > last.verb.start);
  if (part.start > 0 || next?.linkedBy !== "and" || !isGeneral(next) || !isGeneral(clause) || next.imperative || pronounOf(next.subject)) return "";
  const parts = [next.subject, ...[...next.complements, ...next.adjuncts].map(({ node }) => node)];
  const isClear = parts.every((node) => !findUnclear(node, sentence, analysis, binder, false, { isAnswer: true }));
  const isLast = sentence.clauses.every(({ rank, end }) => rank !== "main" || end <= next.end);
  return isClear && isLast && next.end - next.start <= MOST_OF_SECOND ? `, ${wordsText(sentence, next.start - 1, next.end).replace(/^, /, "")}` : "";
}

/** Words of a second clause that still belongs to an answer. */
const MOST_OF_SECOND = 14;

/** What holds in general, with *can*, *may* or *will* too. */
export function isGeneral(clause: Clause): boolean {
  const first = clause.auxiliaries[0] ?? clause.verb;
  if (first.cat === "modal") return ["can", "may", "will", "might", "should", "must", "could"].includes(first.lemma ?? "");
  return ["third", "plain"].includes(first.flags?.[0] ?? "") && !first.flags?.includes("past");
}
