import { defineRule } from "../define-rule";
import { letterOf } from "../option-letters";
import { swapOption } from "../propose-option";

/** "All of the above" is chosen by whoever is sure of two. */
export const noAllOrNone = defineRule({
  id: "no-all-or-none",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, nos. 25 and 26: avoid all of the above; use none of the above with care",
  about: "No option is “all of the above”, “none of the above” or “both A and B”.",
  appliesTo: ["multiple-choice", "select-all"],
  example: { good: "mercury · water · oil", bad: "mercury · water · all of the above" },
  messages: { refers: "Option {label} speaks of the other options. Write one that says something itself." },
  check(question, context, report) {
    if (question.kind !== "multiple-choice" && question.kind !== "select-all") return;
    question.options.forEach((option, index) => {
      if (REFERS.test(option.text.trim()))
        report("refers", { label: letterOf(index) }, { part: "option", optionId: option.id }, swapOption(question, option.id, context));
    });
  },
});

const REFERS =
  /^(?:all|none|both|neither|any)(?: of)?(?: (?:the|these|them|of these))? ?(?:above|below|others|options|answers|these|them)?[.!]?$|^(?:both|neither|either) [A-H]\b|^[A-H] (?:and|or) [A-H]\b|^(?:all|none) of (?:the above|these|them)/i;
