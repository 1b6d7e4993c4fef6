import { tokenize } from "../../language/tokenize";
import { languageOf } from "../../spanish/language-of";
import { defineRule } from "../define-rule";
import { nameTheNoun } from "../name-the-noun";

/** "What did he change to?" can only be answered by whoever sees the sentence before. */
export const pronounsHaveNouns = defineRule({
  id: "pronouns-have-nouns",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 14: the stem is clear by itself",
  about: "Every he, she, it and they has its noun in the question itself.",
  appliesTo: "all",
  example: { good: "What did the keeper wind?", bad: "What did he wind?" },
  messages: {
    pronoun: "“{word}” has no noun before it in the question. Name who or what is meant.",
    pointing: "“{word}” points to something outside the question.",
  },
  check(question, context, report) {
    if (languageOf(question.stem) === "es") return;
    // What is quoted is the source's, and stands there in full.
    const stem = question.stem.replace(/“[^”]*”/g, "“…”");
    const tokens = tokenize(stem);
    const first = tokens.findIndex((token) => PRONOUNS.has(token.lower));
    const dummy =
      first >= 0 &&
      tokens[first]!.lower === "it" &&
      /\b(?:it (?:is|was)|(?:is|was) it) \w+ (?:to|that)\b|\b(?:does|did|can|could|will|would|may|might) it take\b|\bit (?:rains|rained|snows|snowed)\b/i.test(
        stem,
      );
    // "Because it stretches, rope is used for towing": the noun follows at once.
    const goesAhead = first === 1 && /^(?:because|when|if|as|after|before|since|although|once|until|while) [^,]+, (?!it |they |he |she )/i.test(stem);
    if (first >= 0 && !dummy && !goesAhead && !tokens.slice(0, first).some((token, index) => isNounLike(token.lower, token.text, index)))
      report("pronoun", { word: tokens[first]!.text }, { part: "stem" }, nameTheNoun(question, tokens[first]!.text, context));
    // "these events" stand right under the stem.
    if (question.kind === "order" || question.kind === "match" || question.kind === "select-all") return;
    const pointing =
      /(?<!\bof )\b(?:this|these|those|such) (?!(?:as|passage|text|story|article|sentence|word|question|statement)\b)\w+|\b(?:the passage above|the picture|line \d+|here|mentioned above)\b/i.exec(
        stem,
      );
    // "Read: “The coral turns white.” What is this called?": to what is quoted before it.
    const quoted = stem.indexOf("“…”");
    // In a text with gaps, "This process" of a later sentence points to the one before.
    const isLater = question.kind === "gap-fill" && pointing !== null && /[.!?]["”]? \p{Lu}[^.!?]*[.!?]["”]? /u.test(stem.slice(0, pointing.index + 1));
    if (pointing && !isLater && (quoted < 0 || quoted > pointing.index)) report("pointing", { word: pointing[0] });
  },
});

const PRONOUNS = new Set("he she it they him them his its their hers theirs".split(" "));
const NO_NOUNS = new Set(
  "what who whom whose which why when where how did do does is are was were can could will would should may might must has have had in on at by for of to from with the a an not according many much often long far year and or but if because as".split(
    " ",
  ),
);

function isNounLike(lower: string, text: string, index: number): boolean {
  if (!/\p{L}/u.test(lower) || NO_NOUNS.has(lower) || PRONOUNS.has(lower)) return false;
  return index > 0 || /^\p{Lu}/u.test(text);
}
