import type { Sentence } from "../../language/analysis";
import { type Node, walkTree } from "../../language/tree";
import { findWordMeaning, type WordClass, type WordMeaning } from "../../language/word-meanings";
import { bareTerm } from "../facts/find-definition";
import type { SourceStock } from "../source-stock";

/** A word of the source whose meaning is taught, with the first sentence that has it. */
export type TaughtWord = { known: WordMeaning; sentence: Sentence };

/** In a book no more words are asked about than a class could look up. */
const MOST_WORDS = 60;

/** Words of the tables that stand in an understood sentence and are neither defined there nor spelled like another word of the text. */
export function findTaughtWords({ analysis, facts }: SourceStock): TaughtWord[] {
  const defined = new Set(facts.flatMap((fact) => (fact.term ? [bareTerm(fact.term).toLowerCase()] : [])));
  const classes = new Map<string, Set<string>>();
  const found = new Map<string, TaughtWord>();
  for (const sentence of analysis.sentences) {
    if (!sentence.tree || sentence.block.kind === "heading") continue;
    const leaves = walkTree(sentence.tree).filter(({ kids }) => kids.length === 0);
    for (const [index, leaf] of leaves.entries()) {
      const pos = classOf(leaf);
      const lemma = (leaf.lemma ?? sentence.words[leaf.start]!.lower).toLowerCase();
      if (!pos) continue;
      classes.set(lemma, (classes.get(lemma) ?? new Set()).add(pos));
      const known = findWordMeaning(lemma, pos);
      if (
        !known ||
        found.has(lemma) ||
        defined.has(lemma) ||
        isName(leaf, sentence) ||
        isOfLongerTerm(leaves, index) ||
        OTHER_SENSES[lemma]?.test(sentence.text)
      )
        continue;
      found.set(lemma, { known, sentence });
    }
  }
  return [...found.values()].filter(({ known }) => classes.get(known.word)!.size === 1).slice(0, MOST_WORDS);
}

/** A verb and its meaning as they are asked for, with their *to*. */
export function asAsked({ word, meaning, pos }: WordMeaning): { word: string; meaning: string } {
  const to = pos === "v" ? "to " : "";
  return { word: to + word, meaning: to + meaning };
}

function classOf({ cat }: Node): WordClass | undefined {
  if (cat === "n") return "n";
  if (cat === "v") return "v";
  return cat === "adj" ? "a" : cat === "adv" ? "r" : undefined;
}

function isName(leaf: Node, sentence: Sentence): boolean {
  return leaf.start > 0 && /^\p{Lu}/u.test(sentence.words[leaf.start]!.text);
}

/** A "blood vessel" is no vessel, and who "takes off" takes nothing. */
function isOfLongerTerm(leaves: readonly Node[], index: number): boolean {
  const [before, leaf, after] = [leaves[index - 1], leaves[index]!, leaves[index + 1]];
  if (leaf.cat === "n") return before?.cat === "n" || after?.cat === "n";
  return leaf.cat === "v" && (after?.f.sub === "particle" || /^(?:upon|across)$/.test(after?.lemma ?? ""));
}

/** What a word of the tables means beside certain others: "invade somebody's *privacy*". */
const OTHER_SENSES: Readonly<Record<string, RegExp>> = {
  scrape: /\bscrap(?:e|es|ed|ing) (?:on|against|along|over|past)\b/i,
  cancel: /\bcancel\w* (?:out|each other|one another)\b|\b(?:tint|effects?|noise|sounds?|waves?|charges?|forces?|colou?rs?)\b/i,
  ripe: /\b(?:blisters?|time|age|moment|idea)\b/i,
  ancestor: /\b(?:its|whales?|birds?|horses?|animals?|plants?|fish|dinosaurs?|species|wol(?:f|ves)|dogs?|cats?)\b/i,
  claw: /\b(?:crabs?|lobsters?|crayfish|scorpions?|shrimps?)\b/i,
  sprout: /\b(?:vessels?|teeth|tooth|feathers?|horns?|wings?|hairs?|towns?|houses?)\b/i,
  invade: /\b(?:privacy|body|bodies|cells?|homes?|dreams?|gardens?|fields?)\b/i,
};

/** Words that the meanings of a section have in common ("a person who …") tell nothing apart. */
const COMMON = new Set([
  "person",
  "people",
  "animal",
  "animals",
  "plant",
  "plants",
  "someone",
  "something",
  "somebody",
  "that",
  "which",
  "with",
  "what",
  "from",
  "thing",
  "things",
  "make",
  "made",
  "being",
  "very",
  "place",
  "where",
]);

/** Whether two meanings have a word in common by which one could be guessed from the other. */
export function sharesWord(a: string, b: string): boolean {
  const words = (text: string): string[] => (text.match(/[a-z]{4,}/g) ?? []).filter((word) => !COMMON.has(word)).map((word) => word.replace(/s$/, ""));
  return words(a).some((word) => words(b).includes(word));
}
