import { GAP, gapsOf, type Option, type Question } from "../../questions/question";
import { type CheckContext, defineRule, type Mend, type Report } from "../define-rule";
import { letterOf } from "../option-letters";
import { swapOption } from "../propose-option";

/** A question with an empty part cannot be answered or marked. */
export const questionComplete = defineRule({
  id: "question-complete",
  verdict: "wrong",
  source: "Nothing can be asked or marked without it.",
  about: "Stem, options and key are all there.",
  appliesTo: "all",
  example: { good: "A stem, options and a key", bad: "An option without words" },
  messages: {
    "no-stem": "The question has no text yet.",
    "no-option": "Option {label} is empty. Write it or take it out.",
    "no-key": "There is no key yet.",
    "no-gap": "The sentence has no gap. Put ____ where the answer goes.",
    "no-part": "Part {label} is empty. Write it or take it out.",
    "few-parts": "There are fewer than three parts, so there is next to nothing to {what}.",
    "no-points": "Say which points a good answer holds, or nobody can mark it.",
    "gap-count": "There are {gaps} gaps, but keys for {keys}. Each gap needs its own.",
  },
  check(question, context, report) {
    if (question.stem.replace(GAP, "").trim() === "") report("no-stem");
    checkKey(question, context, report);
    if (question.kind === "gap-fill") {
      const gaps = question.stem.split(GAP).length - 1;
      if (gaps !== gapsOf(question).length) report(gaps === 0 ? "no-gap" : "gap-count", { gaps, keys: gapsOf(question).length });
    }
  },
});

function checkKey(question: Question, context: CheckContext, report: Report): void {
  switch (question.kind) {
    case "true-false":
    case "number":
      return;
    case "select-all":
      if (question.key.length === 0) report("no-key", {}, { part: "key" });
      return checkOptions(question.options, report, (optionId) => swapOption(question, optionId, context));
    case "multiple-choice":
      return checkOptions(question.options, report, (optionId) => swapOption(question, optionId, context));
    case "word-in-context":
    case "poll":
      return checkOptions(question.options, report);
    case "essay":
      if (question.key.models.every((model) => model.text.trim() === "")) report("no-key", {}, { part: "key" });
      if (question.key.points.every((point) => point.trim() === "")) report("no-points", {}, { part: "key" });
      return;
    case "gap-fill":
      if (gapsOf(question).some((gap) => gap.key.trim() === "")) report("no-key", {}, { part: "key" });
      return;
    case "order":
      return checkParts(question.items, "put in order", report);
    case "match":
      return checkParts(question.left, "match", report, question.right);
    case "two-part":
      return checkParts(question.options, "choose from", report, question.proofs);
    case "open-response":
      if (question.key.model.trim() === "") report("no-key", {}, { part: "key" });
      if (question.key.points.every((point) => point.trim() === "")) report("no-points", {}, { part: "key" });
      return;
    default:
      if (question.key.trim() === "") report("no-key", {}, { part: "key" });
  }
}

function checkOptions(options: readonly Option[], report: Report, mendFor: (optionId: string) => Mend | undefined = () => undefined): void {
  options.forEach((option, index) => {
    if (option.text.trim() === "") report("no-option", { label: letterOf(index) }, { part: "option", optionId: option.id }, mendFor(option.id));
  });
}

function checkParts(parts: readonly Option[], what: string, report: Report, others: readonly Option[] = []): void {
  if (parts.length < 3) report("few-parts", { what }, { part: "key" });
  const empty = [...parts, ...others].findIndex((part) => part.text.trim() === "");
  if (empty >= 0) report("no-part", { label: empty + 1 }, { part: "key" });
}
