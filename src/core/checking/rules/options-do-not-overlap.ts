import { isAmount } from "../../drafting/phrasing/number-forms";
import { defineRule } from "../define-rule";
import { letterOf } from "../option-letters";
import { swapOption } from "../propose-option";

/** "10 to 20" beside "15 to 30": eighteen would be both. */
export const optionsDoNotOverlap = defineRule({
  id: "options-do-not-overlap",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 22: keep choices independent, not overlapping",
  about: "No option takes in another, and ranges do not overlap.",
  appliesTo: ["multiple-choice"],
  example: { good: "1 to 9 · 10 to 19 · 20 to 29", bad: "1 to 10 · 10 to 20 · 15 to 30" },
  messages: { ranges: "Options {first} and {second} overlap.", within: "Option {second} takes in option {first}." },
  check(question, context, report) {
    if (question.kind !== "multiple-choice") return;
    const within = (labels: { first: string; second: string }, optionId: string) =>
      report("within", labels, { part: "option", optionId }, swapOption(question, optionId, context));
    question.options.forEach((option, index) => {
      for (const [at, other] of question.options.entries()) {
        if (at <= index) continue;
        const [own, theirs] = [rangeOf(option.text), rangeOf(other.text)];
        const labels = { first: letterOf(index), second: letterOf(at) };
        if (own && theirs && own.from <= theirs.to && theirs.from <= own.to) return report("ranges", labels, { part: "option", optionId: other.id });
        // What contains the key is another rule's.
        if (option.id === question.key || other.id === question.key) continue;
        // "One hundred" and "one hundred and ten" share words, and are two numbers.
        if (isAmount(option.text) && isAmount(other.text)) continue;
        const [a, b] = [plain(option.text), plain(other.text)];
        if (a.length > 0 && b.length > a.length && a.every((word) => b.includes(word))) return within(labels, other.id);
        if (b.length > 0 && a.length > b.length && b.every((word) => a.includes(word)))
          return within({ first: labels.second, second: labels.first }, option.id);
      }
    });
  },
});

function rangeOf(text: string): { from: number; to: number } | undefined {
  const between = /(\d[\d,.]*)\s*(?:to|and|–|-)\s*(\d[\d,.]*)/.exec(text);
  const number = (digits: string) => Number(digits.replace(/,/g, ""));
  if (between) return { from: number(between[1]!), to: number(between[2]!) };
  const open = /\b(more than|over|at least|less than|under|at most|up to)\s+(\d[\d,.]*)/i.exec(text);
  if (!open) return undefined;
  const value = number(open[2]!);
  return /more|over|least/i.test(open[1]!) ? { from: value, to: Number.POSITIVE_INFINITY } : { from: Number.NEGATIVE_INFINITY, to: value };
}

function plain(text: string): string[] {
  return (
    text
      .toLowerCase()
      .match(/\d[\d,.]*|[\p{L}\d-]+/gu)
      ?.filter((word) => !/^(?:the|a|an)$/.test(word)) ?? []
  );
}
