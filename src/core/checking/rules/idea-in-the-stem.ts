import { contentWords } from "../content-words";
import { defineRule } from "../define-rule";

/** Who must read all options to learn what is asked answers four questions at once. */
export const ideaInTheStem = defineRule({
  id: "idea-in-the-stem",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, nos. 15 and 16: the central idea in the stem, without window dressing",
  about: "The stem says what is asked; options only answer it.",
  appliesTo: ["multiple-choice"],
  example: { good: "Why does the lens float on mercury?", bad: "Which of these is true?" },
  messages: {
    empty: "The stem does not say what is asked about. Name it there.",
    dressed: "The stem has {words} words before it asks. Cut what is not needed to answer.",
  },
  check(question, { lexicon }, report) {
    const stem = question.stem.replace(/“[^”]*”/g, "“…”");
    const words = contentWords(stem, lexicon).filter((word) => !EMPTY.has(word.base));
    if (words.length === 0 && !stem.includes("“") && stem.trim() !== "") return report("empty");
    const sentences = stem.split(/(?<=[.!])\s+/);
    const before = sentences.slice(0, -1).join(" ").split(/\s+/).filter(Boolean).length;
    if (before >= 18) report("dressed", { words: before });
  },
});

const EMPTY = new Set("statement true right correct follow passage text story best answer choose option say happen thing sentence false wrong".split(" "));
