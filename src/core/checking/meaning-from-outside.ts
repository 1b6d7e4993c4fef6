import { isTaughtMeaning } from "../language/word-meanings";
import type { Question } from "../questions/question";

/** Whether the key says what a word means and the evidence only has the word: the one thing that no source proves. */
export function takesMeaningFromOutside(question: Question): boolean {
  const evidence = question.evidence
    .map(({ quote }) => quote)
    .join(" ")
    .toLowerCase();
  if (question.kind === "word-in-context") {
    const meaning = question.options.find(({ id }) => id === question.key)?.text ?? "";
    return meaning !== "" && !evidence.includes(meaning.toLowerCase());
  }
  if (question.kind !== "match") return false;
  const textOf = (items: readonly { id: string; text: string }[], id: string) => items.find((item) => item.id === id)?.text ?? "";
  return question.key.some(([left, right]) => isTaughtMeaning(textOf(question.left, left), textOf(question.right, right)));
}
