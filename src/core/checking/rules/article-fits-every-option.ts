import { defineRule } from "../define-rule";

/** "A keeper wore an …" fits only the options that begin with a vowel. */
export const articleFitsEveryOption = defineRule({
  id: "article-fits-every-option",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 28: no grammatical clues from stem to option",
  about: "An “a” or “an” at the end of the stem fits every option.",
  appliesTo: ["multiple-choice"],
  example: { good: "The keeper wore a(n) … – apron · cap · scarf", bad: "The keeper wore an … – apron · cap · scarf" },
  messages: { clue: "“{article}” at the end of the stem fits only some options." },
  check(question, _, report) {
    if (question.kind !== "multiple-choice") return;
    const { id: questionId, stem } = question;
    const article = /\b(an?)(?:\s*(?:____|…|\.\.\.|:))?\s*$/i.exec(stem.trim())?.[1];
    if (!article) return;
    const vowels = question.options.map((option) => /^[aeiou]/i.test(option.text.trim()));
    if (vowels.every((vowel) => vowel === vowels[0])) return;
    const to = stem.replace(/\ban?(\s*(?:____|…|\.\.\.|:)?\s*)$/i, "a(n)$1");
    report("clue", { article }, { part: "stem" }, { label: "Write a(n)", edits: [{ type: "set-stem", questionId, from: stem, to }] });
  },
});
