import { ONE_SIDE_ONLY } from "../questions/one-side-only";
import { gapsOf, type MatchQuestion, type Question } from "../questions/question";
import { pairsOf } from "./match-pairs";

/** Both items of each pair; a word that is taught alone, since what it means stands in no source. */
function itemsProved(question: MatchQuestion): { text: string }[] {
  const taught = new Set(pairsOf(question).flatMap(({ rightId, isTaught }) => (isTaught ? [rightId] : [])));
  return [...question.left, ...question.right.filter((item) => !taught.has(item.id))];
}

/** The words that the evidence has to prove: of a true statement all, else the key, whole. */
export function provedWords(question: Question): string {
  switch (question.kind) {
    case "true-false":
      return question.key ? question.stem : "";
    case "number":
      return String(question.key.value);
    case "select-all":
      return question.options
        .filter((option) => question.key.includes(option.id))
        .map((option) => option.text)
        .join(". ");
    case "essay":
      return [...question.key.models.map((model) => model.text), ...question.key.points.filter((point) => point !== ONE_SIDE_ONLY)].join(" ");
    case "gap-fill":
      return gapsOf(question)
        .map((gap) => gap.key)
        .join(". ");
    case "word-in-context":
    case "poll":
      // What a word means stands in a dictionary, and an opinion has no key.
      return "";
    case "multiple-choice":
      return question.options.find((option) => option.id === question.key)?.text ?? "";
    case "order":
      return question.items.map((item) => item.text).join(". ");
    case "match":
      return itemsProved(question)
        .map((item) => item.text)
        .join(". ");
    case "two-part":
      return question.options.find((option) => option.id === question.key[0])?.text ?? "";
    case "open-response":
      return [question.key.model, ...question.key.points].join(" ");
    default:
      return question.key;
  }
}
