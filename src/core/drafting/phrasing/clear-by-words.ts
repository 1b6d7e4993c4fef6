import type { Sentence } from "../../language/analysis";
import { standsForWhatFollows } from "../../language/object-places";
import type { Node } from "../../language/tree";
import { isAnybody, isOfAll } from "./one-of-some";
import { isAsMuchAs, isSameOfEach } from "./open-comparison";

/** "costs *too* much", "was *too* light": how much, and no pointing. */
export function isHowMuch(node: Node, sentence: Sentence): boolean {
  const behind = sentence.words[node.end]?.lower ?? "";
  return node.lemma === "too" && (/^(?:much|many|little|few)$/.test(behind) || isQuality(sentence, node.end));
}

/** A word that points to nothing outside its own sentence, as the words around it show. */
export function isClearByWords(node: Node, sentence: Sentence): boolean {
  const { words } = sentence;
  const before = words[node.start - 1]?.lower ?? "";
  const behind = words[node.end]?.lower ?? "";
  // "weighs as *much* as the ship", "*each* swing takes the *same* time": the clause itself says how much, and the same as what.
  if (isAsMuchAs(node, sentence) || isSameOfEach(node, sentence)) return true;
  // "the *same* part of the body that steers your heart": which, the clause behind it says.
  if (
    node.lemma === "same" &&
    SAME_THAT.test(
      words
        .slice(node.end)
        .map(({ lower }) => lower)
        .join(" "),
    )
  )
    return true;
  // "cannot inherit money, since it cannot own *any*": any money.
  if (node.lemma === "any" && node.cat === "pro" && /\bnot \p{L}+ (?:(?!any\b)\p{L}+ )*\p{L}+,? (?:since|because|as|for)\b/u.test(sentence.text)) return true;
  // "than any *other* kind", "*one* could catch the fish": of all, and of nobody in particular.
  if ((node.lemma === "other" && before === "any") || isAnybody(node, sentence)) return true;
  // "Looking *from above* gives a reading that is too high": a direction.
  if (before === "from" && /^(?:above|below)$/.test(node.lemma ?? "")) return true;
  // "by train *to Nenana* and *from there* by sled"
  if (node.lemma === "there" && before === "from" && words.slice(0, node.start - 1).some(({ lower }) => lower === "to")) return true;
  // "work *both* when it breathes in and when it breathes out"
  if (node.lemma === "both" && /^(?:when|while|if|before|in|on|at|by|from|to|for)$/.test(behind) && words.slice(node.end).some(({ lower }) => lower === "and"))
    return true;
  // "the largest reef *of all*", "makes *it* hard to fly"
  if (isOfAll(node, sentence) || (node.lemma === "it" && node.cat === "pro" && standsForWhatFollows(node, sentence.tree!))) return true;
  // "who must *be there* before a vote can be taken": present, and at no place.
  if (node.lemma === "there" && before === "be" && /\b(?:must|to) be there\b/i.test(sentence.text)) return true;
  // "spreads *from one person to another*": any of them.
  return node.lemma === "another" && /\bfrom one (?:\p{L}+ ){1,2}to another\b/iu.test(sentence.text);
}

const SAME_THAT = /^\p{L}+ (?:of (?:the |an? )?(?:\p{L}+ ){1,2})?(?:that|which|who|as) (?!it\b|this\b|these\b|those\b)\p{L}/u;

/** Whether an adjective stands there, and no verb. */
function isQuality({ words }: Sentence, at: number): boolean {
  const candidates = words[at]?.candidates ?? [];
  return candidates.some(({ cat, cost }) => cat === "adj" && cost < 2.5) && words[at + 1]?.lower !== "to";
}
