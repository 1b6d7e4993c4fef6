import { numberDistractors, yearDistractors } from "../drafting/distractors/number-distractors";
import { seedFrom } from "../lib/random";
import { isKeyed, type MultipleChoice, type SelectAll } from "../questions/question";
import { baseSet, contentWords } from "./content-words";
import type { CheckContext, Mend } from "./define-rule";
import { phrasesOf, type SourcePhrase, sourcePhrases } from "./source-phrases";
import { shareOf, sourceSentences } from "./source-sentences";

const FEW_WORDS = 6;
/** From this share of the stem's words on, a sentence speaks of what is asked. */
const SAME_MATTER = 0.6;

/** A mend that puts another wrong option of the key's kind in the place of one; nothing where the source offers none. */
export function swapOption(question: MultipleChoice | SelectAll, optionId: string, context: CheckContext): Mend | undefined {
  const option = question.options.find((other) => other.id === optionId);
  if (!option || isKeyed(question, optionId)) return undefined;
  const text = proposeOption(question, context);
  if (!text) return undefined;
  const label = option.text.trim() === "" ? `Write “${text}”` : `Swap it for “${text}”`;
  return { label, edits: [{ type: "set-option", questionId: question.id, optionId, from: option.text, to: text }] };
}

/** A number near the key, or a noun phrase of the source like it in kind, number and article, and not true of what is asked. */
function proposeOption(question: MultipleChoice | SelectAll, context: CheckContext): string | undefined {
  const key = question.options.find((option) => isKeyed(question, option.id))?.text.trim() ?? "";
  if (key === "" || key.split(/\s+/).length > FEW_WORDS) return undefined;
  const taken = new Set(question.options.map((option) => option.text.trim().toLowerCase()));
  const number = /\d[\d,.]*\d|\d/.exec(key)?.[0];
  if (number) return anotherNumber(key, number, taken);
  const own = phrasesOf(key, context.lexicon);
  const model = own.length === 1 && own[0]!.text.length >= key.length - 1 ? own[0]! : undefined;
  return model && anotherPhrase(model, question, taken, context);
}

function anotherNumber(key: string, number: string, taken: ReadonlySet<string>): string | undefined {
  const seed = seedFrom(key, taken.size);
  const others = /^(?:1\d{3}|20\d\d)$/.test(number) ? yearDistractors(number, [], 8, seed) : numberDistractors(number, [], 8, seed);
  return others.map((other) => key.replace(number, other)).find((text) => !taken.has(text.toLowerCase()));
}

function anotherPhrase(model: SourcePhrase, question: MultipleChoice | SelectAll, taken: ReadonlySet<string>, context: CheckContext): string | undefined {
  const { blocks, lexicon } = context;
  const stem = [...baseSet(question.stem, lexicon)];
  const heads = new Set(question.options.flatMap((option) => phrasesOf(option.text, lexicon).map((phrase) => phrase.head)));
  const evidence = question.evidence.map((span) => span.quote).join(" ");
  const words = model.text.split(" ").length;
  const capital = /^\p{Lu}/u.test(question.options.find((option) => isKeyed(question, option.id))!.text);
  const fits = (phrase: SourcePhrase) =>
    phrase.isName === model.isName &&
    phrase.article === model.article &&
    phrase.plural === model.plural &&
    phrase.file === model.file &&
    !heads.has(phrase.head) &&
    !stem.includes(phrase.head) &&
    !taken.has(phrase.text.toLowerCase()) &&
    !evidence.includes(phrase.text) &&
    Math.abs(phrase.text.split(" ").length - words) <= 1;
  const found = sourcePhrases(blocks, lexicon).find((phrase) => fits(phrase) && !mayBeRight(phrase, stem, context));
  return found && (capital ? found.text.charAt(0).toUpperCase() + found.text.slice(1) : found.text);
}

/** Some sentence says it of the matter that is asked about. */
function mayBeRight(phrase: SourcePhrase, stem: readonly string[], { blocks, lexicon }: CheckContext): boolean {
  const own = contentWords(phrase.text, lexicon).map((word) => word.base);
  return sourceSentences(blocks, lexicon).some((sentence) => shareOf(own, sentence) === 1 && shareOf(stem, sentence) >= SAME_MATTER);
}
