import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { headTerminal } from "../../language/tree";

/** Words of a meaning that says enough to tell the thing from others. */
const FEWEST_WORDS = 6;

/**
 * "Luckily the stay stopped it. *The stay is a piece of ash wood that …*": the text used the word, and now
 * says what it means. Whoever is asked what the stay is need not know which one.
 */
export function isUsedThenDefined({ sentence, subject, verb, auxiliaries, complements, negated, shared }: Clause, analysis: Analysis): boolean {
  if (verb.cat !== "be" || auxiliaries.length > 0 || verb.flags?.includes("past") || negated || shared) return false;
  const predicate = complements.find(({ role }) => role === "predicate")?.node;
  if (predicate?.cat !== "np" || predicate.f.det !== "indef" || predicate.end - predicate.start < FEWEST_WORDS) return false;
  const { cat, lemma } = headTerminal(subject);
  if (subject.f.det !== "def" || subject.end - subject.start !== 2 || cat !== "n" || !lemma) return false;
  const before = analysis.sentences[sentence.index - 1];
  // "the right kind of *plumbing*. The plumbing is …": one kind of it, and not the word.
  const isNamed = (index: number) => /^(?:the|an?)$/.test(before?.words[index - 1]?.lower ?? "");
  return (
    before?.block === sentence.block &&
    before.words.some(({ candidates }, index) => isNamed(index) && candidates.some((tag) => tag.cat === "n" && tag.lemma === lemma))
  );
}
