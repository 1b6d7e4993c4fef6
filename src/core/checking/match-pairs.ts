import { isTaughtMeaning } from "../language/word-meanings";
import type { MatchQuestion } from "../questions/question";

export type MatchPair = {
  left: string;
  right: string;
  rightId: string;
  /** A word with what it means by the tables: no source need say so. */
  isTaught: boolean;
};

/** What a match puts together, in the words of both sides. */
export function pairsOf({ left, right, key }: MatchQuestion): MatchPair[] {
  const textOf = (items: readonly { id: string; text: string }[], id: string) => items.find((item) => item.id === id)?.text ?? "";
  return key.map(([leftId, rightId]) => {
    const [one, other] = [textOf(left, leftId), textOf(right, rightId)];
    return { left: one, right: other, rightId, isTaught: isTaughtMeaning(one, other) };
  });
}
