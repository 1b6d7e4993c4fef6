import { leadingNumber, withoutNumber } from "../../drafting/phrasing/number-forms";
import type { Edit } from "../../questions/edit";
import type { MultipleChoice } from "../../questions/question";
import { defineRule } from "../define-rule";

/** Numbers out of order are hunted through, not read. */
export const optionsInOrder = defineRule({
  id: "options-in-order",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 21: place choices in logical or numerical order",
  about: "Numbers and years stand in order of size.",
  appliesTo: ["multiple-choice"],
  example: { good: "1822 · 1871 · 1904 · 1954", bad: "1904 · 1822 · 1954 · 1871" },
  messages: { jumbled: "The options are numbers, but not in order of size." },
  check(question, _, report) {
    if (question.kind !== "multiple-choice" || question.options.length < 3) return;
    const values = question.options.map((option) => leadingNumber(option.text));
    // "one red flash", "two white flashes" are things, not numbers.
    if (new Set(question.options.map((option) => withoutNumber(option.text))).size > 1) return;
    if (values.some((value) => value === undefined)) return;
    const numbers = values as number[];
    const rises = numbers.every((value, index) => index === 0 || value >= numbers[index - 1]!);
    const falls = numbers.every((value, index) => index === 0 || value <= numbers[index - 1]!);
    if (!rises && !falls)
      report(
        "jumbled",
        {},
        { part: "option", optionId: question.options[0]!.id },
        { label: "Put the options in order of size", edits: sorting(question, numbers) },
      );
  },
});

/** The same options, smallest first; the key stays with its option. */
function sorting({ id: questionId, options, key }: MultipleChoice, values: readonly number[]): Edit[] {
  const sorted = options.map((option, index) => ({ option, value: values[index]! })).sort((a, b) => a.value - b.value);
  return [{ type: "set-parts", questionId, from: { options, key }, to: { options: sorted.map(({ option }) => option), key } }];
}
