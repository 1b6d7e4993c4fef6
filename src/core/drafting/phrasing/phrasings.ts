import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { type Phrasing, phraseClause, type Unaskable } from "./ask-clause";

/** Facts, statements and gaps all begin from the same clauses. */
const known = new WeakMap<Analysis, WeakMap<Clause, Phrasing | Unaskable>>();

/** `phraseClause`, worked out once for each clause of an analysis. */
export function phrasingOf(clause: Clause, analysis: Analysis): Phrasing | Unaskable {
  const clauses = known.get(analysis) ?? new WeakMap<Clause, Phrasing | Unaskable>();
  known.set(analysis, clauses);
  const phrasing = clauses.get(clause) ?? phraseClause(clause, analysis);
  clauses.set(clause, phrasing);
  return phrasing;
}

/** The clauses of a sentence that can be asked about by themselves, taken apart. */
export function phrasings(sentence: Sentence, analysis: Analysis): Phrasing[] {
  return sentence.clauses.map((clause) => phrasingOf(clause, analysis)).filter((phrasing): phrasing is Phrasing => typeof phrasing !== "string");
}
