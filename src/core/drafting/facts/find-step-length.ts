import type { Analysis } from "../../language/analysis";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** What goes on by itself while one waits, and how long. */
const WAITS =
  /^(.+ (?:dry|cool|rest|stand|soak|rise|boil|simmer|bake|set|sit|freeze|drain|steep|cook|stay|harden|settle|melt|prove|ferment)(?: (?:out|off|up|down|completely|in \p{Ll}+(?: \p{Ll}+)?))?) (overnight|for (?:at least |about |up to )?(?:an?|one|two|three|four|five|six|seven|eight|ten|twelve|fifteen|twenty|thirty|\d+|several|a few|half an?)(?: [\p{L}-]+){0,2}? ?(?:second|minute|hour|day|night|week|month)s?)$/u;

/** "Let the first layer *dry overnight*": how long should you let it dry? */
export function findStepLength(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  if (analysis.sort !== "steps" || !clause.imperative || clause.negated || !/^(?:let|leave)$/.test(clause.verb.lemma ?? "")) return [];
  const told = phraseRest(phrasing, analysis, reasonsOf(clause));
  const [, deed, length] = (!isUnclear(told) && WAITS.exec(told)) || [];
  if (!deed || !length) return [];
  return [
    factOf(
      phrasing,
      clause.verb.start,
      {
        type: "frequency",
        stem: askClause(phrasing, "How long", deed),
        answer: length,
        accepted: [length.replace(/^for /, "")].filter((form) => form !== length),
        depth: "recall",
        worth: 2.1,
        pattern: "how-long",
      },
      "quantity",
    ),
  ];
}
