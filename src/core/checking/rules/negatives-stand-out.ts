import { defineRule } from "../define-rule";

/** A small *not* is read over, and then the right answer looks wrong. */
export const negativesStandOut = defineRule({
  id: "negatives-stand-out",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 17: word the stem positively; if a negative is used, make it stand out",
  about: "A “not” or “except” that turns a choice round is written large.",
  appliesTo: ["multiple-choice", "select-all"],
  example: { good: "Which of these does NOT burn in the lamp?", bad: "Which of these does not burn in the lamp?" },
  messages: { small: "The “{word}” turns the choice round. Write it large, or ask without it." },
  check(question, _, report) {
    const { id: questionId, stem } = question;
    const found = TURNS.exec(stem);
    const word = found?.[1] ?? found?.[2];
    if (!found || !word || word === word.toUpperCase()) return;
    const at = found.index + found[0].lastIndexOf(word);
    const to = `${stem.slice(0, at)}${word.toUpperCase()}${stem.slice(at + word.length)}`;
    report("small", { word }, { part: "stem" }, { label: `Write ${word.toUpperCase()}`, edits: [{ type: "set-stem", questionId, from: stem, to }] });
  },
});

/** "Which … is not …", "all except": not "Why can you not see it?", where the not is what is asked about. */
const TURNS = /^(?:which|choose|mark|find)\b[^?]*?\b(not|except|least|never|incorrect|false|untrue)\b|\b(except)\b/i;
