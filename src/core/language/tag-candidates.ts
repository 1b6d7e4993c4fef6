import { CLOSED_WORDS } from "./data/closed-words";
import { MASS_NOUNS, ONLY_PLURAL, SAME_PLURAL } from "./data/irregular-nouns";
import { LONGEST_MULTIWORD, MULTIWORD } from "./data/multiword";
import { GIVEN_NAMES, MENS_NAMES, MONTHS, PERSON_TITLES, TIME_NOUNS, WOMENS_NAMES } from "./data/noun-classes";
import { analyseVerb, singularOf } from "./inflect";
import type { Lexicon, WordEntry } from "./lexicon";
import { isQuotedName } from "./quoted-names";
import { isRegnal, opensBesideName, opensHour, opensInitial, opensNumber, tagsBeside } from "./read-beside";
import type { Token } from "./tokenize";
import type { Features, Node } from "./tree";
import { isDash, isUnitSign, UNIT_SIGNS } from "./written-signs";

/** What the whole source knows about its capitals: words seen with a capital inside a sentence, and without. */
export type Capitals = { capitalised: ReadonlySet<string>; lowerCased: ReadonlySet<string> };

/** The candidates of a word are the same objects wherever it stands: the parser gives each its place. */
export type TaggedWord = { tokens: readonly Token[]; text: string; lower: string; candidates: readonly Node[] };

const UNLIKELY = 6;
const MARKS: Record<string, string> = {
  ",": "comma",
  ";": "semi",
  ":": "colon",
  ".": "stop",
  "!": "stop",
  "?": "question",
  "…": "stop",
};

/**
 * Candidate parts of speech for each word with their cost (−ln of their share in WordNet's tagged
 * corpus): the parser decides between them. Fixed sequences become one word.
 */
export function tagCandidates(tokens: readonly Token[], lexicon: Lexicon, capitals: Capitals): TaggedWord[] {
  const words: TaggedWord[] = [];
  for (let i = 0; i < tokens.length; ) {
    const isInitial = opensInitial(tokens, i);
    const isHour = opensHour(tokens, i);
    const length = isRepeated(tokens, i) ? 3 : isInitial || isHour ? 2 : multiwordLength(tokens, i, lexicon);
    const group = tokens.slice(i, i + length);
    const lower = group.map((token) => token.lower).join(isInitial ? "" : " ");
    const text = group.map((token) => token.text).join(isInitial ? "" : " ");
    const isFirst = words.length === 0;
    const isCounting = isFirst && ((COUNTING.test(lower) && tokens[1]?.text === ",") || opensBesideName(tokens));
    const beside = length === 1 ? tagsBeside(tokens, i, lexicon) : undefined;
    const isUnit = length === 1 && isUnitSign(tokens, i);
    const isParticle = length === 1 && isNameParticle(tokens, i);
    const read = () =>
      isHour
        ? [{ cat: "n", flags: ["any", "mass"], cost: 0.1, lemma: "o'clock" }]
        : isUnit
          ? [{ cat: "n", flags: ["pl"], cost: 0, lemma: UNIT_SIGNS[group[0]!.text]! }]
          : isInitial || isParticle || isRegnal(tokens, i)
            ? [{ cat: "pn", flags: [], cost: 0.1, lemma: text }]
            : isCounting
              ? readTags("adv:link", lower)
              : beside
                ? readTags(beside, lower)
                : length > 1
                  ? readTags(MULTIWORD[lower] ?? "adv:manner", lower)
                  : tagToken(group[0]!, isFirst, lexicon, capitals);
    // What is written small is tagged by the word alone.
    const isPlain = text === lower && !isCounting && !beside && !isHour && !isUnit && !isParticle && /^\p{Ll}/u.test(text);
    // "The lamp – a gift – was lit": read as commas are.
    if (length === 1 && isDash(tokens, i)) words.push({ tokens: group, text: ",", lower: ",", candidates: DASH.map(terminal) });
    else words.push({ tokens: group, text, lower, candidates: isPlain ? knownTerminals(lower, lexicon, read) : read().map(terminal) });
    i += length;
  }
  // "arrived at 2 *p.m.*": the point of the word is the sentence's too.
  const last = tokens.at(-1);
  if (last && /^(?:[ap]\.m\.|(?:\p{Lu}\.){2,})$/u.test(last.text)) words.push({ tokens: [last], text: ".", lower: ".", candidates: STOP.map(terminal) });
  return words;
}

