import { defineRule } from "../define-rule";
import { letterOf } from "../option-letters";

/** Students know that options with *always* and *never* are mostly wrong. */
export const noAbsoluteWords = defineRule({
  id: "no-absolute-words",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 28a: avoid specific determiners such as always, never, completely",
  about: "Wrong options are not given away by “always”, “never”, “all” or “only”.",
  appliesTo: ["multiple-choice", "select-all"],
  example: { good: "It turns by night. · It turns by day.", bad: "It turns by night. · It never turns at all." },
  messages: { absolute: "Option {label} says “{word}”, which sounds wrong by itself." },
  check(question, { blocks }, report) {
    if (question.kind !== "multiple-choice" && question.kind !== "select-all") return;
    const keyed = question.options.filter((option) => (typeof question.key === "string" ? option.id === question.key : question.key.includes(option.id)));
    if (keyed.some((option) => ABSOLUTE.test(option.text))) return;
    const source = blocks.map((block) => block.text.toLowerCase()).join(" ");
    question.options.forEach((option, index) => {
      const word = keyed.includes(option) ? undefined : ABSOLUTE.exec(option.text)?.[0];
      // The source's own words, with the word in them, are a fair wrong option.
      const fromSource =
        word &&
        source.includes(
          option.text
            .toLowerCase()
            .replace(/[.!?]$/, "")
            .trim(),
        );
      if (word && !fromSource) report("absolute", { label: letterOf(index), word }, { part: "option", optionId: option.id });
    });
  },
});

const ABSOLUTE = /\b(?:always|never|completely|totally|absolutely|entirely|impossible|nothing|everything|nobody|everybody|everyone)\b/i;
