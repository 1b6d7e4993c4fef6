import type { Fact } from "../facts/fact";

/** Words of an event that can still be moved about. */
export const LONGEST_EVENT = 22;

/** What lasts has no place in an order. */
export const STATES = new Set(
  "remain stay live have own know think believe want like love hate seem belong stand lie contain mean feel hope need wish look prefer expect seem".split(" "),
);

/** Facts that tell of one event in one year, short enough to be put beside others. */
export function datedFacts(facts: readonly Fact[]): Fact[] {
  return facts.filter(({ type, statement, answer, clause }) => {
    if (type !== "time" || !statement || !/^\d{4}$/.test(answer) || statement.split(" ").length > LONGEST_EVENT) return false;
    return !STATES.has(clause.verb.lemma ?? "") && (clause.verb.cat !== "be" || clause.passive);
  });
}
