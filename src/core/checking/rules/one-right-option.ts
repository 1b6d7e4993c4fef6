import { isAmount } from "../../drafting/phrasing/number-forms";
import { plainWording } from "../../lib/plain-wording";
import { baseSet, contentWords } from "../content-words";
import { defineRule } from "../define-rule";
import { letterOf } from "../option-letters";
import { swapOption } from "../propose-option";

/** A student who reads well may choose the second right option and is marked wrong. */
export const oneRightOption = defineRule({
  id: "one-right-option",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 19: one right answer only",
  about: "No wrong option is supported by the evidence, and no two options are the same.",
  appliesTo: ["multiple-choice", "select-all", "two-part"],
  example: { good: "mercury · water · oil", bad: "mercury · warm mercury · oil" },
  messages: {
    supported: "The evidence also has the words of option {label}. Could it be right too?",
    same: "Options {first} and {second} say the same.",
    "same-proof": "Sentences {first} and {second} are the same.",
    contains: "Option {label} contains the key.",
  },
  check(question, context, report) {
    const { lexicon } = context;
    if (question.kind === "select-all" || question.kind === "two-part") {
      for (const { id, first, second } of twinsOf(question.options)) {
        const mend = question.kind === "select-all" ? swapOption(question, id, context) : undefined;
        report("same", { first, second }, { part: "option", optionId: id }, mend);
      }
    }
    if (question.kind === "two-part") {
      for (const { id, first, second } of twinsOf(question.proofs)) report("same-proof", { first, second }, { part: "option", optionId: id });
    }
    if (question.kind !== "multiple-choice") return;
    const twins = twinsOf(question.options);
    const evidence = baseSet(question.evidence.map((span) => span.quote).join(" "), lexicon);
    const stem = baseSet(question.stem, lexicon);
    const key = question.options.find((option) => option.id === question.key);
    const keyWords = baseSet(key?.text ?? "", lexicon);
    // "About three million" holds the words of "about a million", and is another number.
    const areAmounts = question.options.every((option) => isAmount(option.text));
    question.options.forEach((option, index) => {
      const label = letterOf(index);
      const flag = (message: string, values: Record<string, string>) =>
        report(message, values, { part: "option", optionId: option.id }, swapOption(question, option.id, context));
      const words = contentWords(option.text, lexicon).map((word) => word.base);
      const twin = twins.find(({ id }) => id === option.id);
      if (twin) return flag("same", { first: twin.first, second: label });
      if (option.id === question.key || words.length === 0) return;
      const own = words.filter((word) => !stem.has(word));
      if (own.length > 0 && own.every((word) => evidence.has(word))) flag("supported", { label });
      else if (keyWords.size > 0 && !areAmounts && [...keyWords].every((word) => words.includes(word)) && words.length > keyWords.size)
        flag("contains", { label });
    });
  },
});

/** Each that says the same as one before it, with the letters of both. */
function twinsOf(options: readonly { id: string; text: string }[]): { id: string; first: string; second: string }[] {
  const wordings = options.map(({ text }) => plainWording(text));
  return options.flatMap(({ id }, index) => {
    const first = wordings.indexOf(wordings[index]!);
    return first < index && wordings[index] !== "" ? [{ id, first: letterOf(first), second: letterOf(index) }] : [];
  });
}
