import { type Candidate, mainSentence } from "../candidate";
import type { Features } from "./features";

/** Little words that often stood in drafts that had to be mended, or in sound ones. */
const WATCHED = new Set(
  (
    "not never only so such other another more most than own one all both each even too also still just then there do does could would should may can must " +
    "had been what how as like while until before after since unless though although because which whose whom that"
  ).split(" "),
);

/** What a sentence may open with and lean on the one before, or be read in two ways. */
const OPENERS = new Set(
  (
    "it they he she this these that but so then when if in as after even for at by there some one because while with on to before since a the although once " +
    "instead today later yet or and"
  ).split(" "),
);

const KEY_OPENERS = new Set("the a an to that because they it its their his her not in on by only when if so".split(" "));

/**
 * What may make a draft wrong, beside what it is like: how its sentence is built, what its stem left out or
 * added, and the little words that decide what is said. None names a passage or a topic.
 */
export function riskFeatures(candidate: Candidate, features: Features): Features {
  return { ...features, ...sentenceFeatures(candidate), ...wordFeatures(candidate) };
}

function sentenceFeatures(candidate: Candidate): Features {
  const { text, clauses } = mainSentence(candidate);
  const ranks = new Set(clauses.map(({ rank }) => rank));
  return {
    "sentence's commas": Math.min(6, text.split(",").length - 1) / 3,
    "sentence has a colon or dash": Number(/[;:—–]/.test(text)),
    "sentence quotes": Number(/[“"]/.test(text)),
    "sentence has brackets": Number(text.includes("(")),
    "sentence has and": Number(/\sand\s/.test(text)),
    "sentence has or": Number(/\sor\s/.test(text)),
    "sentence has but": Number(/\sbut\s/.test(text)),
    clauses: Math.min(6, clauses.length) / 3,
    "has an adverbial clause": Number(ranks.has("adverbial")),
    "has a clause by the way": Number(ranks.has("aside")),
    "more sentences of proof": Math.min(3, candidate.evidence.length - 1),
    [`sentence opens with ${among(OPENERS, wordsOf(text)[0])}`]: 1,
  };
}

function wordFeatures({ stem, key, evidence, kind }: Candidate): Features {
  const { text } = mainSentence({ kind, evidence });
  const told = new Set(wordsOf(text));
  const asked = wordsOf(stem);
  const watched = [...new Set(asked)].filter((word) => WATCHED.has(word));
  return {
    "words not of the sentence": Math.min(6, asked.filter((word) => word.length > 3 && !told.has(word)).length) / 3,
    "words left out": Math.max(0, Math.min(20, count(text) - count(stem) - count(key))) / 10,
    "stem has a comma": Number(stem.includes(",")),
    "stem quotes a sentence": Number(stem.startsWith("Read:")),
    [`key opens with ${among(KEY_OPENERS, wordsOf(key)[0])}`]: 1,
    ...Object.fromEntries(watched.map((word) => [`stem says ${word}`, 1])),
  };
}

function among(words: ReadonlySet<string>, word: string | undefined): string {
  return word !== undefined && words.has(word) ? word : "another word";
}

function wordsOf(text: string): string[] {
  return text.toLowerCase().match(/[a-z']+/g) ?? [];
}

function count(text: string): number {
  return text.split(/\s+/).filter(Boolean).length;
}
