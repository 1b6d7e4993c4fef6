import { isAmount } from "../../drafting/phrasing/number-forms";
import { isKeyOffered } from "../../questions/either-or";
import { baseSet, contentWords } from "../content-words";
import { defineRule } from "../define-rule";

/** Who can read the key off the stem need not read the passage. */
export const stemHidesKey = defineRule({
  id: "stem-hides-key",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 28: avoid clues to the right answer",
  about: "The stem does not give the key away.",
  appliesTo: ["multiple-choice", "gap-fill", "short-answer"],
  example: { good: "What does the lens float on? – mercury", bad: "On which mercury ring does the lens float? – mercury" },
  messages: {
    given: "The stem already holds the key's word “{word}”.",
    echo: "Only the key repeats the stem's word “{word}”, which is a clue.",
    article: "The article before the gap tells the key's first letter. Write a(n).",
  },
  check(question, { lexicon }, report) {
    if (question.kind !== "multiple-choice" && question.kind !== "gap-fill" && question.kind !== "short-answer") return;
    // Several gaps share one text, where a word may stand more than once.
    if (question.kind === "gap-fill" && question.more?.length) return;
    // What a quotation in the stem holds is there to be chosen from.
    const stem = baseSet(question.stem.replace(/“[^”]*”/g, "“…”"), lexicon);
    if (question.kind === "multiple-choice") {
      // "How many cables do two towers carry?": a number beside other numbers is no echo.
      if (question.options.every((option) => isAmount(option.text))) return;
      const key = question.options.find((option) => option.id === question.key);
      const others = question.options.filter((option) => option !== key).map((option) => baseSet(option.text, lexicon));
      const echoed = contentWords(key?.text ?? "", lexicon).find((word) => stem.has(word.base) && others.every((other) => !other.has(word.base)));
      if (echoed) report("echo", { word: echoed.shown }, { part: "option", optionId: question.key });
      return;
    }
    if (isKeyOffered(question.stem, question.key)) return;
    const words = contentWords(question.key, lexicon);
    const given = words.filter((word) => stem.has(word.base));
    if (words.length > 0 && given.length === words.length) report("given", { word: given[0]!.shown }, { part: "key" });
    if (question.kind === "gap-fill" && /\ban? ____/.test(question.stem)) {
      const to = question.stem.replace(/\ban? ____/, "a(n) ____");
      report("article", {}, { part: "stem" }, { label: "Write a(n)", edits: [{ type: "set-stem", questionId: question.id, from: question.stem, to }] });
    }
  },
});
