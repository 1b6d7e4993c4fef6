import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { THIN_NOUNS, TIME_NOUNS, UNIT_NOUNS } from "../../language/data/noun-classes";
import { pluralOf } from "../../language/inflect";
import { fileOf, NounFile } from "../../language/lexicon";
import { nodeRange, nodeText } from "../../language/node-text";
import { pronounOf } from "../../language/subject-pronoun";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { GAP } from "../../questions/question";
import type { Candidate } from "../candidate";
import { wuPalmer } from "../distractors/noun-kind";
import { isUnclear } from "../facts/find-cause";
import { numberForms } from "../phrasing/number-forms";
import { opensClearly } from "../phrasing/opens-clearly";
import { phraseRest } from "../phrasing/phrase-rest";
import { phrasingOf } from "../phrasing/phrasings";
import { near, type SourceStock } from "../source-stock";

/** Several sentences, with a list of words to choose from. */
export const LISTED = "gaps-in-sentences";
/** Patterns whose stem is made of whole sentences of the source. */
export const IN_SENTENCES: ReadonlySet<string> = new Set(["gap-in-sentence", LISTED]);
/** Sentences of a source that is as long as a book's chapter. */
const LONG = 600;
/** Sentences that are shown together. */
const MOST_SENTENCES = 3;
/** "The engineer was given the ____.": too little stands around one gap. */
const FEWEST_WORDS = 10;
const MOST_WORDS = 62;
/** A sentence alone is read at one go. */
const MOST_WORDS_ALONE = 28;
/** Words to choose from: the last gap is not filled by what is left over. */
const BANK_EXTRA = 2;

/** A place in a sentence where a word is left out. `start` and `end` count in the block. */
type Place = {
  sentence: Sentence;
  start: number;
  end: number;
  key: string;
  lemma: string;
  plural: boolean;
  /** "the ____": nothing of its own says which. */
  isBare: boolean;
  value: number;
};

/**
 * Neighbouring sentences as the source has them, each without one word that tells something. What stands
 * before says whom *it* and *this* mean, so that sentences come to be asked about of which no question
 * could be made; they are only asked so where nothing else is known of them.
 */
export function draftTermGaps(stock: SourceStock): Candidate[] {
  const { analysis } = stock;
  if (analysis.language !== "en") return [];
  return analysis.sentences.flatMap((sentence) => {
    // A book offers more than anybody asks for: there only what opens a paragraph.
    if (analysis.sentences.length > LONG && sentence.indexInBlock > 0) return [];
    if (!standsByItself(sentence, analysis)) return [];
    const run = runFrom(sentence, analysis);
    const alone = isPoor(sentence, stock) && analysis.sort !== "opinion" && analysis.sort !== "story" ? gapAlone(sentence, stock) : [];
    const runs = run.slice(1).map((_, index) => run.slice(0, index + 2));
    return [...alone, ...runs.flatMap((sentences) => gapsIn(sentences, stock))];
  });
}

/** Nothing was found in it that can be asked for by itself. */
function isPoor(sentence: Sentence, { factsBySentence }: SourceStock): boolean {
  return !factsBySentence.has(sentence);
}

/** More words that take up the sentence before: nothing else of it is told here. */
const CARRIES_ON =
  /^(?:or|yet|nor|thus|instead|also|still|meanwhile|otherwise|moreover|besides|nevertheless|even|here|there|other|some|both|neither|either|once|only|by then|at that|in this|in that|from then|since then|until then|before that|after that|for example|for instance|as a result|in fact|on the other|at first|at last|in the end|first|second|third|finally|later|soon|next|today|now|same)\b/i;
const FIRST_PERSON = /\b(?:I|we|us|our|ours|me|my|mine|you|your|yours)\b/i;

/** What may point to a sentence that is not shown. */
const POINTS = /\b(?:he|she|it|they|him|her|them|his|hers|its|their|theirs|this|that|these|those|such|then|there|same|other|others|another|one|ones|so)\b/i;

