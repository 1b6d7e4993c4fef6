import type { Sentence } from "../../language/analysis";
import { nodeText, withoutAside } from "../../language/node-text";
import { headTerminal, type Node } from "../../language/tree";

const ORDINALS = "second|third|fourth|fifth|sixth|tenth|last|next";
/** "eleven living *ones*", "a single *one*", "*one that was based on oil*", "on *the second*". */
const ONE_OF_SOME = new RegExp(
  `^(?:(?!(?:no|any|every|some) one$).+\\bones?|(?:the )?ones? (?:that|which|who|whose)\\b.*|the (?:${ORDINALS}|\\d+(?:st|nd|rd|th)))$`,
  "i",
);

const FIRST_SO_MANY = /^the (?:first|last|next) (?:two|three|four|five|six|seven|eight|nine|ten|twelve|dozen|hundred|\d+)$/i;

const MAY_BE_ONE = new RegExp(`^(?:ones?|${ORDINALS}|\\d+(?:st|nd|rd|th))$`);

/** "To get a licence *one must* pass a test": anybody, and not one of some. */
export function isAnybody({ start, end }: Node, { words }: Sentence): boolean {
  const isOne = end - start === 1 && words[start]?.lower === "one";
  return isOne && /^(?:can|could|may|must|should)$/.test(words[end]?.lower ?? "");
}

/** One, or several, of what another sentence names. */
export function isOneOfSome(np: Node, sentence: Sentence): boolean {
  if (isAnybody(np, sentence)) return false;
  // "continue on *the other*", "*the two* made seven journeys", "*the ninth* stood at the window"
  if (np.f.det === "dem" && np.kids.length === 2 && /^(?:adj|num|ord)$/.test(np.kids[1]!.cat)) return true;
  // "Red light has the longest waves, and violet light *the shortest*"
  if (np.kids.length === 1 && np.kids[0]!.cat === "best") return true;
  const second = np.f.det === "def" ? (sentence.words[np.start + 1]?.lower ?? "") : "";
  // "had found *a fourth*": a fourth of what?
  if (np.f.det === "indef" && np.end - np.start === 2 && /^(?:third|fourth|fifth|sixth|seventh)$/.test(sentence.words[np.start + 1]?.lower ?? "")) return true;
  // "noticed *the same thing*": as what?
  if (second === "same" && /^things?$/.test(sentence.words[np.end - 1]?.lower ?? "")) return true;
  // "*the following* requests", "*the previous* year"
  if (/^(?:following|preceding|previous|above|latter)$/.test(second)) return true;
  // "at *the other end*": of what?
  if (second === "other" && np.f.num !== "pl" && np.end - np.start === 3) return true;
  // "broke *one open*": one of what was told of.
  if (/^one (?:open|apart|away|back|off|out)$/i.test(nodeText(sentence, np))) return true;
  // "*The first ten* were adopted together": ten of what?
  if (FIRST_SO_MANY.test(nodeText(sentence, withoutAside(np))) && !/^(?:who|that|which|to|of)$/.test(sentence.words[np.end]?.lower ?? "")) return true;
  const head = headTerminal(np);
  // "*the blind one*", "*the best* known is old": a quality with nothing that has it.
  const isQuality = (np.role === "determiner" && /^(?:adj|v)$/.test(head.cat)) || (np.role !== "postmodifier" && /^(?:best|worst)$/.test(head.lemma ?? ""));
  if (np.f.det === "def" && np.f.num !== "pl" && isQuality) return true;
  // Only a phrase with such a word in it can be one.
  return sentence.words.slice(np.start, np.end).some(({ lower }) => MAY_BE_ONE.test(lower)) && ONE_OF_SOME.test(nodeText(sentence, np));
}

/** "*a similar* chain sank", but "a similar shape to a bell", "similar in size" */
export function isLikeBefore({ end }: Node, { words }: Sentence): boolean {
  const isThing = words[end]?.candidates.some(({ cat }) => cat === "n") === true;
  return isThing && !words.slice(end, end + 5).some(({ lower }) => /^(?:to|in)$/.test(lower));
}

/** "the largest reef *of all*": of all reefs, as the superlative says. */
export function isOfAll({ lemma, start, end }: Node, { words }: Sentence): boolean {
  if (lemma !== "all" || words[start - 1]?.lower !== "of" || /\p{L}/u.test(words[end]?.text ?? "")) return false;
  return words.slice(Math.max(0, start - 5), start).some(({ lower }) => /^(?:most|least|best|worst|\p{L}{2,}est)$/u.test(lower));
}
