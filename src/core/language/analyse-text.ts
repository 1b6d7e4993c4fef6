import type { DraftedLanguage } from "../source/join-sources";
import type { Block } from "../source/schema";
import { languageOf } from "../spanish/language-of";
import type { Analysis, Sentence, TextSort } from "./analysis";
import { readClauses } from "./clause";
import { withoutFillers } from "./fillers";
import { findCapitals } from "./find-capitals";
import { findPersons } from "./find-persons";
import type { Lexicon } from "./lexicon";
import { lexiconOfText } from "./lexicon-of-text";
import type { Parser } from "./parse-words";
import { joinQuotedNames } from "./quoted-names";
import { resolveBodyOwners } from "./resolve-body-owners";
import { resolveInnerSubjects, resolveObjects } from "./resolve-objects";
import { resolveOwners } from "./resolve-owners";
import { resolvePronouns } from "./resolve-pronouns";
import { resolveSolePerson } from "./resolve-sole-person";
import { settleTenses } from "./settle-tense";
import { speakerLabels } from "./speaker-labels";
import { isUnpunctuated, splitSpeech } from "./speech/split-speech";
import { splitSentences } from "./split-sentences";
import { type Capitals, type TaggedWord, tagCandidates } from "./tag-candidates";
import { sortOfText } from "./text-sort";
import { plainCharacters } from "./text-view";
import { type Token, tokenize } from "./tokenize";
import { type Node, walkTree } from "./tree";
import { betweenDashes, datelineLength, isOfAge } from "./written-signs";

export type LanguageTools = { lexicon: Lexicon; parser: Parser };

export type AnalyseOptions = {
  /** What somebody says the language is; told from the words where nobody does. */
  language?: DraftedLanguage;
  /** Called as each sentence is done, for progress and for stopping (by throwing). */
  onSentence?: (done: number, total: number) => void;
};

/**
 *   blocks → sentences → words with candidate tags → parse (may abstain) → clauses
 *          → persons → pronouns → counts → sort of text
 */
export function analyseText(blocks: readonly Block[], tools: LanguageTools, { language, onSentence }: AnalyseOptions = {}): Analysis {
  const read = blocks.filter((block) => !block.leftOut);
  const segmented = segment(read);
  if ((language ?? languageOf(read.map((block) => block.text).join(" "))) === "es") return inSpanish(blocks, segmented, tools.lexicon);
  const capitals = findCapitals(segmented.flatMap(({ sentence, tokens }) => (sentence.block.kind === "heading" ? [] : [tokens])));
  const sentences = withSpeechCut(segmented, tools, capitals);
  for (const [index, { sentence, tokens }] of sentences.entries()) {
    parseSentence(sentence, tokens, tools, capitals);
    onSentence?.(index + 1, sentences.length);
  }
  const all = sentences.map(({ sentence }) => sentence);
  settleTenses(all);
  const lexicon = lexiconOfText(all, tools.lexicon);
  const persons = findPersons(all, lexicon);
  const sort = sortOfText(all);
  const narrator = narratorIn(all, sort);
  const antecedents = resolvePronouns(all, persons, lexicon, sort);
  resolveObjects(all, antecedents, persons, lexicon);
  resolveInnerSubjects(all, antecedents, persons);
  resolveSolePerson(all, antecedents, persons, lexicon);
  const owners = resolveBodyOwners(all, lexicon, resolveOwners(all, persons, lexicon, antecedents));
  return {
    blocks,
    sentences: all,
    lexicon,
    language: "en",
    sort,
    ...(narrator ? { narrator } : {}),
    persons,
    lemmaCounts: countLemmas(all.filter((sentence) => sentence.block.kind !== "heading")),
    firstMention: firstMentions(all),
    headingLemmas: new Set(countLemmas(all.filter((sentence) => sentence.block.kind === "heading")).keys()),
    antecedents,
    owners,
  };
}

function inSpanish(blocks: readonly Block[], segmented: readonly Segmented[], lexicon: Lexicon): Analysis {
  const none = new Map<string, never>();
  const sentences = segmented.map(({ sentence }): Sentence => {
    const abstained = sentence.block.kind === "heading" ? ("heading" as const) : /\?$/.test(sentence.text) ? ("question" as const) : ("spanish" as const);
    return { ...sentence, abstained };
  });
  return {
    blocks,
    sentences,
    lexicon,
    language: "es",
    sort: "expository",
    persons: none,
    lemmaCounts: none,
    firstMention: none,
    headingLemmas: new Set(),
    antecedents: none,
    owners: none,
  };
}

