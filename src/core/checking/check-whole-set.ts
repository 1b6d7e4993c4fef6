import type { Lexicon } from "../language/lexicon";
import type { Question } from "../questions/question";
import type { SetFinding, SetRule, ToldFinding } from "./define-set-rule";
import { eachAskedOnce } from "./set-rules/each-asked-once";
import { evidenceSpread } from "./set-rules/evidence-spread";
import { keysSpread } from "./set-rules/keys-spread";
import { noCueFromOthers } from "./set-rules/no-cue-from-others";

/** The rules that only all questions together can break. */
export const SET_RULES: readonly SetRule[] = [keysSpread, eachAskedOnce, noCueFromOthers, evidenceSpread];

/** What only the questions together show, with what stands beside each of them. */
export function tellWholeSet(questions: readonly Question[], lexicon: Lexicon): ToldFinding[] {
  return SET_RULES.flatMap((rule) => rule.check(questions, lexicon));
}

/** The same as one list: keys in one place, one question that answers another, one sentence asked about too often. */
export function checkWholeSet(questions: readonly Question[], lexicon: Lexicon): SetFinding[] {
  return tellWholeSet(questions, lexicon).map(({ rule, ids, reason }) => ({ rule, ids, reason }));
}
