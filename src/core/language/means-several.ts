import type { Sentence } from "./analysis";
import type { Node } from "./tree";

/** A *them* that stands for more than one noun phrase names, so that no one of them is meant. */
export function meansSeveral({ lemma, start, end }: Node, { words, text }: Sentence): boolean {
  // "could remember *them all*"
  if (/^(?:all|both)$/.test(words[end]?.lower ?? "")) return true;
  if (lemma !== "them") return false;
  // "*the two of them* agreed": two who were told of apart.
  const before = words
    .slice(Math.max(0, start - 3), start)
    .map(({ lower }) => lower)
    .join(" ");
  if (/\bthe (?:two|three|four|five) of$/.test(before)) return true;
  const [one = "", two = ""] = words.slice(Math.max(0, start - 2), start).map(({ lower }) => lower);
  // "food for *both of them*"; "Four others *joined her*, and the papers called *them* …": the four, or all five?
  return two === "both of" || (one === "both" && two === "of") || /\b(?:join(?:ed|s)?|accompanied) (?:her|him|it)\b/.test(text);
}
