import type { Analysis, Sentence } from "../../language/analysis";
import { inflectVerb } from "../../language/inflect";
import { type Node, walkTree } from "../../language/tree";
import { createRandom, type Random, seedFrom } from "../../lib/random";
import { GAP, type Gap } from "../../questions/question";
import type { Candidate } from "../candidate";
import type { GapWords } from "../plan";
import type { SourceStock } from "../source-stock";

const FEWEST_GAPS = 3;
const MOST_GAPS = 8;
const LONGEST_TEXT = 140;
/** Each is left out once in a paragraph, and all of them stand in the bank: two gaps for one preposition would change places. */
const PREPOSITIONS = "in on at by for from with to of into over under through across along between behind beside near against during before after".split(" ");

/** A place in a sentence where a word is left out. `start` and `end` count in the block. */
type Place = { start: number; end: number; key: string; accepted: string[]; shown: string; wrong: string[] };

/** Gaps by class of word, a paragraph at a time: for language lessons. */
export function draftWordGaps(stock: SourceStock, words: GapWords, seed: number): Candidate[] {
  // English has no imperfect.
  if (words === "facts" || words === "my-words" || words === "imperfect-verbs") return [];
  const byBlock = new Map<string, Sentence[]>();
  for (const sentence of stock.analysis.sentences) {
    if (sentence.tree && sentence.block.kind !== "heading") byBlock.set(sentence.block.id, [...(byBlock.get(sentence.block.id) ?? []), sentence]);
  }
  return [...byBlock.values()].flatMap((sentences) => paragraphs(sentences).flatMap((run) => fromParagraph(run, words, seed)));
}

/** Sentences that follow each other, as many as a paragraph with gaps may hold. */
function paragraphs(sentences: readonly Sentence[]): Sentence[][] {
  const runs: Sentence[][] = [];
  let length = 0;
  for (const sentence of sentences) {
    const last = runs.at(-1)?.at(-1);
    const words = sentence.text.split(" ").length;
    if (last && sentence.indexInBlock === last.indexInBlock + 1 && length + words <= LONGEST_TEXT) runs.at(-1)!.push(sentence);
    else {
      runs.push([sentence]);
      length = 0;
    }
    length += words;
  }
  return runs;
}

type Class = Exclude<GapWords, "facts" | "my-words" | "imperfect-verbs">;

const TASK: Record<Class, string> = {
  "past-verbs": "Write the verbs in brackets in the past tense.",
  "present-verbs": "Write the verbs in brackets in the present tense.",
  prepositions: "Fill each gap with the right preposition.",
  articles: "Fill each gap with a, an or the.",
};

function fromParagraph(sentences: readonly Sentence[], words: Class, seed: number): Candidate[] {
  const found = sentences.flatMap((sentence) => placesIn(sentence, words)).sort((a, b) => a.start - b.start);
  const spread = found.filter((place, index) => index === 0 || place.start - found[index - 1]!.end > 8);
  const once = words === "prepositions" ? spread.filter((place, index) => spread.findIndex((other) => other.key === place.key) === index) : spread;
  const places = once.slice(0, MOST_GAPS);
  if (places.length < FEWEST_GAPS) return [];
  const block = sentences[0]!.block;
  const [from, to] = [sentences[0]!.start, sentences.at(-1)!.end];
  let text = "";
  let at = from;
  for (const place of places) {
    text += `${block.text.slice(at, place.start)}${place.shown}`;
    at = place.end;
  }
  text += block.text.slice(at, to);
  const random = createRandom(seedFrom(text, seed));
  const gaps = places.map(
    (place): Gap => ({ key: place.key, accepted: place.accepted, ...(place.wrong.length > 0 ? { choices: random.shuffle([place.key, ...place.wrong]) } : {}) }),
  );
  return [
    {
      kind: "gap-fill",
      stem: `${TASK[words]} ${text}`,
      key: gaps.map((gap) => gap.key).join("; "),
      accepted: [],
      distractors: [],
      optionOrder: "shuffled",
      evidence: [...sentences],
      factId: `${words}:${sentences[0]!.index}`,
      factType: "statement",
      pattern: `gaps-${words}`,
      depth: "recall",
      worth: 1.8 + places.length * 0.15,
      parts: { sort: "gaps", gaps },
    },
  ];
}

function placesIn(sentence: Sentence, words: Class): Place[] {
  switch (words) {
    case "past-verbs":
      return verbsIn(sentence, "past");
    case "present-verbs":
      return verbsIn(sentence, "third");
    case "prepositions":
      return prepositionsIn(sentence);
    case "articles":
      return articlesIn(sentence);
  }
}

/** Full verbs that carry the tense themselves; what an auxiliary carries has no one form to write. */
function verbsIn(sentence: Sentence, form: "past" | "third"): Place[] {
  return sentence.clauses.flatMap((clause) => {
    const { verb } = clause;
    const flag = verb.flags?.[0];
    if (clause.auxiliaries.length > 0 || clause.negated || verb.cat !== "v" || (flag !== form && !(form === "third" && flag === "plain"))) return [];
    const { start, end, text } = tokenOf(sentence, verb);
    const base = verb.lemma ?? "";
    const written = text.toLowerCase();
    // What is written must be what the rules of inflection write, or the source has a form of its own.
    if (flag !== "plain" && inflectVerb(base, form) !== written) return [];
    return [{ start, end, key: text, accepted: [], shown: `${GAP} (${base})`, wrong: [] }];
  });
}

