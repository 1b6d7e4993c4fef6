import { type Analysis, positionKey } from "../../language/analysis";
import { headTerminal, walkTree } from "../../language/tree";
import { type Candidate, mainSentence } from "../candidate";

/** What a candidate is like, by name; a name that is absent counts as 0. All between 0 and about 2. */
export type Features = Record<string, number>;

/**
 * Features of fact, clause, stem, key, options and place in the text (after Heilman and Smith 2010,
 * table 2): none of them names a sentence or a passage, so that what is learnt holds for others.
 */
export function featuresOf(candidate: Candidate, analysis: Analysis): Features {
  return { ...kindFeatures(candidate), ...stemFeatures(candidate, analysis), ...keyFeatures(candidate, analysis), ...placeFeatures(candidate, analysis) };
}

function kindFeatures({ kind, factType, pattern, worth, depth }: Candidate): Features {
  const family = pattern
    .replace(/^proved-/, "")
    .split("-")
    .slice(0, 2)
    .join("-");
  return { [`kind ${kind}`]: 1, [`fact ${factType}`]: 1, [`pattern ${family}`]: 1, worth: worth / 3, [`depth ${depth}`]: 1 };
}

function stemFeatures({ stem, kind }: Candidate, analysis: Analysis): Features {
  const words = stem.split(" ");
  const content = stem.toLowerCase().match(/[a-z]{4,}/g) ?? [];
  const zipfs = content.map((word) => analysis.lexicon.zipf(word)).filter((zipf) => zipf > 0);
  return {
    "stem words": words.length / 20,
    "stem is short": words.length < 6 ? 1 : 0,
    "stem is long": words.length > 20 ? 1 : 0,
    "stem has names": /\s\p{Lu}\p{Ll}/u.test(stem) ? 1 : 0,
    "stem has a number": /\d/.test(stem) ? 1 : 0,
    "stem has a pronoun": /\b(?:it|its|they|their|them|he|his|she|her)\b/i.test(stem) ? 1 : 0,
    "stem has a clause": /\b(?:that|which|who|whose|when|if|because|while|where)\b/.test(stem.slice(6)) ? 1 : 0,
    "stem has definites": Math.min(3, (stem.match(/\bthe\b/gi) ?? []).length) / 2,
    "stem has hedges": /\b(?:may|might|could|can|often|usually|some|many|most|about|almost)\b/i.test(stem) ? 1 : 0,
    "stem's rarest word": zipfs.length > 0 ? (5 - Math.min(...zipfs)) / 3 : 0,
    [`${kind} long`]: words.length > 16 ? 1 : 0,
  };
}

function keyFeatures({ key, distractors, kind }: Candidate, analysis: Analysis): Features {
  const words = key.split(" ").length;
  const lengths = distractors.slice(0, 3).map((text) => text.split(" ").length);
  const spread = lengths.length > 0 ? Math.max(...lengths.map((length) => Math.abs(length - words))) : 0;
  const last = key
    .toLowerCase()
    .match(/[a-z]{3,}/g)
    ?.at(-1);
  return {
    "key words": Math.min(words, 25) / 12,
    "key is one word": words === 1 ? 1 : 0,
    "key is rare": last ? Math.max(0, 5 - analysis.lexicon.zipf(last)) / 3 : 0,
    "key has a number": /\d/.test(key) ? 1 : 0,
    "options differ in length": kind === "multiple-choice" || kind === "two-part" ? Math.min(spread, 12) / 8 : 0,
    "few options": kind === "multiple-choice" && distractors.length < 3 ? 1 : 0,
  };
}

function placeFeatures(candidate: Candidate, analysis: Analysis): Features {
  const sentence = mainSentence(candidate);
  const prose = analysis.sentences.length;
  const main = sentence.clauses.filter((clause) => clause.rank === "main").length;
  const resolved = sentence.clauses.some((clause) => analysis.antecedents.has(positionKey(sentence, clause.subject.start)));
  return {
    [`text ${analysis.sort}`]: 1,
    "parse cost": sentence.tree ? Math.min(sentence.tree.cost, 16) / 8 : 0,
    "sentence words": sentence.words.length / 25,
    "several clauses": main > 1 ? 1 : 0,
    "pronoun resolved": resolved ? 1 : 0,
    "opens its paragraph": sentence.indexInBlock === 0 ? 1 : 0,
    "early in the text": 1 - sentence.index / Math.max(1, prose),
    topicality: topicality(sentence, analysis),
  };
}

/** Share of the sentence's nouns that the source keeps using or names in a heading, 0 to 1. */
export function topicality(sentence: Candidate["evidence"][number], analysis: Analysis): number {
  if (!sentence.tree) return 0;
  const nouns = walkTree(sentence.tree)
    .filter((node) => node.cat === "nb" && node.kids.length === 1)
    .map((node) => (headTerminal(node).lemma ?? "").toLowerCase());
  if (nouns.length === 0) return 0;
  return nouns.filter((noun) => (analysis.lemmaCounts.get(noun) ?? 0) >= 3 || analysis.headingLemmas.has(noun)).length / nouns.length;
}
