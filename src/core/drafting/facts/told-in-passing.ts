import type { Clause } from "../../language/clause";
import { type Node, walkTree } from "../../language/tree";

/** What stands under them, told of the past, was so: "*When* Marie was hired in 1948, …", "*although* the ship had three masts" (under *though*). */
const TELLING = new Set("when after cause since though while".split(" "));

/** A clause that hangs on another and yet tells what happened, once and in truth. */
export function isToldInPassing(clause: Clause): boolean {
  const { sentence, rank, start, end } = clause;
  if (rank !== "adverbial" || !sentence.tree || clause.shared || clause.negated || clause.subject.cat === "there") return false;
  const parts = walkTree(sentence.tree).filter((node) => node.cat === "sb" && node.start <= start && node.end >= end);
  const main = sentence.clauses.find((other) => other.rank === "main");
  // "*even if* he knew it", "*every time* the bell rang": supposed, or told of no one time.
  if (parts.some((node) => /^(?:even(?: if| when)?$|(?:each|every|whenever|only|except|no matter)\b)/.test(sentence.words[node.start]?.lower ?? "")))
    return false;
  const [part, ...more] = parts;
  if (!part || !main || more.length > 0 || !TELLING.has(part.f.sub ?? "")) return false;
  return (isOnce(clause) && isOnce(main)) || (isBesides(part, sentence) && isAlways(clause) && isAlways(main));
}

function isOnce({ auxiliaries, verb }: Clause): boolean {
  const [finite = verb] = auxiliaries;
  return finite.flags?.includes("past") === true && finite.cat !== "modal";
}

/** "Seals breathe air, *whereas* fish breathe through gills": each is so. */
function isBesides(part: Node, { words }: Clause["sentence"]): boolean {
  return /^(?:while|whereas|although|though)$/.test(words[part.start]?.lower ?? "") && (part.start === 0 || words[part.start - 1]?.text === ",");
}

function isAlways({ auxiliaries, verb, imperative }: Clause): boolean {
  const [finite = verb] = auxiliaries;
  return !imperative && /^(?:third|plain)$/.test(finite.flags?.[0] ?? "") && !finite.flags?.includes("past") && finite.cat !== "modal";
}