function prepositionsIn(sentence: Sentence): Place[] {
  const heads = walkTree(sentence.tree!).filter((node) => node.cat === "pp" && node.kids[0]?.cat === "prep" && node.kids[0].end - node.kids[0].start === 1);
  return heads.flatMap((node) => {
    const prep = node.kids[0]!;
    const { start, end, text } = tokenOf(sentence, prep);
    const word = text.toLowerCase();
    if (!PREPOSITIONS.includes(word) || text !== word) return [];
    return [{ start, end, key: word, accepted: [], shown: GAP, wrong: [] }];
  });
}

function articlesIn(sentence: Sentence): Place[] {
  return walkTree(sentence.tree!).flatMap((node) => {
    if (node.cat !== "det" || !/^(?:a|an|the)$/.test(node.lemma ?? "")) return [];
    const { start, end, text } = tokenOf(sentence, node);
    return text === text.toLowerCase()
      ? [{ start, end, key: text, accepted: [], shown: GAP, wrong: ["a", "an", "the"].filter((article) => article !== text) }]
      : [];
  });
}

function tokenOf(sentence: Sentence, node: Node): { start: number; end: number; text: string } {
  const word = sentence.words[node.start]!;
  return { start: word.tokens[0]!.start, end: word.tokens.at(-1)!.end, text: word.text };
}

/**
 * The teacher's own words: for each the sentence of the source that holds it and is clearest by
 * itself. Every form of the word counts, and the form that stands there is the key.
 */
export function draftOwnWords(stock: SourceStock, words: readonly string[], seed: number): Candidate[] {
  return words.flatMap((word) => {
    const wanted = word.toLowerCase();
    const found = stock.analysis.sentences.flatMap((sentence) => {
      if (sentence.block.kind === "heading" || sentence.text.split(" ").length > 34) return [];
      const places = sentence.words.filter((other) => other.lower === wanted || other.candidates.some((tag) => (tag.lemma ?? "").toLowerCase() === wanted));
      // Spanish sentences have no tagged words; there the form that was written counts.
      const phrase = wanted.includes(" ") || sentence.words.length === 0 ? phraseIn(sentence, wanted) : undefined;
      const place = phrase ?? (places.length === 1 ? { start: places[0]!.tokens[0]!.start, end: places[0]!.tokens.at(-1)!.end } : undefined);
      return place ? [{ sentence, ...place }] : [];
    });
    const best = found.sort((a, b) => clearness(b.sentence, stock) - clearness(a.sentence, stock))[0];
    return best ? [toOwnWord(best.sentence, best.start, best.end, words, stock.analysis.language, createRandom(seedFrom(wanted, seed)))] : [];
  });
}

/** Whole words that stand once in the sentence. */
function phraseIn(sentence: Sentence, wanted: string): { start: number; end: number } | undefined {
  const words = wanted.replace(/[.*+?^${}()|[\]\\]/g, "\\$&");
  const [found, ...more] = sentence.text.toLowerCase().matchAll(new RegExp(`(?<![\\p{L}\\p{N}])${words}(?![\\p{L}\\p{N}])`, "gu"));
  return found && more.length === 0 ? { start: sentence.start + found.index, end: sentence.start + found.index + wanted.length } : undefined;
}

/** A sentence that defines its word is best, then one that was understood and opens with no pronoun. */
function clearness(sentence: Sentence, stock: SourceStock): number {
  const defines = stock.facts.some((fact) => fact.sentence === sentence && fact.term) ? 3 : 0;
  const isClear = /^(?:it|they|he|she|this|these|that|those|but|and|so)\b/i.test(sentence.text) ? 0 : 1;
  const length = sentence.words.length >= 8 && sentence.words.length <= 24 ? 1 : 0;
  return defines + (sentence.tree ? 2 : 0) + isClear + length;
}

function toOwnWord(sentence: Sentence, start: number, end: number, words: readonly string[], language: Analysis["language"], random: Random): Candidate {
  const { block } = sentence;
  const key = block.text.slice(start, end);
  const gapped = `${block.text.slice(sentence.start, start)}${GAP}${block.text.slice(end, sentence.end)}`;
  const stem = language === "en" ? gapped.replace(/\b([Aa])n? ____/, `$1(n) ${GAP}`) : gapped;
  return {
    kind: "gap-fill",
    stem,
    key,
    accepted: [],
    // The other words of the list are what a student may choose from.
    distractors: random
      .shuffle(words.filter((word) => word.toLowerCase() !== key.toLowerCase() && !sentence.text.toLowerCase().includes(word.toLowerCase())))
      .slice(0, 7),
    optionOrder: "shuffled",
    evidence: [sentence],
    factId: `own-word:${key.toLowerCase()}`,
    factType: "statement",
    pattern: "own-word",
    depth: "recall",
    worth: 3,
  };
}