/** From this share of sentences with *I* or *my* on, somebody tells of what is their own. */
const OWN_SHARE = 0.12;

function narratorIn(sentences: readonly Sentence[], sort: TextSort): string | undefined {
  const told = sentences.filter((sentence) => sentence.block.kind !== "heading" && sentence.abstained !== "speech");
  const own = told.filter((sentence) => /\b(?:I|[Mm]y)\b/.test(sentence.text)).length;
  // In an opinion one *I* is enough: who argues is who writes.
  const named = sentences
    .filter(({ block }) => block.kind === "heading")
    .map(({ text }) => text)
    .join(" ");
  if (told.some((sentence) => sentence.speaker)) return undefined;
  // "Good morning. *My name is Daniel Osei*, and I …"
  const introduced = told
    .map(({ text }) => /\b[Mm]y name is ((?:(?:Dr|Mr|Mrs|Ms|Prof)\.? )?\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’-]+)+)/u.exec(text)?.[1])
    .find(Boolean);
  if (introduced && sort !== "story") return introduced;
  if (own > 0 && told.some(({ text }) => /^(?:Good (?:morning|afternoon|evening)|Ladies and gentlemen|Dear friends)\b/.test(text))) return "the speaker";
  if (own > 0 && /\b(?:speech|talk|address)\b/i.test(named)) return "the speaker";
  if (sort === "opinion" && own > 0) return "the writer";
  if (own / Math.max(1, told.length) < OWN_SHARE) return undefined;
  if (sort === "story") return "the narrator";
  const spoken =
    told.some((sentence) => sentence.block.kind === "cue") || told.some((sentence) => /\b(?:talk|speech|interview) (?:given|held|with)\b/i.test(sentence.text));
  return spoken ? "the speaker" : "the writer";
}

type Segmented = { sentence: Sentence; tokens: Token[] };

function segment(blocks: readonly Block[]): Segmented[] {
  let index = 0;
  const labels = speakerLabels(blocks);
  return blocks.flatMap((block, blockIndex) => {
    const label = labels.get(block.id);
    const speaker = label?.name ?? block.speaker;
    return splitSentences(block.text).flatMap((range, indexInBlock): Segmented[] => {
      const start = label && range.start < label.length ? label.length : range.start;
      if (start >= range.end) return [];
      const text = block.text.slice(start, range.end);
      return [
        {
          sentence: { index: index++, block, blockIndex, indexInBlock, start, end: range.end, text, ...(speaker ? { speaker } : {}), words: [], clauses: [] },
          tokens: tokenize(block.text, start, range.end),
        },
      ];
    });
  });
}

/** Where a speaker's words have no full stops, clauses stand in for sentences; what lies between them is left alone. */
function withSpeechCut(segmented: readonly Segmented[], tools: LanguageTools, capitals: Capitals): Segmented[] {
  const isSpoken = ({ sentence, tokens }: Segmented) => isUnpunctuated(tokens, sentence.block.kind === "cue");
  if (!segmented.some(isSpoken)) return [...segmented];
  const cut = segmented.flatMap(({ sentence, tokens }): Segmented[] => {
    const breaks = new Set(sentence.block.timings?.map(({ start }) => start));
    const ranges = isSpoken({ sentence, tokens }) ? splitSpeech(tokens, tools, capitals, breaks) : [];
    if (ranges.length < 2) return [{ sentence, tokens }];
    return ranges.map(({ start, end, isSure }, indexInBlock) => ({
      sentence: {
        ...sentence,
        indexInBlock,
        unpunctuated: true,
        start,
        end,
        text: sentence.block.text.slice(start, end),
        ...(isSure ? {} : { abstained: "cut-unsure" as const }),
      },
      tokens: tokens.filter((token) => token.start >= start && token.end <= end),
    }));
  });
  cut.forEach(({ sentence }, index) => {
    sentence.index = index;
  });
  return cut;
}

