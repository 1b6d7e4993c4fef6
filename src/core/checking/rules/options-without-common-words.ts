import { defineRule } from "../define-rule";

/** Words that every option begins with are read four times and belong to the stem. */
export const optionsWithoutCommonWords = defineRule({
  id: "options-without-common-words",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, nos. 13 and 15: minimise reading; the central idea in the stem",
  about: "Options do not all begin with the same words.",
  appliesTo: ["multiple-choice"],
  example: { good: "The lens floats on – mercury · water · oil", bad: "the lens floats on mercury · the lens floats on water · the lens floats on oil" },
  messages: { common: "Every option begins with “{words}”. Say it once, in the stem." },
  check(question, _, report) {
    if (question.kind !== "multiple-choice" || question.options.length < 3) return;
    const options = question.options.map((option) => option.text.trim().split(/\s+/));
    let shared = 0;
    while (options.every((words) => words.length > shared + 1 && words[shared]!.toLowerCase() === options[0]![shared]!.toLowerCase())) shared++;
    if (shared >= 3) report("common", { words: options[0]!.slice(0, shared).join(" ") });
  },
});