const PARTICLE = /^(?:de|von|van|da|di|du|del|der|den|la|le|bin|ibn)$/;

/** "Vincent *van* Gogh", "Simon *van der* Meer": between the parts of a name. */
function isNameParticle(tokens: readonly Token[], at: number): boolean {
  const isName = (token: Token | undefined) => token !== undefined && /^\p{Lu}[\p{Ll}’'-]+/u.test(token.text);
  const part = (index: number) => PARTICLE.test(tokens[index]?.text ?? "");
  return (
    part(at) && (isName(tokens[at - 1]) || (part(at - 1) && isName(tokens[at - 2]))) && (isName(tokens[at + 1]) || (part(at + 1) && isName(tokens[at + 2])))
  );
}

const known = new WeakMap<Lexicon, Map<string, readonly Node[]>>();
/** Words kept with their candidates; a book of 300 pages has about 15,000. */
const MOST_KNOWN = 30_000;

function knownTerminals(word: string, lexicon: Lexicon, read: () => Tag[]): readonly Node[] {
  const words = known.get(lexicon) ?? new Map<string, readonly Node[]>();
  known.set(lexicon, words);
  const found = words.get(word) ?? read().map(terminal);
  if (words.size < MOST_KNOWN) words.set(word, found);
  return found;
}

/** "more than twenty" is one bound; "more than the ring" is a comparison. */
const BOUNDS = new Set([
  "slightly more than",
  "slightly less than",
  "a little more than",
  "a little less than",
  "far more than",
  "far fewer than",
  "more than",
  "less than",
  "fewer than",
  "as many as",
  "as much as",
  "up to",
]);

/** "in *the first* half of the night": a part with its own article, and no amount. */
const HALVES = /^(?:first|second|last|other|top|bottom|upper|lower|left|right|northern|southern|eastern|western)$/;

/** "*Second*, spare parts must be sold": counts what is said. */
const COUNTING = /^(?:first|second|third|fourth|fifth|finally|lastly)$/;

/** "year after year", "step by step", "face to face": a noun on both sides of its preposition tells how. */
function isRepeated(tokens: readonly Token[], at: number): boolean {
  const [noun, between, again] = tokens.slice(at, at + 3).map((token) => token.lower);
  if (!noun || noun !== again || !/^\p{L}{3,}$/u.test(noun)) return false;
  return /^(?:by|to|in)$/.test(between!) || (/^(?:after|upon)$/.test(between!) && TIME_NOUNS.has(noun));
}

const STOP: Tag[] = [{ cat: "stop", flags: [], cost: 0 }];
const DASH: Tag[] = [
  { cat: "comma", flags: [], cost: 0.1 },
  { cat: "colon", flags: [], cost: 1 },
  { cat: "semi", flags: [], cost: 0.6 },
];

type Tag = { cat: string; flags: string[]; cost: number; lemma?: string };

/** "*much less* damage than", but "much less quickly" */
const AMOUNTS = new Set(["much less", "much more", "far less", "far more", "many more"]);

const OPENS_CLAUSE =
  /^(?:the|an?|he|she|it|they|we|you|i|his|her|its|their|our|my|this|that|these|those|each|every|everyone|everybody|everything|people|most|nobody|all|both)$/;

function isNoun(token: Token | undefined, lexicon: Lexicon): boolean {
  const isKnown = (lemma: string) => (lexicon.findWord(lemma)?.noun ?? 0) > 0;
  const entry = token && (lexicon.findWord(token.lower) ?? lexicon.findWord(singularOf(token.lower, isKnown) ?? ""));
  return entry !== undefined && entry.noun > entry.adjective && entry.noun > entry.adverb;
}

const MODALS = /^(?:will|would|may|might|can|could|must)$/;

const COMPARED = /^(?:is|are|was|were|be|been|being|not|about|almost|nearly|just|exactly|twice|times|half|grows?|grew|become|becomes|became)$/;

function multiwordLength(tokens: readonly Token[], at: number, lexicon: Lexicon): number {
  for (let length = LONGEST_MULTIWORD; length > 1; length--) {
    const key = tokens
      .slice(at, at + length)
      .map((token) => token.lower)
      .join(" ");
    const next = tokens[at + length];
    // "as long as possible" is a measure, no condition.
    if (next?.lower === "possible" && key.endsWith(" as")) continue;
    // "*and so* everyone stayed", but "and so on", "and so tired that"
    if (key === "and so" && !OPENS_CLAUSE.test(next?.lower ?? "")) continue;
    // "is about *as long as* a fingernail" compares, "as long as it rains" sets a condition.
    const ahead = tokens[tokens[at - 1]?.lower === "only" ? at - 2 : at - 1]?.lower ?? "";
    // "has a root *as long as* your arm"
    if (key === "as long as" && (COMPARED.test(ahead) || /^an?$/.test(tokens[at - 2]?.lower ?? ""))) continue;
    // "*As it is*, half the class comes late", but "as it is cold"
    if (key === "as it is" && !(at === 0 && next?.text === ",")) continue;
    // "It cannot be faked, *you see*.": said in passing, and no *when you see*.
    if (/^you (?:see|know)$/.test(key) && !(tokens[at - 1]?.text === "," && /^[,.]$/.test(next?.text ?? ""))) continue;
    // "are the easiest *to begin with*"
    if (key === "to begin with" && at > 0 && tokens[at - 1]?.text !== ",") continue;
    // "for long journeys"
    if (key === "for long" && isNoun(next, lexicon)) continue;
    // "two *or more* atoms"
    // "a simple majority, *that is*, more than half of the votes"
    if (MULTIWORD[key] === "thatis" && !(tokens[at - 1]?.text === "," && tokens[at + length]?.text === ",")) continue;
    // "in an hour *or so*", but "or so people say"
    if (key === "or so" && (/^\W$/.test(tokens[at - 1]?.text ?? ",") || /^(?:people|they|we|it|he|she|I|much|many|few|little)$/i.test(next?.text ?? "")))
      continue;
    if (key.startsWith("or ") && MULTIWORD[key] === "ormore" && !opensNumber(tokens[at - 1])) continue;
    // "will *one day* help", but "in one day"
    if (key === "one day" && !MODALS.test(tokens[at - 1]?.lower ?? "")) continue;
    if (AMOUNTS.has(key) && !isNoun(next, lexicon)) continue;
    if (key === "half of" && HALVES.test(tokens[at - 1]?.lower ?? "")) continue;
    if (at + length <= tokens.length && key in MULTIWORD && !(BOUNDS.has(key) && !opensNumber(next))) return length;
  }
  return 1;
}

function readTags(entry: string, lower: string): Tag[] {
  return entry.split("|").map((tag) => {
    const [name, cost] = tag.split(" ") as [string, string | undefined];
    const [cat, flags] = name.split(":") as [string, string | undefined];
    return { cat, flags: flags ? flags.split(",") : [], cost: Number(cost ?? 0), lemma: lower };
  });
}

function tagToken(token: Token, isFirst: boolean, lexicon: Lexicon, capitals: Capitals): Tag[] {
  if (isQuotedName(token.text)) return [{ cat: "pn", flags: ["quoted"], cost: 0.2, lemma: token.text.slice(1, -1) }];
  if (token.kind === "number") return tagNumber(token);
  if (ERAS.test(token.text)) return [{ cat: "era", flags: [], cost: 0, lemma: token.text }];
  if (token.kind === "punctuation") return [{ cat: MARKS[token.text] ?? "mark", flags: [], cost: 0 }];
  const capital = /^\p{Lu}/u.test(token.text) && token.text !== "I";
  const closed = Object.hasOwn(CLOSED_WORDS, token.lower) ? readTags(CLOSED_WORDS[token.lower]!, token.lower) : [];
  const proper = capital ? properCost(token, isFirst, lexicon, capitals, closed.length > 0) : undefined;
  const open = tagOpenWord(token.lower, lexicon);
  const all = closed.length > 0 ? mergeClosed(closed, open) : open;
  // "*Oliver* Cromwell": a name, and no more olive than others.
  const isGiven = capital && isGivenName(token.lower) && !capitals.lowerCased.has(token.lower);
  const common = isGiven ? all.filter((tag) => !(tag.cat === "adj" && tag.flags?.includes("comparative"))) : all;
  const tags = capital && !isFirst ? common.map((tag) => ({ ...tag, cost: tag.cost + (MONTHS.has(token.text) ? UNLIKELY : 2) })) : common;
  return proper === undefined ? tags : [...tags, { cat: "pn", flags: [], cost: proper, lemma: token.text }];
}

/** Verbs such as *let* and *used* are listed for what is special; their other readings stay. */
function mergeClosed(closed: Tag[], open: Tag[]): Tag[] {
  if (!closed.some((tag) => tag.cat === "v")) return closed;
  const lemma = open.find((tag) => tag.cat === "v")?.lemma;
  return closed.map((tag) => (tag.cat === "v" ? { ...tag, lemma: lemma ?? tag.lemma! } : tag));
}

function isGivenName(word: string): boolean {
  return GIVEN_NAMES.has(word) || MENS_NAMES.has(word) || WOMENS_NAMES.has(word);
}

function properCost(token: Token, isFirst: boolean, lexicon: Lexicon, capitals: Capitals, isClosed: boolean): number {
  if (PERSON_TITLES.has(token.lower) && !isClosed) return 0.3;
  if (!isFirst) return isClosed ? 3 : 0.1;
  if (isGivenName(token.lower) && !isClosed && !capitals.lowerCased.has(token.lower)) return 0.3;
  // "*Turkey* lies between two seas": without an article, and nowhere written small.
  const { noun = 0, verb = 0, adjective = 0 } = lexicon.findWord(token.lower) ?? {};
  const isWord = () => tagOpenWord(token.lower, lexicon).some((tag) => lexicon.findWord(tag.lemma ?? "") !== undefined);
  // "*Columbus* relied on it": no several of anything.
  if (!isClosed && lexicon.nameKind(token.text) === "place" && noun + verb + adjective < RARE && !capitals.lowerCased.has(token.lower))
    return isWord() ? 1 : 0.3;
  if (capitals.capitalised.has(token.lower) && !capitals.lowerCased.has(token.lower)) return isClosed ? 3 : 0.2;
  // "*Grown-ups* can vote": a name of two would have two capitals.
  const known = isClosed || /-\p{Ll}/u.test(token.text) || isWord();
  // "*Bears* kill elk", where the text has written bears small before
  // "*Borrowing* is sensible": what one does, and nobody's name.
  // "*Yellow* and orange come from carotenoids"
  if (COLOURS.test(token.lower)) return 6;
  // "*Keep* finished ornaments dry": a command, and nobody's name.
  if (verb >= COMMON && verb > noun * 3) return 6;
  // "*Overfishing* harms the reef": a deed that no dictionary has.
  const base = /^(?:over|under|out|re|un|mis)(\p{L}{3,}ing)$/u.exec(token.lower)?.[1];
  if (base && analyseVerb(base, (stem) => (lexicon.findWord(stem)?.verb ?? 0) > 0).length > 0) return 5;
  const isDeed = /\p{L}{3}ing$/u.test(token.lower) && analyseVerb(token.lower, (base) => (lexicon.findWord(base)?.verb ?? 0) > 0).length > 0;
  return known ? (isClosed ? 8 : capitals.lowerCased.has(token.lower) ? 5 : isDeed || token.text.includes("-") ? 5.5 : 3.5) : 0.3;
}

const NAMED_DEEDS = /^(?:hearing|crossing|landing|gathering|sitting|dwelling|clearing|mooring)$/;
const COLOURS = /^(?:red|yellow|orange|green|blue|purple|white|black|grey|gray|pink)$/;

const COMMON = 20;

/** Times in WordNet's tagged corpus: the bird called turkey is rarer than the country, and fish are not rarer than Fish. */
const RARE = 6;

const ERAS = /^(?:BCE?|CE|AD|B\.C\.(?:E\.)?|A\.D\.|C\.E\.)$/;

function tagNumber(token: Token): Tag[] {
  // "£9,000", "$7.2": so many pounds or dollars.
  if (/^[£$€¥]/.test(token.text)) return [{ cat: "num", flags: ["pl", "money"], cost: 0 }];
  // "1/2 cup"
  if (token.text.includes("/")) return [{ cat: "num", flags: ["sg"], cost: 0 }];
  if (/^\d{1,2}[-–]\d{1,3}$/.test(token.text)) return [{ cat: "num", flags: ["pl"], cost: 0 }];
  if (/^\d{1,4}[-–]\d{1,4}$/.test(token.text)) return [{ cat: "num", flags: ["pl", "range"], cost: 0 }];
  if (/(?:st|nd|rd|th)$/.test(token.lower))
    return [
      { cat: "ord", flags: [], cost: 0 },
      { cat: "num", flags: ["pl"], cost: 2 },
    ];
  // "at 8:30"
  if (/^\d{1,2}:\d{2}$/.test(token.text)) return [{ cat: "num", flags: ["sg", "range"], cost: 0 }];
  const year = /^1\d{3}$|^20\d\d$/.test(token.text);
  const decade = /^\d{4}s$/.test(token.text);
  if (decade) return [{ cat: "n", flags: ["pl"], cost: 0.2, lemma: token.text }];
  if (token.text.endsWith("%")) return [{ cat: "num", flags: ["pl", "percent"], cost: 0 }];
  return [{ cat: "num", flags: [token.text === "1" ? "sg" : "pl", ...(year ? ["year"] : [])], cost: 0 }];
}

function tagOpenWord(word: string, lexicon: Lexicon): Tag[] {
  const tags: Tag[] = [];
  const entryOf = (lemma: string): WordEntry | undefined => lexicon.findWord(lemma);
  const own = entryOf(word);
  const singular = singularOf(word, (lemma) => (entryOf(lemma)?.noun ?? 0) > 0);
  const singularEntry = singular ? entryOf(singular) : undefined;
  const verbs = analyseVerb(word, (base) => (entryOf(base)?.verb ?? 0) > 0);
  const verbWeight = Math.max(0, ...verbs.map(({ lemma }) => entryOf(lemma)?.verb ?? 1));
  // A word that is itself a base form is rarely the past of another (saw, found, left, ground).
  const nounWeight = (own?.noun ?? 0) + (singularEntry?.noun ?? 0);
  const total = nounWeight + verbWeight + (own?.adjective ?? 0) + (own?.adverb ?? 0) + 0.5;
  const cost = (weight: number) => Math.min(UNLIKELY, -Math.log((weight + 0.1) / total));
  // "the bacteria": several, though the dictionary has the plural as a word of its own.
  const isPlural = word === "bacteria" || (singular !== undefined && singular !== word && (own?.noun ?? 0) < (singularEntry?.noun ?? 0));
  if (own?.noun && !isPlural) {
    const plain = ONLY_PLURAL.has(word) ? "pl" : singular === word || MASS_NOUNS.has(word) || SAME_PLURAL.has(word) || CREWS.has(word) ? "any" : "sg";
    tags.push({ cat: "n", flags: [plain, ...(MASS_NOUNS.has(word) ? ["mass"] : [])], cost: NAMED_DEEDS.test(word) ? 0.6 : cost(own.noun), lemma: word });
  }
  if (singular && singular !== word) tags.push({ cat: "n", flags: ["pl"], cost: cost(singularEntry?.noun ?? 1), lemma: singular });
  // "bees and *butterflies*": where the dictionary has counted neither use, the thing is meant, and not what somebody does.
  const isEven = verbWeight === 1 && nounWeight === 1;
  const isThing = singular !== undefined && singular !== word && (isEven || NEVER_DONE.has(singular)) ? (isEven ? 1 : 3) : 0;
  for (const { lemma, form } of verbs) {
    const shared = verbs.length > 1 && verbs.some((other) => other.lemma !== lemma) ? cost(entryOf(lemma)?.verb ?? 1) : cost(verbWeight) + isThing;
    tags.push({ cat: "v", flags: [form], cost: shared, lemma });
    if (form === "base") tags.push({ cat: "v", flags: ["plain"], cost: shared, lemma });
  }
  // "an ancient people": one of many.
  if (word === "people") tags.push({ cat: "n", flags: ["sg"], cost: 1.5, lemma: word });
  const comparative = IRREGULAR[word] ?? comparativeOf(word, lexicon);
  const open = !comparative ? [] : word.endsWith("er") || word === "worse" ? ["comparative"] : ["superlative"];
  if (own?.adjective) tags.push({ cat: "adj", flags: open, cost: cost(own.adjective), lemma: word });
  else if (comparative) tags.push({ cat: "adj", flags: open, cost: 0.2, lemma: comparative });
  if (own?.adverb) tags.push({ cat: "adv", flags: ["manner", ...open], cost: cost(own.adverb), lemma: word });
  if (tags.length === 0) tags.push(...guessTags(word, lexicon));
  return tags;
}

/** "a sleeping bag, *candles*": the dictionary knows a deed of that name, and hardly anybody else does. */
const NEVER_DONE = new Set(["candle", "pencil", "bird", "garden", "lamp", "nest", "bottle", "blanket", "button", "basket"]);

/** "The crew *hang* a ladder": many, and one. */
const CREWS = new Set(["crew", "staff"]);

const IRREGULAR: Record<string, string> = { better: "good", worse: "bad", best: "good", worst: "bad" };

/** "brighter", "heaviest" → the adjective's base form. */
function comparativeOf(word: string, lexicon: Lexicon): string | undefined {
  const match = /^(.+?)(er|est)$/.exec(word);
  if (!match) return undefined;
  const stem = match[1]!;
  const bases = [stem, `${stem}e`, stem.replace(/i$/, "y"), stem.replace(/(.)\1$/, "$1")];
  return bases.find((base) => (lexicon.findWord(base)?.adjective ?? 0) > 0);
}

/** Words no dictionary has: by their ending. */
function guessTags(word: string, lexicon: Lexicon): Tag[] {
  if (word.includes("-")) {
    const parts = word.split("-");
    const last = parts.at(-1)!;
    if (/-year-olds?$/.test(word)) {
      const plural = word.endsWith("s");
      const noun = { cat: "n", flags: [plural ? "pl" : "sg"], cost: 0.5, lemma: word.replace(/s$/, "") };
      return plural ? [noun] : [noun, { cat: "adj", flags: [], cost: 0.3, lemma: word }];
    }
    const tags: Tag[] = [{ cat: "adj", flags: [], cost: 0.4, lemma: word }];
    const lastTags = tagOpenWord(last, lexicon).filter((tag) => tag.cat === "n");
    if (lastTags.length === 0) tags.push({ cat: "n", flags: ["sg"], cost: 1.5, lemma: word });
    return [...tags, ...lastTags.map((tag) => ({ ...tag, cost: tag.cost + 0.8, lemma: `${parts.slice(0, -1).join("-")}-${tag.lemma}` }))];
  }
  if (word.endsWith("ly")) return [{ cat: "adv", flags: ["manner"], cost: 0.2, lemma: word }];
  const tags: Tag[] = [{ cat: "n", flags: [/[^s]s$/.test(word) ? "pl" : "sg"], cost: 0.7, lemma: /[^s]s$/.test(word) ? word.slice(0, -1) : word }];
  if (/(?:ous|ful|less|able|ible|ic|ical|ish|al)$/.test(word)) tags.push({ cat: "adj", flags: [], cost: 0.5, lemma: word });
  if (/ed$/.test(word))
    tags.push({ cat: "v", flags: ["past"], cost: 1, lemma: word.slice(0, -2) }, { cat: "v", flags: ["participle"], cost: 1, lemma: word.slice(0, -2) });
  return tags;
}

const NO_KIDS: readonly Node[] = [];

/** A word's part of speech as a node, before it has a place in a sentence. */
function terminal(tag: Tag): Node {
  const f: Features = {};
  const [first] = tag.flags;
  if (["sg", "pl", "any"].includes(first ?? "")) f.num = first as "sg";
  if (
    tag.cat === "prep" ||
    tag.cat === "sub" ||
    tag.cat === "conj" ||
    tag.cat === "rel" ||
    tag.cat === "wh" ||
    tag.cat === "adv" ||
    tag.cat === "modal" ||
    tag.cat === "to" ||
    tag.cat === "comp"
  ) {
    if (first) f.sub = first;
  }
  return { cat: tag.cat, f, cost: tag.cost, start: 0, end: 1, kids: NO_KIDS, head: 0, role: "", flags: tag.flags, lemma: tag.lemma ?? "" };
}
