import type { Sentence } from "../../language/analysis";
import { type Node, walkTree } from "../../language/tree";
import { createRandom, seedFrom } from "../../lib/random";
import type { Candidate } from "../candidate";
import { bareTerm } from "../facts/find-definition";
import type { SourceStock } from "../source-stock";

const WRONG = 3;
const LONGEST_SENTENCE = 30;
/** Zipf frequencies of words that are worth asking about: known to some, not to all. */
const RAREST = 1.8;
const COMMONEST = 4;
/** Meanings that are no fair option beside any word, and none to show to children. */
const UNFIT =
  /\b(?:kill|killed|murder|flesh|sex\w*|crime|criminal|drug|drugs|narcotic|slave|corpse|suicide|breast|genital\w*|intoxicat\w*|alcohol\w*|weapon|drunk\w*|race|racial|naked)\b/;

const MOST_WORDS = 60;

type Found = { word: string; lemma: string; pos: "n" | "v" | "a"; meaning: string; zipf: number; sentence: Sentence };

/** A noun's meaning that is itself a noun with its article. */
const NAMES_A_THING = /^(?:an?|the|any|one|someone|somebody|something) /;

/** What a term means by the source's own definition, and what a rarer word means by the dictionary, where it has one sense that counts. */
export function draftWordsInContext(stock: SourceStock, seed: number): Candidate[] {
  return [...fromDefinitions(stock, seed), ...fromDictionary(stock, seed)];
}

function fromDefinitions(stock: SourceStock, seed: number): Candidate[] {
  const meanings = stock.facts.filter((fact) => fact.definiens && fact.term && (fact.type === "definition" || fact.type === "naming"));
  const once = meanings.filter((fact, index) => meanings.findIndex((other) => other.term === fact.term) === index);
  return once.flatMap((fact) => {
    const others = once.filter((other) => other.id !== fact.id && other.definiens !== fact.definiens).map((other) => other.definiens!);
    if (others.length < WRONG) return [];
    const term = bareTerm(fact.term!);
    return [
      toCandidate(
        `What does “${term}” mean in the passage?`,
        fact.definiens!,
        createRandom(seedFrom(term, seed)).shuffle(others).slice(0, WRONG),
        fact.sentence,
        {
          factId: fact.id,
          pattern: "meaning-by-source",
          worth: 2.7,
        },
      ),
    ];
  });
}

function fromDictionary(stock: SourceStock, seed: number): Candidate[] {
  const { lexicon, headingLemmas } = stock.analysis;
  const found: Found[] = [];
  const seen = new Set<string>();
  const defined = new Set(stock.facts.flatMap((fact) => (fact.term ? [bareTerm(fact.term).toLowerCase()] : [])));
  for (const sentence of stock.analysis.sentences) {
    if (!sentence.tree || sentence.words.length > LONGEST_SENTENCE) continue;
    for (const node of walkTree(sentence.tree)) {
      const pos = node.kids.length > 0 ? undefined : posOf(node);
      const lemma = (node.lemma ?? "").toLowerCase();
      if (!pos || seen.has(lemma) || defined.has(lemma) || headingLemmas.has(lemma) || isInName(node, sentence)) continue;
      const zipf = lexicon.zipf(lemma);
      const meaning = zipf >= RAREST && zipf <= COMMONEST ? lexicon.findMeaning(lemma, pos) : undefined;
      if (!meaning || !isPlain(meaning, lemma, stock)) continue;
      seen.add(lemma);
      if (UNFIT.test(meaning) || (pos === "n" && (sentence.words[node.start]!.lower !== lemma || !NAMES_A_THING.test(meaning)))) continue;
      found.push({ word: sentence.words[node.start]!.text, lemma, pos, meaning, zipf, sentence });
    }
  }
  // In a book no more words are asked about than a class could look up.
  const asked = found.slice(0, MOST_WORDS);
  return asked.flatMap((entry) => {
    const wrong = wrongMeanings(entry, asked, stock, seed);
    if (wrong.length < WRONG) return [];
    const stem = `What does the word “${entry.word.toLowerCase()}” mean in this sentence? “${entry.sentence.text}”`;
    return [
      toCandidate(stem, entry.meaning, wrong, entry.sentence, {
        factId: `meaning:${entry.lemma}`,
        pattern: "meaning-by-dictionary",
        worth: 1.1 + (4 - entry.zipf) * 0.2,
      }),
    ];
  });
}

/** The meaning is said in commoner words than the word itself, and does not hold it. */
function isPlain(meaning: string, lemma: string, { analysis }: SourceStock): boolean {
  const own = analysis.lexicon.zipf(lemma);
  const words = meaning.match(/[a-z]{3,}/g) ?? [];
  const root = lemma.slice(0, Math.max(3, Math.min(4, lemma.length - 2)));
  return words.every((word) => !word.startsWith(root) && (analysis.lexicon.zipf(word) === 0 ? false : analysis.lexicon.zipf(word) >= Math.max(3.2, own)));
}

function posOf(node: Node): Found["pos"] | undefined {
  if (node.cat === "n") return "n";
  if (node.cat === "adj") return "a";
  return node.cat === "v" && node.lemma !== "use" ? "v" : undefined;
}

function isInName(node: Node, sentence: Sentence): boolean {
  return /^\p{Lu}/u.test(sentence.words[node.start]!.text) && node.start > 0;
}

/** Meanings of other words of the passage first, then of words as rare, all of the same part of speech and like length. */
function wrongMeanings(entry: Found, found: readonly Found[], { analysis }: SourceStock, seed: number): string[] {
  const random = createRandom(seedFrom(entry.lemma, seed));
  const length = entry.meaning.split(" ").length;
  const article = entry.pos === "n";
  const fits = (meaning: string) => {
    const words = meaning.split(" ").length;
    return (
      words >= length * 0.5 &&
      words <= length * 2 &&
      !sharesWord(meaning, entry.meaning) &&
      !meaning.includes(entry.lemma) &&
      !UNFIT.test(meaning) &&
      NAMES_A_THING.test(meaning) === article
    );
  };
  const own = found.filter((other) => other.pos === entry.pos && other.lemma !== entry.lemma && fits(other.meaning)).map((other) => other.meaning);
  const told = [...analysis.lemmaCounts.keys()]
    .flatMap((lemma) => (lemma === entry.lemma ? [] : (analysis.lexicon.findMeaning(lemma, entry.pos) ?? [])))
    .filter(fits);
  const others = analysis.lexicon.meaningsLike(entry.lemma, entry.pos).filter(fits);
  return [...new Set([...random.shuffle(own), ...random.shuffle(told), ...random.shuffle(others)])].slice(0, WRONG);
}

function sharesWord(a: string, b: string): boolean {
  const words = (text: string): string[] => text.toLowerCase().match(/[a-z]{4,}/g) ?? [];
  return words(a).some((word) => words(b).includes(word));
}

function toCandidate(stem: string, key: string, wrong: string[], sentence: Sentence, more: Pick<Candidate, "factId" | "pattern" | "worth">): Candidate {
  return {
    kind: "word-in-context",
    stem,
    key,
    accepted: [],
    distractors: wrong,
    optionOrder: "shuffled",
    evidence: [sentence],
    factType: "statement",
    depth: "understanding",
    ...more,
  };
}
