import type { Question } from "../questions/question";
import { pairsOf } from "./match-pairs";

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
  return question.kind === "match" && pairsOf(question).some(({ isTaught }) => isTaught);
}
