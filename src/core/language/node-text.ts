import type { Sentence } from "./analysis";
import { DEMONYMS, isWeekday, MONTHS } from "./data/noun-classes";
import { fillersRemoved } from "./fillers";
import { KIN_NAMES } from "./noun-gender";
import { type Node, walkTree } from "./tree";

/** The source's own words for a node, without an opening or closing comma. */
export function nodeText(sentence: Sentence, node: Node): string {
  return wordsText(sentence, node.start, node.end);
}

/** "an English doctor *named Thomas Young*": the name that a noun phrase ends in. */
export function calledName(np: Node, sentence: Sentence): string | undefined {
  return np.role === "reduced" ? /\b(?:named|called) (\p{Lu}[\p{L}'’-]+(?: (?:\p{Lu}\.|\p{Lu}[\p{L}'’-]+))*)$/u.exec(nodeText(sentence, np))?.[1] : undefined;
}

/** "a chemical *called growth hormone*": the term that a thing goes by. */
export function calledTerm(np: Node, sentence: Sentence): string | undefined {
  return np.role === "reduced" ? /^an? \p{Ll}+ called (\p{Ll}+ \p{Ll}+)$/iu.exec(nodeText(sentence, np))?.[1] : undefined;
}

/** The source's own words from word `from` to before word `to`. */
export function wordsText(sentence: Sentence, from: number, to: number): string {
  const first = sentence.words[from]!.tokens[0]!;
  const last = sentence.words[to - 1]!.tokens.at(-1)!;
  const text = sentence.resolved ? withNouns(sentence, from, to) : sentence.block.text.slice(first.start, last.end);
  const told = sentence.block.kind === "cue" ? fillersRemoved(text) : text;
  return withBothMarks(told.replace(OPENING_MARK, "").replace(CLOSING_MARK, ""));
}

const OPENING_MARK = /^(?:[,;:]|[-–—]+(?=\s|\p{L}))\s*/u;
/** The point of "the U.S." and "2 p.m." belongs to the word. */
const CLOSING_MARK = /(?:[,;:]|(?<!\b(?:\p{Lu}\.\p{Lu}|[ap]\.m))\.|\s*[–—]|\s-)$/u;

