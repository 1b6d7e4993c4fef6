import { visibleText } from "../../questions/kinds";
import { countText } from "../../source/readability/count-text";
import { automatedReadability, fleschKincaid } from "../../source/readability/reading-grade";
import { languageOf } from "../../spanish/language-of";
import { contentWords, sourceBases } from "../content-words";
import { defineRule } from "../define-rule";

/** A question harder to read than the passage tests reading of the question. */
export const questionWithinGrade = defineRule({
  id: "question-within-grade",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, nos. 8 and 13: simple vocabulary, little reading",
  about: "The question reads no harder than the grade it is for; words of the source count as known.",
  appliesTo: "all",
  example: { good: "Why does the lens turn?", bad: "For what purpose is the rotation of the apparatus effectuated?" },
  messages: {
    hard: "The question reads at about grade {grade}, above the wanted {wanted}.",
    long: "The stem has {words} words. About {limit} is enough in grade {wanted}.",
    word: "“{word}” is a rare word that the source does not use.",
  },
  check(question, { grade, blocks, lexicon }, report) {
    // The formulas and word lists are for English.
    if (languageOf(question.stem) === "es") return;
    // What is quoted is the source's own, and a paragraph with gaps is the source itself.
    if (question.kind === "gap-fill" && question.more?.length) return;
    const stem = question.stem.replace(/“[^”]*”/g, "“…”");
    const words = stem.split(/\s+/).length;
    const task = question.kind === "essay" || question.kind === "open-response" ? 1.8 : 1;
    const limit = Math.round((grade <= 2 ? 18 : grade <= 5 ? 25 : 40) * task);
    if (words > limit) report("long", { words, limit, wanted: grade });
    // Names and words of the source are known: they count as short ones.
    const known = sourceBases(blocks, lexicon);
    const bases = new Map(contentWords(stem, lexicon).map((word) => [word.shown, word.base]));
    const plain = stem.replace(/[\p{L}’'-]+/gu, (word) => (known.has(bases.get(word) ?? "") ? "word" : word));
    const counts = countText([plain]);
    const estimate = counts.words >= 8 ? Math.min(fleschKincaid(counts), automatedReadability(counts)) : 0;
    if (words <= limit && estimate > grade + 4) report("hard", { grade: Math.round(estimate), wanted: grade });
    if (grade > 8) return;
    const rare = contentWords(visibleText(question), lexicon).find(
      (word) => word.kind === "word" && !known.has(word.base) && lexicon.findWord(word.base) !== undefined && lexicon.zipf(word.base) < (grade <= 5 ? 3 : 2.4),
    );
    if (rare) report("word", { word: rare.shown });
  },
});
