import { GAP } from "../../questions/question";
import { defineRule } from "../define-rule";

/** A question with an empty part cannot be answered or marked. */
export const questionComplete = defineRule({
  id: "question-complete",
  verdict: "wrong",
  source: "Nothing can be asked or marked without it.",
  about: "Stem, options and key are all there.",
  appliesTo: "all",
  messages: {
    "no-stem": "The question has no text yet.",
    "no-option": "Option {label} is empty. Write it or take it out.",
    "no-key": "There is no key yet.",
    "no-gap": "The sentence has no gap. Put ____ where the answer goes.",
    "two-gaps": "There is more than one gap, but only one key.",
  },
  check(question, _, report) {
    if (question.stem.replace(GAP, "").trim() === "") report("no-stem");
    if (question.kind === "multiple-choice") {
      question.options.forEach((option, index) => {
        if (option.text.trim() === "") report("no-option", { label: "ABCDEFGH"[index]! }, { part: "option", optionId: option.id });
      });
    } else if (question.kind !== "true-false" && question.key.trim() === "") report("no-key", {}, { part: "key" });
    if (question.kind === "gap-fill") {
      const gaps = question.stem.split(GAP).length - 1;
      if (gaps !== 1) report(gaps === 0 ? "no-gap" : "two-gaps");
    }
  },
});
