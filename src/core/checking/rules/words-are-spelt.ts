import { CLOSED_WORDS } from "../../language/data/closed-words";
import { analyseVerb, singularOf } from "../../language/inflect";
import type { Lexicon } from "../../language/lexicon";
import { isChoice, type Question } from "../../questions/question";
import { languageOf } from "../../spanish/language-of";
import { sourceBases } from "../content-words";
import { defineRule, type Place } from "../define-rule";

/** A slip of the pen in a test is read by a whole class. */
export const wordsAreSpelt = defineRule({
  id: "words-are-spelt",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 12: correct grammar, punctuation, capitals and spelling",
  about: "Every word is in the dictionary or in the source.",
  appliesTo: "all",
  example: { good: "The keeper wound the clockwork.", bad: "The keeper wound the clokwork." },
  messages: { unknown: "“{word}” is in no dictionary and not in the source.", meant: "“{word}” is in no dictionary. Is “{meant}” meant?" },
  check(question, { blocks, lexicon }, report) {
    // The dictionary is English.
    if (languageOf(question.stem) === "es" || languageOf(blocks[blocks.length > 1 ? 1 : 0]?.text ?? "") === "es") return;
    const source = blocks.map((block) => block.text.toLowerCase()).join(" ");
    const known = sourceBases(blocks, lexicon);
    for (const { text, place } of textsOf(question)) {
      for (const [word] of text.matchAll(/(?<![\p{L}\d’'-])\p{Ll}{4,}(?![\p{L}\d’'-])/gu)) {
        if (isKnown(word, lexicon) || known.has(word) || source.includes(word)) continue;
        const meant = nearestWord(word, lexicon, source);
        if (!meant) return report("unknown", { word }, place);
        const to = text.replace(new RegExp(`(?<!\\p{L})${word}(?!\\p{L})`, "u"), meant);
        const edit =
          place.part === "option"
            ? ({ type: "set-option", questionId: question.id, optionId: place.optionId, from: text, to } as const)
            : ({ type: "set-stem", questionId: question.id, from: text, to } as const);
        return report("meant", { word, meant }, place, { label: `Write “${meant}”`, edits: [edit] });
      }
    }
  },
});

function textsOf(question: Question): { text: string; place: Place }[] {
  const options = isChoice(question) ? question.options.map((option) => ({ text: option.text, place: { part: "option" as const, optionId: option.id } })) : [];
  return [{ text: question.stem, place: { part: "stem" } }, ...options];
}

function isKnown(word: string, lexicon: Lexicon): boolean {
  if (Object.hasOwn(CLOSED_WORDS, word) || lexicon.zipf(word) > 0 || lexicon.findWord(word)) return true;
  if (analyseVerb(word, (base) => (lexicon.findWord(base)?.verb ?? 0) > 0).length > 0) return true;
  if (singularOf(word, (base) => (lexicon.findWord(base)?.noun ?? 0) > 0)) return true;
  if (/^(.{3,}?)(?:er|est)$/.test(word) && [...stems(word, /(?:er|est)$/)].some((stem) => (lexicon.findWord(stem)?.adjective ?? 0) > 0)) return true;
  return [...stems(word.replace(/^(?:un|re|non|over|under|sub|pre)/, ""), /(?:ly|ness|less|ful|able)?$/)].some(
    (stem) => stem.length > 3 && lexicon.zipf(stem) > 0,
  );
}

/** A word without its ending, with the spellings that the ending may have changed. */
function stems(word: string, ending: RegExp): Set<string> {
  const stem = word.replace(ending, "");
  return new Set([stem, `${stem}e`, stem.replace(/i$/, "y"), stem.replace(/(.)\1$/, "$1")]);
}

const LETTERS = "abcdefghijklmnopqrstuvwxyz";

/** The commonest word one letter away (Norvig 2007, edit distance 1), the source's own first. */
function nearestWord(word: string, lexicon: Lexicon, source: string): string | undefined {
  const near = new Set<string>();
  for (let at = 0; at <= word.length; at++) {
    const [head, tail] = [word.slice(0, at), word.slice(at)];
    if (tail) near.add(head + tail.slice(1));
    if (tail.length > 1) near.add(head + tail[1] + tail[0] + tail.slice(2));
    for (const letter of LETTERS) {
      near.add(head + letter + tail);
      if (tail) near.add(head + letter + tail.slice(1));
    }
  }
  const weight = (other: string) => lexicon.zipf(other) + (new RegExp(`\\b${other}\\b`).test(source) ? 4 : 0);
  const found = [...near].filter((other) => other !== word && other.length > 2 && lexicon.zipf(other) >= 2.5);
  return found.sort((a, b) => weight(b) - weight(a))[0];
}
