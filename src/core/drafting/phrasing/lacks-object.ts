import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";

/** "can *amend* or repeal *a law*": the object of the second verb is the first one's too. */
export function lacksObject(clause: Clause, { lexicon }: Analysis): boolean {
  if (leavesOpen(clause)) return true;
  const { clauses, words } = clause.sentence;
  const next = clause.shared ? clauses.find((other) => other.subject === clause.subject && other.verb.start === clause.verb.end + 1) : undefined;
  const isJoined = /^(?:and|or|but)$/.test(words[clause.verb.end]?.lower ?? "");
  const needsOne = !lexicon.findWord(clause.verb.lemma ?? "")?.frames.includes("I");
  return isJoined && needsOne && clause.complements.length === 0 && !clause.passive && next?.complements.some(({ role }) => role === "object") === true;
}

/** "Ninety-one families have *signed*", "When he was nine, he *asked* again": what? */
function leavesOpen({ verb, passive, complements, adjuncts }: Clause): boolean {
  return /^(?:sign|ask)$/.test(verb.lemma ?? "") && !passive && complements.length === 0 && adjuncts.every(({ node }) => node.cat !== "pp");
}