/** "under the title "White Slavery": the second mark stood behind the sentence's stop. */
function withBothMarks(text: string): string {
  if (/“[^”]*$/.test(text)) return `${text}”`;
  return (text.match(/"/g)?.length ?? 0) === 1 && /(?:^|\s)"/.test(text) ? `${text}"` : text;
}

/** The same with the nouns that its pronouns stand for: "carried *the ash* to ports". */
function withNouns(sentence: Sentence, from: number, to: number): string {
  let text = "";
  let at = sentence.words[from]!.tokens[0]!.start;
  for (let index = from; index < to; index++) {
    const noun = sentence.resolved!.get(index);
    // "some of the rain evaporates before you can measure *it*": the noun stands in the same words already.
    if (!noun || (noun.at !== undefined && ((noun.at >= from && noun.at < index) || isSubjectOf(sentence, noun.at, index, from)))) continue;
    const token = sentence.words[index]!.tokens[0]!;
    text += sentence.block.text.slice(at, token.start) + (isOfSome(sentence, index) ? withArticle(noun.text) : noun.text);
    at = token.end;
  }
  return text + sentence.block.text.slice(at, sentence.words[to - 1]!.tokens.at(-1)!.end);
}

/** "one of *them*": one of the tins, and not one of tins. */
function isOfSome({ words }: Sentence, pronoun: number): boolean {
  const word = words[pronoun - 1];
  const before = word?.lower ?? "";
  // "in front of *him*": one word of place.
  if (word?.candidates.some(({ cat }) => cat === "prep") && before !== "of") return false;
  return / of$/.test(before) || (before === "of" && /^(?:one|two|three|some|most|many|all|each|none|half|few|several)$/.test(words[pronoun - 2]?.lower ?? ""));
}

function withArticle(noun: string): string {
  // "Most geologists laughed. He was not one of *them*": of the geologists, and not of most.
  const plain = noun.replace(/^(?:most|many|some|few|several|all) (?=\p{Ll})/iu, "the ");
  if (plain !== noun) return plain;
  const isKnown = /^(?:[Tt]he|[Aa]n?|[Ii]ts|[Tt]heir|[Hh]is|[Hh]er|[Tt]hese|[Ss]ome|[Aa]ll|[Mm]y|[Oo]ur) |^\p{Lu}/u.test(noun);
  return isKnown ? noun : `the ${noun}`;
}

/**
 * "The fennec gets most of the water *it* needs": every question on it names its subject. What begins inside
 * another clause may be asked about alone: "Books were so dear that *libraries chained them*".
 */
function isSubjectOf({ clauses }: Sentence, noun: number, pronoun: number, from: number): boolean {
  // "was seen in 1959, *when a probe took pictures of it*": a statement of its own, about something that it does not name.
  const isApart = clauses.some(
    ({ rank, start, end, subject }) =>
      pronoun < end && start <= from && ((rank === "adverbial" && start > noun) || (rank === "aside" && subject.start > noun && start > noun)),
  );
  return !isApart && clauses.some(({ rank, subject, end }) => rank === "main" && subject.start === noun && pronoun > noun && pronoun < end);
}

/** A phrase in a noun phrase between commas: said in passing, and left out when the phrase is used again. */
export function withoutAside(node: Node): Node {
  return endsInAside(node) ? withoutAside(node.kids[0]!) : node;
}

/** "the engineer, *who* …", and "Bryan Donkin, an engineer, *who opened* …", whose comma the apposition took. */
function endsInAside({ cat, role, kids: [head, aside] }: Node): boolean {
  if (cat !== "np" || !aside || !["apposition", "relative", "reduced", "postmodifier", "examples"].includes(role)) return false;
  // "the union, which fought against the damage *that alcohol did*": an aside without its second comma goes on to the end.
  if (endsInAside(head!) && !head!.kids[1]!.cat.endsWith("-c")) return true;
  if (role === "postmodifier") return false;
  return aside.cat.startsWith("c-") || (role === "relative" && head!.role === "apposition" && head!.kids[1]!.cat === "c-np-c");
}

/** A part of a clause without what is said in passing inside it: "on Wrangel Island, *an icy stretch of land*". */
export function textWithoutAsides(sentence: Sentence, node: Node): string {
  const asides = asidesIn(node);
  if (asides.length === 0) return nodeText(sentence, node);
  const pieces: string[] = [];
  let at = node.start;
  for (const aside of asides) {
    if (aside.start < at) continue;
    if (aside.start > at) pieces.push(wordsText(sentence, at, aside.start));
    at = asideEnd(aside, node);
  }
  if (at < node.end) pieces.push(wordsText(sentence, at, node.end));
  return pieces.join(" ");
}

/** "at Tuskegee, a college *for Black students in Alabama*": what follows an aside without a comma belongs to it, wherever the parse hangs it. */
function asideEnd(aside: Node, around: Node): number {
  let { end } = aside;
  if (aside.cat.endsWith("-c")) return end;
  const phrases = walkTree(around).filter(({ cat, f }) => cat === "pp" && !f.time);
  for (let next = phrases.find(({ start }) => start === end); next; next = phrases.find(({ start }) => start === end)) end = next.end;
  return end;
}

/** The same node without what is said in passing inside it. */
export function stripAsides(node: Node): Node {
  if (endsInAside(node)) return stripAsides(node.kids[0]!);
  return node.kids.length === 0 ? node : { ...node, kids: node.kids.map(stripAsides) };
}

function asidesIn(node: Node): Node[] {
  if (endsInAside(node)) return [...asidesIn(node.kids[0]!), node.kids[1]!];
  return node.kids.flatMap(asidesIn);
}

/** Where a node stands in its block. */
export function nodeRange(sentence: Sentence, node: Pick<Node, "start" | "end">): { start: number; end: number } {
  return { start: sentence.words[node.start]!.tokens[0]!.start, end: sentence.words[node.end - 1]!.tokens.at(-1)!.end };
}

/** Adjectives that names begin with: "the Great Lakes", "New Zealand", "Large Nubian states" not. */
const OPENS_NAME = new Set(
  "chief general new old great little big north south east west northern southern eastern western upper lower central red black white blue green royal grand high holy saint golden long".split(
    " ",
  ),
);

const PEOPLE =
  /^(?:people|men|women|man|woman|children|students|pupils|workers|families|passengers|soldiers|voters|citizens|farmers|pilots|teachers|residents|sailors|artists|musicians|drivers|players|athletes|communities|churches|schools)$/;

/** A phrase for the middle of a sentence: the capital of a sentence's first word is taken off unless it is a name's. */
export function midSentence(sentence: Sentence, node: Node, text = nodeText(sentence, node)): string {
  if (node.start !== 0) return text;
  const first = sentence.words[0]!;
  let at = node;
  while (at.kids.length > 0) at = at.kids[0]!;
  const second = sentence.words[1];
  // "New York City", "Fifth Street": a capital behind it says that the first word belongs to a name.
  const canOpen = at.cat === "n" || at.cat === "ord" || (at.cat === "adj" && OPENS_NAME.has(first.lower));
  // "Last Saturday": a day has its capital anyway.
  const isDay = isWeekday(second?.text ?? "") || MONTHS.has(second?.text ?? "");
  const opensName = !isDay && node.end > 1 && /^\p{Lu}\p{Ll}/u.test(second?.text ?? "") && canOpen;
  // "Grandfather slipped": without an article it is his name.
  const isKin = node.end === 1 && /^\p{Lu}/u.test(first.text) && KIN_NAMES.has(first.lower);
  // "*Congress* passed the law": without an article an assembly has its name.
  const isAssembly = node.end === 1 && /^(?:Congress|Parliament)$/.test(first.text);
  // "*Black passengers* had to sit at the back"
  const isOfPeople = first.text === "Black" && PEOPLE.test(second?.lower ?? "");
  if (
    at.cat === "pn" ||
    isOfPeople ||
    isKin ||
    isAssembly ||
    opensName ||
    DEMONYMS.has(first.lower) ||
    first.text === "I" ||
    /^(?:[A-Z]{2}|[B-Z]$)/.test(first.text)
  )
    return text;
  return text.charAt(0).toLowerCase() + text.slice(1);
}

/** First letter large: the start of a sentence or an option. */
export function sentenceCase(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
