import { isChoice } from "../../questions/question";
import { languageOf } from "../../spanish/language-of";
import { defineRule } from "../define-rule";

/** What begins small or ends without a mark looks cut off. */
export const sentencesAreWhole = defineRule({
  id: "sentences-are-whole",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 12: correct grammar, punctuation and capitals",
  about: "Stems begin with a capital and end with a mark; no word stands twice; options end alike.",
  appliesTo: "all",
  example: { good: "Why does the lens turn?", bad: "why does the the lens turn" },
  messages: {
    capital: "The stem begins with a small letter.",
    end: "The stem ends without a mark.",
    twice: "“{word}” stands twice in a row.",
    ends: "Some options end with a full stop and some do not.",
  },
  check(question, _, report) {
    const { id: questionId, stem } = question;
    if (stem.trim() === "" || languageOf(stem) === "es") return;
    const change = (to: string) => [{ type: "set-stem" as const, questionId, from: stem, to }];
    if (/^\p{Ll}/u.test(stem.trim())) {
      report("capital", {}, { part: "stem" }, { label: "Begin with a capital", edits: change(stem.replace(/\p{Ll}/u, (letter) => letter.toUpperCase())) });
    }
    const ends = /[?.!:…_][”"’)]*\s*$/u.test(stem) || question.kind === "gap-fill";
    if (!ends && question.kind !== "multiple-choice") {
      const mark = /^(?:who|what|when|where|why|how|which|did|does|do|is|are|was|were|can)\b/i.test(stem.trim()) ? "?" : ".";
      report("end", {}, { part: "stem" }, { label: `End with “${mark}”`, edits: change(`${stem.trimEnd()}${mark}`) });
    }
    const twice = /(?<![\p{L}_])(?!(?:had|that)\b)(\p{L}{2,}) \1(?![\p{L}])/iu.exec(stem);
    if (twice) report("twice", { word: twice[1]! }, { part: "stem" }, { label: "Take one out", edits: change(stem.replace(twice[0], twice[1]!)) });
    if (!isChoice(question)) return;
    const filled = question.options.filter((option) => option.text.trim() !== "");
    const stopped = filled.filter((option) => /[.!?]$/.test(option.text.trim())).length;
    if (stopped > 0 && stopped < filled.length) report("ends", {}, { part: "option", optionId: filled[0]!.id });
  },
});
