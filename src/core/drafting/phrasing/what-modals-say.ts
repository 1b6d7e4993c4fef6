import type { Clause } from "../../language/clause";

/** "Do not blow on it *and close the windows*": the not is of the first alone, or of both. */
export function isOnlyJoined({ negated, auxiliaries, verb, sentence }: Clause): boolean {
  const [first] = auxiliaries;
  const inFront = first ? sentence.clauses.filter((other) => other.verb.start > first.start && other.verb.start < verb.start) : [];
  return negated && inFront.length > 0 && sentence.words.slice(inFront[0]!.verb.start, verb.start).some(({ lower }) => lower === "and");
}

/** "With a permit *one may* keep three fish": anybody. */
export function isAllowed({ auxiliaries }: Clause): boolean {
  return /^(?:can|may|must|should)$/.test(auxiliaries[0]?.lemma ?? "");
}
