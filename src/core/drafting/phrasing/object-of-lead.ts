import { mayBe, nounPhrases } from "../../language/agrees-with";
import { type Analysis, positionKey, type Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { phraseAround, standsForWhatFollows } from "../../language/object-places";
import { pronounOf } from "../../language/subject-pronoun";
import { headTerminal, type Node } from "../../language/tree";

const FINITE = /^(?:is|are|was|were|will|would|can|could|has|have|had|may|might|do|does|did|should|must)$/;
const AS_SUBJECT: Readonly<Record<string, string>> = { it: "it", them: "they", him: "he", her: "she" };

/** By which words a lead may speak of the same one already. */
const SAME_ONE: Readonly<Record<string, RegExp>> = {
  it: /\b(?:it|its)\b/i,
  they: /\b(?:they|them|their)\b/i,
  he: /\b(?:he|him|his)\b/i,
  she: /\b(?:she|her)\b/i,
};

/**
 * "A minister must confirm *it*": something that the sentence before names, and nothing that its own
 * sentence does. Beside that sentence a reader knows as much of it as the source says.
 */
export function isObjectOfLead(node: Node, sentence: Sentence, { sentences, persons, lexicon, antecedents }: Analysis): boolean {
  const pronoun = AS_SUBJECT[node.lemma ?? ""];
  const lead = sentences[sentence.index - 1];
  const main = sentence.clauses.find(({ rank }) => rank === "main");
  if (node.cat !== "pro" || !pronoun || !main || !sentence.tree || !lead?.tree || lead.block !== sentence.block || node.start < main.verb.end) return false;
  // "how far *it* was": the subject of a clause inside.
  if (FINITE.test(sentence.words[node.end]?.lower ?? "") || sentence.clauses.some(({ subject }) => subject.start === node.start)) return false;
  if (lead.clauses.some(saysWhatIs)) return false;
  // "It makes *them* shrink. Hang *them* in the shade": known only from what stands before both.
  if (SAME_ONE[pronoun]!.test(lead.text)) return false;
  // "By the terms of *his* will the money may be spent": whose, a lead that names nobody does not tell.
  const isOfSomebody = /\b(?:he|him|his|she|her)\b/i.test(lead.text);
  if (isOfSomebody && !antecedents.has(positionKey(lead, 0)) && !lead.words.some(({ text }) => persons.has(text))) return false;
  if (pronounOf(main.subject) || node.start >= main.end || sentence.open?.has(node.start)) return false;
  // "do *it*", "find *it* hard to say": a deed, and what follows.
  if (/^(?:do|does|did|done|doing|like)$/.test(sentence.words[node.start - 1]?.lower ?? "") || standsForWhatFollows(node, sentence.tree)) return false;
  const isInPhrase = phraseAround(node, sentence.tree) !== undefined;
  const own = nounPhrases(sentence.tree).filter((np) => np.end <= node.start && (isInPhrase || np.start !== main.subject.start));
  // "paid *attention* to it": a part of the verb.
  const isPart = (np: Node) => np.end - np.start === 1 && /^(?:attention|heed|notice|care|use|part|note|advantage)$/.test(headTerminal(np).lemma ?? "");
  if (own.some((np) => !isPart(np) && mayBe(pronoun, np, sentence, persons, lexicon))) return false;
  return nounPhrases(lead.tree).some((np) => mayBe(pronoun, np, lead, persons, lexicon));
}

/** "A petition is a letter that people sign": of any, and not of the one that was told of before. */
function saysWhatIs({ rank, subject, verb, complements }: Clause): boolean {
  return (
    rank === "main" && verb.cat === "be" && subject.f.det === "indef" && complements.some(({ role, node }) => role === "predicate" && node.f.det === "indef")
  );
}
