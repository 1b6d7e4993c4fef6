import { GAP, gapsOf } from "../../questions/question";
import { contentWords } from "../content-words";
import { defineRule } from "../define-rule";

/** A gap is filled from what stands before it. */
export const gapWellPlaced = defineRule({
  id: "gap-well-placed",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 15, for completion items: the idea first, then the gap",
  about: "The gap is not the first word, takes a word of meaning, and its length tells nothing.",
  appliesTo: ["gap-fill"],
  example: { good: "The keeper wound the ____ every four hours.", bad: "____ wound the ____ every ____." },
  messages: {
    first: "The gap is the first word. Turn the sentence so that something stands before it.",
    empty: "“{word}” carries no meaning. Leave out a word that does.",
    many: "{gaps} gaps leave only {words} words to go by.",
    lengths: "The gaps differ in length, which tells how long the words are.",
  },
  check(question, { lexicon }, report) {
    if (question.kind !== "gap-fill") return;
    const { id: questionId, stem } = question;
    const gaps = gapsOf(question);
    if (new RegExp(`^\\s*["“]?${GAP}`).test(stem)) report("first");
    const isClass = (question.more?.length ?? 0) > 0 || question.bank !== undefined || gaps.some((gap) => gap.choices);
    if (!isClass && /^(?:the|an?|of|to|in|on|at|and|or|is|are|was|were|it)$/i.test(question.key.trim()))
      report("empty", { word: question.key }, { part: "key" });
    const left = contentWords(stem.replaceAll(GAP, " "), lexicon).length;
    if (gaps.length >= 2 && left < gaps.length * 2) report("many", { gaps: gaps.length, words: left });
    const lengths = new Set([...stem.matchAll(/_{2,}/g)].map(([line]) => line.length));
    if (lengths.size > 1) {
      const to = stem.replace(/_{2,}/g, GAP);
      report("lengths", {}, { part: "stem" }, { label: "Make them alike", edits: [{ type: "set-stem", questionId, from: stem, to }] });
    }
  },
});
