import { SET_RULES } from "./check-whole-set";
import type { Rule } from "./define-rule";
import { RULES } from "./rules";

/** Of a rule what a list of rules shows. */
export type ListedRule = Pick<Rule, "id" | "verdict" | "source" | "about" | "example">;

/** The rules of one question and those of the whole set, each once. */
export const ALL_RULES: readonly ListedRule[] = [...RULES, ...SET_RULES.filter((rule) => RULES.every((other) => other.id !== rule.id))].map(
  ({ id, verdict, source, about, example }) => ({ id, verdict, source, about, example }),
);
