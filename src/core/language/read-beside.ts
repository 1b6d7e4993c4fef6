import { CLOSED_WORDS } from "./data/closed-words";
import { MENS_NAMES, MONTHS, WOMENS_NAMES } from "./data/noun-classes";
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

/** "the sailors*'* instruments" */
export function isPluralGenitive(tokens: readonly Token[], at: number): boolean {
  const [before, mark, after] = [tokens[at - 1], tokens[at]!, tokens[at + 1]];
  return mark.text === "'" && before?.end === mark.start && before.lower.endsWith("s") && after?.kind === "word" && after.start > mark.end;
}

/** "There are *about* 1,700 seed banks", "*some* forty million": a number that is not exact, and not what they are about. */
export function countsWhatThereIs(tokens: readonly Token[], at: number): boolean {
  const isOfThere = tokens[at - 2]?.lower === "there" && /^(?:are|were|is|was)$/.test(tokens[at - 1]?.lower ?? "");
  return opensNumber(tokens[at + 1]) && (tokens[at]!.lower === "some" || (isOfThere && tokens[at]!.lower === "about"));
}

/** "*eight o'clock*", "*6:30 a.m.*" is one time of day. */
export function opensHour(tokens: readonly Token[], at: number): boolean {
  const after = tokens[at + 1]?.lower ?? "";
  return (/^o['’]clock$/.test(after) && opensNumber(tokens[at])) || (/^[ap](?:m|\.m\.)$/.test(after) && /^\d{1,2}(?::\d\d)?$/.test(tokens[at]!.text));
}

/** "where the wind comes *from*": a preposition without its noun, which the question word is. */
export function standsAlone(tokens: readonly Token[], at: number): boolean {
  const next = tokens[at + 1];
  return tokens[at]!.lower === "from" && (next === undefined || next.kind === "punctuation") && tokens.slice(0, at).some(({ lower }) => lower === "where");
}

/** "as if it *were* ice": one, and not many. */
export function supposes(tokens: readonly Token[], at: number): boolean {
  if (tokens[at]!.lower !== "were") return false;
  const before = tokens.slice(Math.max(0, at - 4), at).map(({ lower }) => lower);
  // "as if *the town* were on fire"
  const isMany = /^(?:they|we|you)$|[^s]s$/.test(before.at(-1) ?? "");
  const isAsIf = !isMany && before.some((word, index) => word === "as" && /^(?:if|though)$/.test(before[index + 1] ?? ""));
  return isAsIf || (/^(?:he|she|it|i)$/.test(before.at(-1) ?? "") && before.some((word) => /^(?:if|though|wish|wished)$/.test(word)));
}
