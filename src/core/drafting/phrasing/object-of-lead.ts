import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { phraseAround, standsForWhatFollows } from "../../language/object-places";
import { mayBe, nounPhrases } from "../../language/resolve-pronouns";
import { pronounOf } from "../../language/subject-pronoun";
import type { Node } from "../../language/tree";

const FINITE = /^(?:is|are|was|were|will|would|can|could|has|have|had|may|might|do|does|did|should|must)$/;
const AS_SUBJECT: Readonly<Record<string, string>> = { it: "it", them: "they", him: "he", her: "she" };

/**
 * "A minister must confirm *it*": something that the sentence before names, and nothing that its own
 * sentence does. Beside that sentence a reader knows as much of it as the source says.
 */
export function isObjectOfLead(node: Node, sentence: Sentence, { sentences, persons, lexicon }: Analysis): boolean {
  const pronoun = AS_SUBJECT[node.lemma ?? ""];
  const lead = sentences[sentence.index - 1];
  const main = sentence.clauses.find(({ rank }) => rank === "main");
  if (node.cat !== "pro" || !pronoun || !main || !sentence.tree || !lead?.tree || lead.block !== sentence.block || node.start < main.verb.end) return false;
  // "how far *it* was": the subject of a clause inside.
  if (FINITE.test(sentence.words[node.end]?.lower ?? "") || sentence.clauses.some(({ subject }) => subject.start === node.start)) return false;
  if (lead.clauses.some(saysWhatIs)) return false;
  // "It makes *them* shrink. Hang *them* in the shade": known only from what stands before both.
  if (/\b(?:it|its|they|them|their|he|him|his|she|her)\b/i.test(lead.text)) return false;
  if (pronounOf(main.subject) || node.start >= main.end || sentence.open?.has(node.start)) return false;
  // "do *it*", "find *it* hard to say": a deed, and what follows.
  if (/^(?:do|does|did|done|doing|like)$/.test(sentence.words[node.start - 1]?.lower ?? "") || standsForWhatFollows(node, sentence.tree)) return false;
  const isInPhrase = phraseAround(node, sentence.tree) !== undefined;
  const own = nounPhrases(sentence.tree).filter((np) => np.end <= node.start && (isInPhrase || np.start !== main.subject.start));
  if (own.some((np) => mayBe(pronoun, np, sentence, persons, lexicon))) return false;
  return nounPhrases(lead.tree).some((np) => mayBe(pronoun, np, lead, persons, lexicon));
}

/** "A petition is a letter that people sign": of any, and not of the one that was told of before. */
function saysWhatIs({ rank, subject, verb, complements }: Clause): boolean {
  return (
    rank === "main" && verb.cat === "be" && subject.f.det === "indef" && complements.some(({ role, node }) => role === "predicate" && node.f.det === "indef")
  );
}
