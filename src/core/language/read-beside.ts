import { CLOSED_WORDS } from "./data/closed-words";
import { MENS_NAMES, MONTHS, WOMENS_NAMES } from "./data/noun-classes";
import type { Lexicon } from "./lexicon";
import type { Token } from "./tokenize";

/** Whether a number may begin here. */
export function opensNumber(token: Token | undefined): boolean {
  if (!token) return false;
  return token.kind === "number" || /^(?:a|an|half|one)$/.test(token.lower) || (CLOSED_WORDS[token.lower] ?? "").startsWith("num");
}

/** "Booker *T.* Washington": a letter and its point between names. */
export function opensInitial(tokens: readonly Token[], at: number): boolean {
  const [letter, point, after] = tokens.slice(at, at + 3);
  const before = tokens[at - 1]?.text === "." ? tokens[at - 2] : tokens[at - 1];
  const isPart = before === undefined || /^\p{Lu}/u.test(before.text);
  return isPart && /^\p{Lu}$/u.test(letter!.text) && point?.text === "." && point.start === letter!.end && /^\p{Lu}/u.test(after?.text ?? "");
}

/** "Elizabeth *I* threw them out": the first of her name, and nobody who speaks. */
export function isRegnal(tokens: readonly Token[], at: number): boolean {
  const before = tokens[at - 1]?.lower ?? "";
  // "When World War *I* broke out": the first of two.
  if (tokens[at]!.text === "I" && tokens[at - 1]?.text === "War") return true;
  const isName = /^\p{Lu}/u.test(tokens[at - 1]?.text ?? "") && (MENS_NAMES.has(before) || WOMENS_NAMES.has(before));
  return (
    tokens[at]!.text === "I" &&
    isName &&
    /^(?:\p{Ll}+ed|,|of|was|had|threw|gave|sent|took|made|became|ruled|came|began|built|held|wrote|died)$/u.test(tokens[at + 1]?.text ?? "")
  );
}

/** "*Next* Meredith had a gun brought", "*Please* put the bell on the list": a word in front that is no part of a name. */
export function opensBesideName([first, second]: readonly Token[]): boolean {
  if (first?.lower === "please" && /^\p{Ll}/u.test(second?.text ?? "")) return true;
  return first?.lower === "next" && /^\p{Lu}\p{Ll}/u.test(second?.text ?? "") && !/day$/.test(second!.lower) && !MONTHS.has(second!.lower);
}

/** The one reading of a word that its neighbours leave, as the tables of closed words write it. */
export function tagsBeside(tokens: readonly Token[], at: number, lexicon: Lexicon): string | undefined {
  if (isPluralGenitive(tokens, at)) return "gen 0.2";
  if (countsWhatThereIs(tokens, at)) return "adv:approx 0.2";
  if (supposes(tokens, at)) return "be:third,past";
  if (standsAlone(tokens, at)) return "adv:particle 0.2";
  if (countsNext(tokens, at, lexicon)) return "ord 0.5";
  return isCompleteWith(tokens, at) || isFirstOfAdjectives(tokens, at, lexicon) ? "adj 0.2" : undefined;
}

const isNounMostly = (token: Token | undefined, lexicon: Lexicon): boolean => {
  const { noun = 0, verb = 0, adjective = 0 } = lexicon.findWord(token?.lower ?? "") ?? {};
  return noun > 0 && noun + verb > adjective;
};

/** "without a *second* look": counts what follows, and is no time. */
function countsNext(tokens: readonly Token[], at: number, lexicon: Lexicon): boolean {
  const isOpened = /^(?:an?|the|any|every|his|her|its|their|my|our|this)$/.test(tokens[at - 1]?.lower ?? "");
  const next = tokens[at + 1];
  return tokens[at]!.lower === "second" && isOpened && !(next && next.lower in CLOSED_WORDS) && isNounMostly(next, lexicon);
}

/** "grows a new leg, *complete* with bones" */
function isCompleteWith(tokens: readonly Token[], at: number): boolean {
  return tokens[at]!.lower === "complete" && tokens[at - 1]?.text === "," && tokens[at + 1]?.lower === "with";
}

/** How much more often an adjective is one than a noun. */
const MOSTLY = 5;

/** "its *broad*, finned tail" */
function isFirstOfAdjectives(tokens: readonly Token[], at: number, lexicon: Lexicon): boolean {
  const [before, word, comma, second, noun] = [tokens[at - 1], tokens[at]!, tokens[at + 1], tokens[at + 2], tokens[at + 3]];
  if (comma?.text !== "," || !/^(?:an?|its|his|her|their|my|our|your)$/.test(before?.lower ?? "") || !second || second.lower in CLOSED_WORDS) return false;
  const isAdjective = ({ lower }: Token) => {
    const entry = lexicon.findWord(lower);
    return entry !== undefined && entry.adjective >= MOSTLY * Math.max(entry.noun, entry.verb, 1);
  };
  return isAdjective(word) && (isAdjective(second) || /\p{L}{2}ed$/u.test(second.lower)) && isNounMostly(noun, lexicon);
}

/** "the sailors*'* instruments" */
function isPluralGenitive(tokens: readonly Token[], at: number): boolean {
  const [before, mark, after] = [tokens[at - 1], tokens[at]!, tokens[at + 1]];
  return mark.text === "'" && before?.end === mark.start && before.lower.endsWith("s") && after?.kind === "word" && after.start > mark.end;
}

/** "There are *about* 1,700 seed banks", "*some* forty million": a number that is not exact, and not what they are about. */
function countsWhatThereIs(tokens: readonly Token[], at: number): boolean {
  const isOfThere = tokens[at - 2]?.lower === "there" && /^(?:are|were|is|was)$/.test(tokens[at - 1]?.lower ?? "");
  return opensNumber(tokens[at + 1]) && (tokens[at]!.lower === "some" || (isOfThere && tokens[at]!.lower === "about"));
}

/** "*eight o'clock*", "*6:30 a.m.*" is one time of day. */
export function opensHour(tokens: readonly Token[], at: number): boolean {
  const after = tokens[at + 1]?.lower ?? "";
  return (/^o['’]clock$/.test(after) && opensNumber(tokens[at])) || (/^[ap](?:m|\.m\.)$/.test(after) && /^\d{1,2}(?::\d\d)?$/.test(tokens[at]!.text));
}

/** "where the wind comes *from*": a preposition without its noun, which the question word is. */
function standsAlone(tokens: readonly Token[], at: number): boolean {
  const next = tokens[at + 1];
  return tokens[at]!.lower === "from" && (next === undefined || next.kind === "punctuation") && tokens.slice(0, at).some(({ lower }) => lower === "where");
}

/** "as if it *were* ice": one, and not many. */
function supposes(tokens: readonly Token[], at: number): boolean {
  if (tokens[at]!.lower !== "were") return false;
  const before = tokens.slice(Math.max(0, at - 4), at).map(({ lower }) => lower);
  // "as if *the town* were on fire"
  const isMany = /^(?:they|we|you)$|[^s]s$/.test(before.at(-1) ?? "");
  const isAsIf = !isMany && before.some((word, index) => word === "as" && /^(?:if|though)$/.test(before[index + 1] ?? ""));
  return isAsIf || (/^(?:he|she|it|i)$/.test(before.at(-1) ?? "") && before.some((word) => /^(?:if|though|wish|wished)$/.test(word)));
}
