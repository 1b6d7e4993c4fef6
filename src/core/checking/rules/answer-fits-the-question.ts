import { numberValue } from "../../drafting/phrasing/number-forms";
import { defineRule } from "../define-rule";

/** *How many* wants a number, *in what year* a year, *who* no thing. */
export const answerFitsTheQuestion = defineRule({
  id: "answer-fits-the-question",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 14: the stem says what kind of answer is wanted",
  about: "The key is the sort of answer that the question word asks for.",
  appliesTo: ["short-answer", "multiple-choice"],
  example: { good: "How many prisms did the lens hold? – 1,016", bad: "How many prisms did the lens hold? – the glass" },
  messages: { number: "“{asks}” asks for a number, and the key has none.", year: "“{asks}” asks for a year, and the key has none." },
  check(question, _, report) {
    if (question.kind !== "short-answer" && question.kind !== "multiple-choice") return;
    const key = question.kind === "short-answer" ? question.key : (question.options.find((option) => option.id === question.key)?.text ?? "");
    if (key.trim() === "") return;
    const asks = /\b(how many|how much|what percentage|in what year|in which year)\b/i.exec(question.stem.replace(/“[^”]*”/g, "“…”"))?.[1];
    if (!asks) return;
    if (/year/i.test(asks)) {
      if (!/\d{3,4}/.test(key)) report("year", { asks }, { part: "key" });
    } else if (
      !/\d/.test(key) &&
      // "more than a labourer earned in a day"
      !/^(?:\p{L}+ )?(?:more|less) than\b/iu.test(key) &&
      !key
        .toLowerCase()
        .split(/[^\p{L}]+/u)
        .some((word) => numberValue(word) !== undefined || /^(?:half|dozen|none|several|hundreds|thousands|millions|little|much|all)$/.test(word))
    )
      report("number", { asks }, { part: "key" });
  },
});
