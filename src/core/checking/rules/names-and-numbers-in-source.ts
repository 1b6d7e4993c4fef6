import { contentWords, sourceBases } from "../content-words";
import { defineRule } from "../define-rule";

/** A name or number that the source does not have cannot be proved by it. */
export const namesAndNumbersInSource = defineRule({
  id: "names-and-numbers-in-source",
  verdict: "look",
  source: "Nothing is asked that the source does not answer.",
  about: "Names, numbers, dates and units of question and key stand in the source.",
  appliesTo: ["multiple-choice", "short-answer", "gap-fill", "true-false", "two-part", "number"],
  example: { good: "What did Ida Marrow write in 1904?", bad: "What did Ida Marrow write in 1914? (The source knows no 1914.)" },
  messages: { name: "The source does not mention “{word}”.", number: "The source does not give {word}." },
  check(question, { blocks, lexicon }, report) {
    const source = sourceBases(blocks, lexicon);
    const key =
      question.kind === "multiple-choice"
        ? question.options.find((option) => option.id === question.key)?.text
        : question.kind === "short-answer" || question.kind === "gap-fill"
          ? question.key
          : undefined;
    // A false statement may be false by just its name or number.
    if (question.kind !== "true-false" || question.key) {
      const stem = contentWords(question.stem.replace(/“[^”]*”/g, " ").replace(/^[^\p{L}\d]+/u, ""), lexicon).find((word) =>
        isMissing(word.kind, word.base, source),
      );
      if (stem) report(stem.kind === "number" ? "number" : "name", { word: stem.shown }, { part: "stem" });
    }
    const found = contentWords(key ?? "", lexicon).find((word) => isMissing(word.kind, word.base, source));
    if (found) report(found.kind === "number" ? "number" : "name", { word: found.shown }, { part: "key" });
  },
});

function isMissing(kind: string, base: string, source: ReadonlySet<string>): boolean {
  if (kind === "number") return !source.has(base) && !SMALL.has(base);
  return kind === "name" && !source.has(base) && !NO_NAMES.has(base);
}

/** How many are asked for, and counting words of a task. */
const SMALL = new Set(["#1", "#2", "#3", "#4", "#5"]);
const NO_NAMES = new Set("write name tell explain choose put match read according accord which what who why how when where true false".split(" "));
