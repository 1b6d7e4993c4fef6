import type { Analysis } from "../../language/analysis";
import { type Clause, joiningWord, sharingClauses } from "../../language/clause";
import type { Node } from "../../language/tree";
import { isUnclear, reasonsOf } from "../facts/find-cause";
import { askClause, type Phrasing, phraseClause, stateClause } from "./ask-clause";
import { phraseRest, preverbalAdverbs } from "./phrase-rest";

/**
 * A question about what holds for all verbs of a subject: "How can you *reduce the bill and help the
 * environment*?" Nothing where they need different auxiliaries or one of them is unclear.
 */
export function askShared(phrasing: Phrasing, analysis: Analysis, wh: string, omit: readonly Node[]): string | undefined {
  const clauses = sharingClauses(phrasing.clause);
  const deeds: string[] = [];
  for (const clause of clauses) {
    const told = clause === phrasing.clause ? phrasing : phraseClause(clause, analysis);
    if (typeof told === "string" || told.inverted !== phrasing.inverted || clause.negated !== phrasing.clause.negated) return undefined;
    const rest = phraseRest({ ...told, subject: phrasing.subject, binder: phrasing.binder }, analysis, omit);
    if (isUnclear(rest)) return undefined;
    if (clauses.length === 1) return askClause(phrasing, wh, rest);
    // "cannot be created or destroyed": the not, and its *be*, stand once.
    const once = phrasing.clause.passive && clause.passive ? /^not (?:be )?/ : /^not /;
    const verb = clause.negated && deeds.length > 0 ? told.verbPhrase.replace(once, "") : told.verbPhrase;
    deeds.push([preverbalAdverbs(clause), verb, rest].filter(Boolean).join(" "));
  }
  return `${wh} ${phrasing.inverted} ${phrasing.subject} ${joinDeeds(deeds, phrasing.clause.negated ? "or" : joiningWord(clauses))}?`;
}

/** "dry the nets, mend them, and hang them up" */
export function joinDeeds(deeds: readonly string[], word: string): string {
  return deeds.length > 2 ? `${deeds.slice(0, -1).join(", ")}, ${word} ${deeds.at(-1)}` : deeds.join(` ${word} `);
}

/** The statement of all verbs of a subject: "someone may figure it out and gain access". */
export function stateShared(phrasing: Phrasing, analysis: Analysis, omit: readonly Node[]): string | undefined {
  const clauses = sharingClauses(phrasing.clause);
  const deeds: string[] = [];
  for (const [index, clause] of clauses.entries()) {
    const told = clause === phrasing.clause ? phrasing : phraseClause(clause, analysis);
    if (typeof told === "string") return undefined;
    const rest = phraseRest({ ...told, binder: phrasing.binder, ...(phrasing.compares ? { compares: true as const } : {}) }, analysis, [
      ...omit,
      ...reasonsOf(clause),
    ]);
    if (isUnclear(rest)) return undefined;
    if (index === 0) deeds.push(stateClause(phrasing, rest));
    else {
      // "may figure it out and *gain* access": the auxiliary stands once.
      const verb = clause.auxiliaries.length > 0 && told.inverted === phrasing.inverted ? told.verbPhrase : told.finite;
      deeds.push([preverbalAdverbs(clause), verb, rest].filter(Boolean).join(" "));
    }
  }
  return joinDeeds(deeds, joiningWord(clauses));
}

/** Whether one verb phrase can be asked about without the others: nothing in front or behind that holds for all of them. */
export function standsAlone(clause: Clause): boolean {
  return sharingClauses(clause).every((other) => !other.adjuncts.some(({ node }) => node.end <= clause.subject.start || node.cat.includes("sb")));
}

/**
 * A question about a reason, purpose or time at `node`: for all verbs of the subject where it stands in
 * front of them, for the last verb alone where it stands behind that.
 */
export function askBehind(phrasing: Phrasing, analysis: Analysis, wh: string, node: Node, omit: readonly Node[] = []): string | undefined {
  const { clause } = phrasing;
  const clauses = sharingClauses(clause);
  if (clause === clauses[0] && holdsForAll(clause, node)) return askShared(phrasing, analysis, wh, [node, ...omit]);
  if (clause !== clauses.at(-1) || node.start < clause.verb.end || node.end <= clause.subject.start) return undefined;
  if (clause.adjuncts.some((part) => part.node.end <= clause.subject.start)) return undefined;
  const rest = phraseRest(phrasing, analysis, [node, ...omit]);
  return isUnclear(rest) || rest === "" ? undefined : askClause(phrasing, wh, rest);
}

/** Whether what stands at `node` holds for every verb of the subject: in front of them all, or behind the last. */
export function holdsForAll(clause: Clause, node: Node): boolean {
  return !clause.shared || node.end <= clause.subject.start;
}
