import { isKeyed, type Question } from "../../questions/question";
import { baseSet, contentWords, isDenial } from "../content-words";
import { type CheckContext, defineRule } from "../define-rule";
import { letterOf } from "../option-letters";
import { swapOption } from "../propose-option";
import { shareOf, sourceSentences } from "../source-sentences";

/** A wrong option that some other sentence of the source makes right marks a good reader wrong. */
export const wrongOptionsAreWrong = defineRule({
  id: "wrong-options-are-wrong",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 19: one right answer only",
  about: "No sentence of the source makes a wrong option right.",
  appliesTo: ["multiple-choice", "select-all"],
  example: { good: "What do crabs eat? – worms · bread · rope", bad: "What do crabs eat? – worms · mussels · rope. (The source says both.)" },
  messages: { supported: "Option {label} may be right too: “{sentence}”" },
  check(question, context, report) {
    if (question.kind !== "multiple-choice" && question.kind !== "select-all") return;
    const stem = askedWords(question, context);
    question.options.forEach((option, index) => {
      if (isKeyed(question, option.id)) return;
      const words = contentWords(option.text, context.lexicon).map((word) => word.base);
      const own = words.filter((word) => !stem.includes(word));
      // A number may count something else there.
      if (own.every((word) => word.startsWith("#"))) return;
      if (own.length === 0 || (question.kind === "multiple-choice" && stem.length < 2)) return;
      const found = sourceSentences(context.blocks, context.lexicon).find((sentence) => {
        if (question.kind === "select-all" && words.length >= 3)
          return shareOf(words, sentence) === 1 && !isDenial(sentence.text) && !isEvidenceOfFalse(question, sentence.text, option.text);
        // In the evidence itself a name may stand as *she*.
        const enough = question.evidence.some(({ quote }) => quote.includes(sentence.text)) && question.kind === "select-all" ? 0.6 : 0.8;
        return shareOf(own, sentence) === 1 && shareOf(stem, sentence) >= enough && !isDenial(sentence.text);
      });
      const values = { label: letterOf(index), sentence: found?.text.slice(0, 140) ?? "" };
      if (found) report("supported", values, { part: "option", optionId: option.id }, swapOption(question, option.id, context));
    });
  },
});

/** Words of the stem that say what is asked about: not those of the task. */
function askedWords(question: Question, { lexicon }: CheckContext): string[] {
  const stem = question.stem.replace(/“[^”]*”|\bchoose all[^.]*\.|\baccording to [^,?]*|\bin the (?:story|passage|text)\b/gi, " ");
  return [...baseSet(stem, lexicon)].filter((word) => !TASK.has(word));
}

const TASK = new Set("statement true choose right passage story name happen call mean reason best sentence part word year thing writer".split(" "));

/** "The lens was lit before the war" beside "… after the war": the same words in another order, or with an opposite. */
function isEvidenceOfFalse({ evidence }: Question, sentence: string, option: string): boolean {
  return evidence.some(({ quote }) => quote === sentence) && sentence.replace(/[.!?]$/, "").toLowerCase() !== option.replace(/[.!?]$/, "").toLowerCase();
}
