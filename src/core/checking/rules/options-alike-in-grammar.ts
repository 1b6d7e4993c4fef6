import { numberValue } from "../../drafting/phrasing/number-forms";
import { defineRule } from "../define-rule";
import { letterOf } from "../option-letters";
import { swapOption } from "../propose-option";

/** An option of another grammatical sort than the rest is ruled out, or chosen, without reading. */
export const optionsAlikeInGrammar = defineRule({
  id: "options-alike-in-grammar",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, nos. 23 and 28: homogeneous choices without grammatical clues",
  about: "All options are built alike: all numbers, all sentences, all with an article, all beginning with to.",
  appliesTo: ["multiple-choice"],
  example: { good: "to save oil · to warm the glass · to turn the lens", bad: "to save oil · to warm the glass · four hours" },
  messages: { odd: "Option {label} is {own}, the others are {others}." },
  check(question, context, report) {
    if (question.kind !== "multiple-choice") return;
    const filled = question.options.filter((option) => option.text.trim() !== "");
    const forms = filled.map((option) => formOf(option.text.trim()));
    const counts = new Map<string, number>();
    for (const form of forms) counts.set(form, (counts.get(form) ?? 0) + 1);
    if (counts.size !== 2 || filled.length < 3) return;
    const oddIndex = forms.findIndex((form) => counts.get(form) === 1);
    if (oddIndex < 0) return;
    const option = filled[oddIndex]!;
    const others = forms[oddIndex === 0 ? 1 : 0]!;
    report(
      "odd",
      { label: letterOf(question.options.indexOf(option)), own: forms[oddIndex]!, others: plural(others) },
      { part: "option", optionId: option.id },
      swapOption(question, option.id, context),
    );
  },
});

function formOf(text: string): string {
  if (numberValue(text) !== undefined) return "a number";
  if (/^\p{Lu}.*[.!?]$/u.test(text) && text.split(" ").length > 2) return "a whole sentence";
  if (/^to \p{Ll}/u.test(text)) return "a phrase with to";
  if (/^by \w+ing\b/.test(text)) return "a phrase with by";
  if (/^because\b/i.test(text)) return "a phrase with because";
  return "a phrase";
}

function plural(form: string): string {
  return form.replace(/^a /, "").replace(/^(whole sentence|number|phrase)/, "$1s");
}