function parseSentence(sentence: Sentence, tokens: Token[], tools: LanguageTools, capitals: Capitals): void {
  const plain = plainCharacters(sentence.text);
  const spoken = sentence.block.kind === "cue" ? withoutFillers(tokens) : tokens;
  const joined = joinQuotedNames(withoutAsides(spoken));
  sentence.words = tagCandidates(joined, tools.lexicon, capitals);
  if (sentence.block.kind === "heading") sentence.abstained = "heading";
  else if (hasSpeech(joined)) sentence.abstained = "speech";
  else if (/\?["')]*$/.test(plain)) sentence.abstained = "question";
  else if (isInCapitals(plain)) sentence.abstained = "capitals";
  else if (sentence.words.length > 48) sentence.abstained = "too-long";
  if (sentence.abstained) return;
  // "600 grams of white fish": a list item that ends without a stop is a thing, not a sentence.
  if (sentence.block.kind === "list-item" && !/[.!:;][)"'”’]*$/.test(plain)) {
    sentence.abstained = "list-item";
    return;
  }
  let tree = readTree(sentence.words, tools);
  const aside = tree ? undefined : betweenDashes(joined);
  if (aside) {
    // "The lamp – it was made of brass – burned all night": a sentence inside a sentence is left out, as brackets are.
    const words = tagCandidates([...joined.slice(0, aside.from), ...joined.slice(aside.to + 1)], tools.lexicon, capitals);
    tree = readTree(words, tools);
    if (tree) sentence.words = words;
  }
  if (!tree) {
    sentence.abstained = sentence.block.kind === "list-item" ? "list-item" : "not-parsed";
    return;
  }
  sentence.tree = tree;
  sentence.clauses = readClauses(sentence, tree);
  if (sentence.clauses.length === 0) sentence.abstained = "no-verb";
}

/** The tree of a sentence that is understood, and not by far-fetched readings. */
function readTree(words: readonly TaggedWord[], { parser }: LanguageTools): Node | undefined {
  const tree = parser.parse(words);
  return tree && !isFarFetched(tree.cost, words.length) ? tree : undefined;
}

/** Quotation marks that are left around more than a name. */
function hasSpeech(tokens: readonly Token[]): boolean {
  const marks = tokens.filter((token) => token.text === "'").length;
  return marks > 1 || tokens.some((token) => token.text === '"');
}

/** In capitals nobody can tell a name from a noun. */
function isInCapitals(text: string): boolean {
  const letters = text.match(/\p{L}/gu) ?? [];
  return letters.length > 12 && (text.match(/\p{Lu}/gu) ?? []).length / letters.length > 0.7;
}

/** A parse as dear as this is a reading that nobody means: "Hemp and manila for the old [which] ships". */
function isFarFetched(cost: number, words: number): boolean {
  return cost >= 14 && cost / words >= 0.92;
}

/** What stands in brackets is left out of the parse, and so are the place that opens a report and an age: "(see page 4)", "SKERRY BAY –", "Pete Hallam*, 71,* has". */
function withoutAsides(tokens: Token[]): Token[] {
  let depth = 0;
  const open = datelineLength(tokens);
  return tokens.filter((token, at) => {
    if (token.text === "(" || token.text === "[") depth++;
    const inside = depth > 0;
    if ((token.text === ")" || token.text === "]") && depth > 0) depth--;
    return !inside && at >= open && !isOfAge(tokens, at);
  });
}

function firstMentions(sentences: readonly Sentence[]): Map<string, number> {
  const first = new Map<string, number>();
  for (const sentence of sentences) {
    for (const lemma of countLemmas([sentence]).keys()) if (!first.has(lemma)) first.set(lemma, sentence.index);
  }
  return first;
}

const CONTENT = new Set(["n", "v", "adj", "pn"]);

function countLemmas(sentences: readonly Sentence[]): Map<string, number> {
  const counts = new Map<string, number>();
  const count = (lemma: string) => counts.set(lemma, (counts.get(lemma) ?? 0) + 1);
  for (const sentence of sentences) {
    // As it was understood: "the accused" is a noun, though most often a verb.
    if (sentence.tree) {
      for (const { kids, cat, lemma, start } of walkTree(sentence.tree)) {
        if (kids.length === 0 && CONTENT.has(cat)) count((lemma ?? sentence.words[start]!.lower).toLowerCase());
      }
      continue;
    }
    for (const word of sentence.words) {
      const best = word.candidates.reduce<(typeof word.candidates)[number] | undefined>((a, b) => (a && a.cost <= b.cost ? a : b), undefined);
      if (best && CONTENT.has(best.cat)) count((best.lemma ?? word.lower).toLowerCase());
    }
  }
  return counts;
}