function standsByItself(sentence: Sentence, analysis: Analysis): boolean {
  if (!isProse(sentence) || !opensClearly(sentence) || CARRIES_ON.test(sentence.text)) return false;
  if (!POINTS.test(sentence.text) && !/\bthe\b/i.test(sentence.text)) return true;
  const [first, ...more] = sentence.clauses.filter(({ rank }) => rank === "main");
  // "An objection does not stop it, but *it* must be answered": what follows speaks of the first.
  return (
    first !== undefined &&
    !first.imperative &&
    isClear(first, analysis) &&
    more.every((clause) => pronounOf(clause.subject) !== undefined || isClear(clause, analysis))
  );
}

/** Says by itself of whom it speaks, in its subject and behind it. */
function isClear(clause: Clause, analysis: Analysis): boolean {
  const phrasing = phrasingOf(clause, analysis);
  if (typeof phrasing === "string" || POINTS.test(nodeText(clause.sentence, clause.subject).replace(/\bthat\b/g, ""))) return false;
  return !isUnclear(phraseRest(phrasing, analysis));
}

/** Plain prose of a paragraph: no heading, no speech, no list, nobody's *we*. */
function isProse({ block, text, speaker, unpunctuated, abstained }: Sentence): boolean {
  return (
    block.kind === "paragraph" && !speaker && !unpunctuated && (!abstained || abstained === "not-parsed") && !/[“”"?!]/.test(text) && !FIRST_PERSON.test(text)
  );
}

function runFrom(first: Sentence, { sentences }: Analysis): Sentence[] {
  const run = [first];
  let words = first.words.length;
  for (let at = first.index + 1; run.length < MOST_SENTENCES; at++) {
    const next = sentences[at];
    if (!next || next.block !== first.block || !isProse(next)) break;
    words += next.words.length;
    if (words > MOST_WORDS) break;
    run.push(next);
  }
  return run;
}

/** One sentence that is clear by itself, with the gap to be written: only where the word is the text's own. */
function gapAlone(sentence: Sentence, stock: SourceStock): Candidate[] {
  const words = sentence.words.length;
  if (words < FEWEST_WORDS || words > MOST_WORDS_ALONE || (stock.statementsBySentence.get(sentence)?.length ?? 0) === 0) return [];
  // "the ____ fled whenever they saw *her*": whom, another sentence says.
  const isOfAnother = [...(sentence.resolved?.values() ?? [])].some(({ text }) => !sentence.text.toLowerCase().includes(text.toLowerCase()));
  if (isOfAnother || (/\b(?:him|her|hers)\b/i.test(sentence.text) && !namesSomebody(sentence, stock))) return [];
  const [place] = placesIn(sentence, stock, sentence.text);
  if (!place || place.value < TOLD_APART) return [];
  const { lexicon } = stock.analysis;
  // Of a word with several senses the dictionary's other names may be for another thing: "large raised *missives*".
  const synonyms = lexicon.findMeaning(place.lemma, "n") ? lexicon.findSynonyms(place.lemma, "n").map((noun) => (place.plural ? pluralOf(noun) : noun)) : [];
  return [
    {
      ...common([sentence]),
      stem: withGaps([sentence], [place]),
      key: place.key,
      accepted: [
        ...numberForms(place.key),
        ...longerNames(place.key, stock.analysis),
        ...(place.key.includes(" ") ? [] : synonyms.filter((word) => word !== place.key && /^\p{Ll}+$/u.test(word))),
      ],
      worth: 1,
      pattern: "gap-in-sentence",
    },
  ];
}

function namesSomebody({ text }: Sentence, { analysis }: SourceStock): boolean {
  return [...analysis.persons.values()].some(({ name }) => name.split(" ").some((part) => text.includes(part)));
}

/** "quake", where the text says "earthquake" too: both are right. */
function longerNames(key: string, { lemmaCounts }: SourceStock["analysis"]): string[] {
  return /^\p{Ll}{4,}$/u.test(key) ? [...lemmaCounts.keys()].filter((lemma) => lemma !== key && lemma.endsWith(key) && /^\p{Ll}+$/u.test(lemma)) : [];
}

function gapsIn(sentences: readonly Sentence[], stock: SourceStock): Candidate[] {
  const [, ...more] = sentences;
  if (!more.every((sentence) => isPoor(sentence, stock))) return [];
  const text = sentences.map((sentence) => sentence.text).join(" ");
  const places: Place[] = [];
  for (const sentence of sentences) {
    const place = placesIn(sentence, stock, text).find((own) => places.every((other) => !mayChange(own, other, stock)));
    if (place) places.push(place);
  }
  // Every sentence but the first is there to be asked about.
  if (places.length < 2 || !more.every((sentence) => places.some((place) => place.sentence === sentence))) return [];
  // "Mom was asleep with a ____": in a story what comes once may be anything.
  const { sort, lemmaCounts } = stock.analysis;
  if (sort === "story" && places.every(({ lemma }) => (lemmaCounts.get(lemma) ?? 0) < 2)) return [];
  const bank = [...places.map(({ key }) => key), ...extraWords(places, text, stock)];
  if (bank.length < places.length + 1) return [];
  return [
    {
      ...common(sentences),
      stem: `${taskFor(stock.analysis)} ${withGaps(sentences, places)}`,
      key: places.map(({ key }) => key).join("; "),
      accepted: [],
      worth: 1.4 + places.length * 0.2,
      pattern: LISTED,
      parts: { sort: "gaps", gaps: places.map(({ key }) => ({ key, accepted: [] })), bank },
    },
  ];
}

/** An opinion is asked about as its writer's, fiction as fiction. */
function taskFor({ sort, narrator = "the writer" }: Analysis): string {
  return sort === "opinion"
    ? `Fill each gap with a word from the list, so that the text says what ${narrator} says.`
    : `Fill each gap with a word from the list${sort === "story" ? ", as the story tells it" : ""}.`;
}

function common(sentences: readonly Sentence[]): Pick<Candidate, "kind" | "distractors" | "optionOrder" | "evidence" | "factId" | "factType" | "depth"> {
  return {
    kind: "gap-fill",
    distractors: [],
    optionOrder: "shuffled",
    evidence: [...sentences],
    factId: `${sentences.map(({ index }) => index).join("+")}:gaps`,
    factType: "statement",
    depth: "recall",
  };
}

/** The sentences as they stand, with their gaps. */
function withGaps(sentences: readonly Sentence[], places: readonly Place[]): string {
  return sentences
    .map((sentence) => {
      const place = places.find((other) => other.sentence === sentence);
      const { text } = sentence.block;
      if (!place) return text.slice(sentence.start, sentence.end);
      const gapped = `${text.slice(sentence.start, place.start)}${GAP}${text.slice(place.end, sentence.end)}`;
      return gapped.replace(/\b([Aa])n? ____/, `$1(n) ${GAP}`);
    })
    .join(" ");
}

/** How far a word must stand out to be written without a list: seldom elsewhere, or the text's own matter. */
const TOLD_APART = 1.6;
/** "the driest place on *Earth*": no text needs to be read for that. */
const EVERYWHERE = /^(?:earth|world)$/;
const COMMONEST = 5.6;
const RAREST = 1.5;
/** What a name, a number or a word in front of the verb counts beside a noun behind it. */
const NAME = 1.8;
const NUMBER = 1.5;
const NAMED = 1.5;
const AHEAD = -0.8;
const IN_LIST = -0.4;

/** The words of a sentence that a gap may stand for, the most telling first. */
function placesIn(sentence: Sentence, { analysis }: SourceStock, text: string): Place[] {
  const main = sentence.clauses.find(({ rank }) => rank === "main");
  if (!main || !sentence.tree) return [];
  const nodes = walkTree(sentence.tree);
  // "Scientists call this state *dormancy*": the word that the sentence is there for.
  const named = new Set(nodes.filter(({ role }) => role === "object2").map(({ kids }) => kids.at(-1)!));
  const listed = new Set(nodes.filter(({ role }) => role === "coordination").flatMap(walkTree));
  return nodes
    .filter(({ cat, f }) => cat === "np" && !f.time)
    .flatMap((np): Place[] => {
      const found = keyNoun(np, sentence, analysis, named.has(np)) ?? keyName(np, sentence, analysis) ?? keyNumber(np, sentence);
      if (!found || found.start === 0) return [];
      const range = nodeRange(sentence, found);
      const key = sentence.block.text.slice(range.start, range.end);
      // "from a *hundred* dollars to ten": a part of a number; "$85,000" among words is known by its sign.
      if (/[£$€¥]/.test(key)) return [];
      if (/^(?:hundred|thousand|million|dozen)s?$/i.test(key)) return [];
      // Neither the word nor another form of it may stand elsewhere in what is shown.
      const parts = [...key.split(" ").slice(0, -1), /\d/.test(key) ? key : found.lemma.slice(0, Math.max(4, found.lemma.length - 2))];
      if (parts.some((part) => countOpenings(text, part) !== 1)) return [];
      const value = found.value + (listed.has(np) ? IN_LIST : 0) + (found.start < main.verb.end ? AHEAD : 0);
      const isBare = np.f.det === "def" && np.end - np.start === 2;
      return [{ sentence, ...range, key, lemma: found.lemma, plural: headTerminal(np).flags?.[0] === "pl", isBare, value }];
    })
    .sort((one, other) => other.value - one.value);
}

/** How many words of a text open with `part`, whatever their capitals. */
function countOpenings(text: string, part: string): number {
  const [all, wanted] = [text.toLowerCase(), part.toLowerCase()];
  let count = 0;
  for (let at = all.indexOf(wanted); at >= 0; at = all.indexOf(wanted, at + 1)) if (at === 0 || !/[\p{L}\d]/u.test(all[at - 1]!)) count++;
  return count;
}

/** Words `start` to `end` of a sentence, as a gap may take them. */
type Found = { start: number; end: number; lemma: string; value: number };

/** The noun that a phrase hangs on, with what makes one name of the two: "lightning rods". */
function keyNoun(np: Node, sentence: Sentence, { lexicon, lemmaCounts, headingLemmas }: Analysis, isTerm = false): Found | undefined {
  const head = headTerminal(np);
  if (head.cat !== "n" || np.kids.length === 0 || /^(?:pron|dem|quant|proper)$/.test(np.f.det ?? "")) return undefined;
  if (["apposition", "relative", "reduced", "postmodifier", "possessor", "coordination"].includes(np.role)) return undefined;
  const lemma = (head.lemma ?? "").toLowerCase();
  const entry = lexicon.findWord(lemma);
  const zipf = lexicon.zipf(lemma);
  if (!isTerm && (!entry || entry.noun < entry.verb || entry.noun < entry.adjective || zipf < RAREST)) return undefined;
  if (zipf > COMMONEST || EVERYWHERE.test(lemma)) return undefined;
  if (THIN_NOUNS.has(lemma) || TIME_NOUNS.has(lemma) || UNIT_NOUNS.has(lemma) || lemma.length < 3) return undefined;
  const compounds = walkTree(np).filter(({ role }) => role === "compound");
  const start = Math.min(head.start, ...compounds.map((node) => node.start));
  const before = sentence.words[start - 1];
  // "the Great *Stink*"; "nothing to *film*": a verb, whatever it was read as.
  const isName = [before, ...sentence.words.slice(start, head.end)].some((word) => /^\p{Lu}\p{Ll}/u.test(word?.text ?? "") && word !== sentence.words[0]);
  if (head.end - start > 2 || isName || /^(?:to|not|n't)$/.test(before?.lower ?? "")) return undefined;
  const isTopical = (lemmaCounts.get(lemma) ?? 0) >= 2 || headingLemmas.has(lemma);
  const value =
    (COMMONEST - Math.max(zipf, RAREST)) * 0.8 + (isTerm ? NAMED : 0) + (isTopical ? 0.8 : 0) + (np.f.det === "indef" || np.f.det === "bare" ? 0.4 : 0);
  return { start, end: head.end, lemma, value };
}

/** Somebody's or a place's whole name. */
function keyName(np: Node, sentence: Sentence, { persons, lexicon }: Analysis): Found | undefined {
  const head = headTerminal(np);
  if (head.cat !== "pn" || np.f.det !== "proper" || np.kids.length > 1 || EVERYWHERE.test((head.lemma ?? "").toLowerCase())) return undefined;
  const name = sentence.words.slice(np.start, np.end).map(({ text }) => text);
  const isKnown = persons.has(name.join(" ")) || (name.length === 1 && lexicon.nameKind(name[0]!) === "place");
  // "*Pettibone*'s closed door"
  if (/^['’]/.test(sentence.words[np.end]?.text ?? "")) return undefined;
  return isKnown && name.every((word) => /^\p{Lu}\p{Ll}/u.test(word)) ? { start: np.start, end: np.end, lemma: name.join(" "), value: NAME } : undefined;
}

/** "about *thirty* metres": a number by itself says less than what is counted, but it can be known. */
function keyNumber(np: Node, sentence: Sentence): Found | undefined {
  const number = walkTree(np).find(({ cat, role }) => cat === "num" && role !== "date");
  if (!number || np.f.det !== "num" || number.end - number.start !== 1) return undefined;
  const { lower } = sentence.words[number.start]!;
  const isOfMore = /^(?:and|to|or|hundred|thousand|million|billion|percent|-)$/.test(sentence.words[number.end]?.lower ?? "");
  if (isOfMore || /^(?:one|two)$/.test(lower) || /^(?:to|and|or|than)$/.test(sentence.words[number.start - 1]?.lower ?? "")) return undefined;
  return { start: number.start, end: number.end, lemma: lower, value: NUMBER };
}

/** Animals, groups and persons: "the owl" may be spoken of as "the hunter". */
const LIVING = new Set<number | undefined>([NounFile.animal, 14, NounFile.person]);

/** Two words of one sort would change places. */
function mayChange(one: Place, other: Place, stock: SourceStock): boolean {
  if (one.lemma === other.lemma || isAlike(one.lemma, other.lemma, stock)) return true;
  const [file, otherFile] = [fileOf(one.lemma, stock.analysis.lexicon), fileOf(other.lemma, stock.analysis.lexicon)];
  const isSame = file !== undefined && (file === otherFile || (LIVING.has(file) && LIVING.has(otherFile)));
  return isSame && one.plural === other.plural && (one.isBare || other.isBare);
}

const ALIKE = 0.88;
function isAlike(one: string, other: string, { analysis: { lexicon } }: SourceStock): boolean {
  return lexicon.findSynonyms(one, "n").includes(other) || wuPalmer(one, other, lexicon) >= ALIKE;
}

/** Other nouns of the source that a careless reader might take, none of which means what a gap wants. */
function extraWords(places: readonly Place[], text: string, stock: SourceStock): string[] {
  const { lexicon } = stock.analysis;
  const chosen: { word: string; lemma: string }[] = [];
  for (const { node, sentence } of near(stock.nounPhrases, places[0]!.sentence)) {
    if (chosen.length === BANK_EXTRA) break;
    const head = headTerminal(node);
    const lemma = (head.lemma ?? "").toLowerCase();
    const place = places.find((other) => other.plural === (head.flags?.[0] === "pl"));
    if (!place || head.cat !== "n" || THIN_NOUNS.has(lemma) || TIME_NOUNS.has(lemma) || UNIT_NOUNS.has(lemma) || lexicon.zipf(lemma) > COMMONEST) continue;
    const entry = lexicon.findWord(lemma);
    if (!entry || entry.noun < entry.verb * 2 || entry.noun < entry.adjective * 2) continue;
    if (countOpenings(text, lemma.slice(0, 4)) > 0 || places.some((other) => other.sentence === sentence)) continue;
    const word = sentence.words[head.start]!.text;
    if (word !== word.toLowerCase() || walkTree(node).some(({ role }) => role === "compound")) continue;
    if ([...places, ...chosen].some((other) => other.lemma === lemma || isAlike(other.lemma, lemma, stock))) continue;
    if (wuPalmer(place.lemma, lemma, lexicon) < 0.3) continue;
    chosen.push({ word, lemma });
  }
  return chosen.map(({ word }) => word);
}
