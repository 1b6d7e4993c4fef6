import type { Block } from "../source/schema";
import type { Clause } from "./clause";
import type { Lexicon } from "./lexicon";
import type { Resolved } from "./resolve-objects";
import type { TaggedWord } from "./tag-candidates";
import type { Node } from "./tree";

/** Why a sentence was not understood; it is then never asked about. */
export type AbstainReason = "heading" | "list-item" | "speech" | "question" | "too-long" | "not-parsed" | "no-verb" | "capitals" | "spanish" | "cut-unsure";

export type Sentence = {
  /** Position in the whole source. */
  index: number;
  block: Block;
  blockIndex: number;
  /** Position in its block. */
  indexInBlock: number;
  start: number;
  end: number;
  text: string;
  /** Who says it, in an interview or a film. */
  speaker?: string;
  /** Cut out of speech that has no full stops. */
  unpunctuated?: true;
  words: readonly TaggedWord[];
  tree?: Node;
  abstained?: AbstainReason;
  clauses: Clause[];
  /** Words that are pronouns for which more than one noun may be meant. */
  open?: ReadonlySet<number>;
  /** Pronouns in object places whose noun is known, by word. */
  resolved?: ReadonlyMap<number, Resolved>;
};

export type TextSort = "expository" | "story" | "opinion" | "steps";

/** All that the language stages know of a source. Derived, never stored as truth. */
export type Analysis = {
  blocks: readonly Block[];
  sentences: Sentence[];
  lexicon: Lexicon;
  /** Spanish is split into sentences and read by its surface; it has no parse trees. */
  language: "en" | "es";
  sort: TextSort;
  /** Who says *I* outside quotation marks: "the writer", "the speaker", "the narrator". */
  narrator?: string;
  /** Names that are persons, by every form in which they occur (full name, surname, first name). */
  persons: ReadonlyMap<string, Person>;
  /** How often each content lemma occurs. */
  lemmaCounts: ReadonlyMap<string, number>;
  /** The sentence in which each content lemma occurs first. */
  firstMention: ReadonlyMap<string, number>;
  /** Lemmas of the title and headings. */
  headingLemmas: ReadonlySet<string>;
  /** Clause subjects that a pronoun stands for, by the pronoun's sentence and word position. */
  antecedents: ReadonlyMap<string, Antecedent>;
  /** Whose clause subjects with *its*, *their*, *her* and *his* are, by sentence and word position. */
  owners: ReadonlyMap<string, Antecedent>;
  /** The sentence whose question quotes the sentence before it: what *this* takes up stands there. */
  led?: Sentence;
};

export type Person = {
  name: string;
  gender?: "he" | "she";
  mentions?: number;
  /** Index of the first sentence that names the person. */
  firstSeen?: number;
  /** Asks or answers in an interview. */
  speaks?: true;
};
export type Antecedent = { text: string; node: Node; sentence: Sentence };

/** Who *I* is in a sentence: its speaker, or whoever tells the whole. */
export function narratorOf(sentence: Sentence, analysis: Pick<Analysis, "narrator">): string | undefined {
  return sentence.speaker ?? (introducesSpeaker(sentence) ? undefined : analysis.narrator);
}

/** "*She spoke to our class by video*": said in front of a talk by whoever printed it, and not by the speaker. */
function introducesSpeaker({ text, block, blockIndex }: Sentence): boolean {
  const isOurs = /\b(?:spoke|talked|told|visited|answered|met) (?:to |with )?(?:us|our)\b/i.test(text);
  return isOurs && blockIndex <= 2 && !/\bI\b/.test(block.text);
}

export function positionKey(sentence: Sentence, word: number): string {
  return `${sentence.index}:${word}`;
}
