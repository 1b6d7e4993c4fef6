import type { Lexicon } from "../language/lexicon";
import type { Question } from "../questions/question";
import type { Finding, Mend, Rule } from "./define-rule";

/** What several questions show together. */
export type SetFinding = { rule: string; ids: string[]; reason: string };

/** How a finding of the set is said beside one question of it: what is said, which others are meant, what would do. */
export type Beside = { id: string; reason: string; see: string[]; mend?: Mend };

/** A finding of the set with what stands beside each question that should be looked at for it. */
export type ToldFinding = SetFinding & { beside: Beside[] };

export type SetRule = Pick<Rule, "id" | "source" | "about" | "example" | "verdict"> & {
  check(questions: readonly Question[], lexicon: Lexicon): ToldFinding[];
};

export function defineSetRule(rule: SetRule): SetRule {
  return rule;
}

/** What is said beside each question, by its id. */
export function besideEach(findings: readonly ToldFinding[]): Record<string, Finding[]> {
  const byId: Record<string, Finding[]> = {};
  for (const { rule, beside } of findings) {
    for (const { id, reason, see, mend } of beside) {
      const finding: Finding = { rule, verdict: "look", reason, place: { part: "stem" }, see, ...(mend ? { mend } : {}) };
      byId[id] = [...(byId[id] ?? []), finding];
    }
  }
  return byId;
}
