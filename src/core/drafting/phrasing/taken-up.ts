import type { Analysis, Sentence } from "../../language/analysis";
import { isPersonNoun } from "../../language/find-persons";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { hypernymChain } from "../distractors/noun-kind";

/** What a sentence before has told as a whole, by a noun that was not used yet. */
const WHOLES = new Set(
  "rule law plan idea method custom practice decision change discovery experiment measure ban trick habit tradition scheme proposal arrangement agreement principle".split(
    " ",
  ),
);

/** "Every new treaty is registered. *The rule* was introduced after the war": what the sentence before tells. */
export function takesUpWhole(np: Node, sentence: Sentence, { firstMention, headingLemmas }: Analysis): boolean {
  const lemma = (headTerminal(np).lemma ?? "").toLowerCase();
  const isPlain = np.cat === "np" && np.f.det === "def" && np.end - np.start === 2 && sentence.words[np.start]?.lower === "the";
  return isPlain && sentence.indexInBlock > 0 && WHOLES.has(lemma) && firstMention.get(lemma) === sentence.index && !headingLemmas.has(lemma);
}

/** Nouns that say nothing of what they take up, and words that tell one of a row. */
const BLANK =
  /^(?:rest|result|reason|trouble|secret|answer|name|end|number|difference|problem|question|point|case|fact|thing|way|time|day|year|night|morning|idea|word|step|side|part|kind|group|first|other|same|next)$/;
const ROW = /^(?:first|second|third|fourth|fifth|last|next|other|same|old|new|most|least|\p{L}{3,}est)$/u;

/** "She protested for a week. *The protest* was so fierce that …", "An octopus … *The animal* …": by its noun, of what the lead tells. */
export function takesUpByNoun(np: Node, sentence: Sentence, analysis: Analysis): boolean {
  const lead = analysis.sentences[sentence.index - 1];
  const main = sentence.clauses.find(({ rank }) => rank === "main");
  const head = headTerminal(np);
  const lemma = (head.lemma ?? "").toLowerCase();
  if (np.cat !== "np" || np.f.det !== "def" || np.role !== "determiner" || head.cat !== "n" || np.end - np.start > 3 || !lead?.tree) return false;
  if (!main || main.subject.start !== np.start || main.subject.end !== np.end || sentence.indexInBlock === 0 || BLANK.test(lemma)) return false;
  if (sentence.words.slice(np.start, np.end).some(({ lower }) => ROW.test(lower))) return false;
  // "went all the way around South America. *The trip* …": a noun that is new belongs to what was just told.
  const isNew =
    (analysis.firstMention.get(lemma) ?? sentence.index) === sentence.index &&
    lead.words.length >= 8 &&
    !/\b(?:the two|it|its|they|them|their|he|him|his|she|her)\b/i.test(lead.text);
  return isNew || isNamedIn(lemma, lead, analysis) || isDoneIn(lemma, lead) || isSomebodyOf(lemma, lead, analysis);
}

/** The lead names it by the same noun, or by one that is a sort of it: "a hairpin … This pin". */
export function isNamedIn(lemma: string, lead: Sentence, { lexicon }: Analysis): boolean {
  const senses = lexicon.findWord(lemma)?.senses.slice(0, 2) ?? [];
  const nouns = walkTree(lead.tree!).filter(({ cat }) => cat === "n");
  return nouns.some((noun: Node) => noun.lemma?.toLowerCase() === lemma || hypernymChain(noun.lemma ?? "", lexicon).some((sense) => senses.includes(sense)));
}

/** "were *cut off* … The cut", "they *collide* … The collisions": the lead tells of it by its verb. */
function isDoneIn(lemma: string, lead: Sentence): boolean {
  const stem = lemma.replace(/(?:ation|ition|ision|ion|ment|ing|al|ance|ence|y|er)$/, "");
  return stem.length >= 4 && lead.clauses.some(({ verb }) => (verb.lemma ?? "").startsWith(stem.slice(0, Math.max(4, stem.length - 1))));
}

/** "Pfungst watched him. *The man* …" */
function isSomebodyOf(lemma: string, lead: Sentence, { lexicon, persons }: Analysis): boolean {
  return (
    /^(?:man|woman|boy|girl|child|scientist|engineer|doctor|teacher)$/.test(lemma) &&
    isPersonNoun(lemma, lexicon) &&
    lead.words.some(({ text }) => persons.has(text))
  );
}
