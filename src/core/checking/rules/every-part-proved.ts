import type { Question } from "../../questions/question";
import { baseSet, contentWords, sourceBases } from "../content-words";
import { type CheckContext, defineRule, type Report } from "../define-rule";
import { pairsOf } from "../match-pairs";

/** In an order, a match or a select-all each part is an answer of its own. */
export const everyPartProved = defineRule({
  id: "every-part-proved",
  verdict: "look",
  source: "Every key is proved by the source's own words.",
  about: "Each item, pair and right option has its own sentence in the evidence.",
  appliesTo: ["order", "match", "select-all"],
  example: { good: "Petition – a letter that many people sign", bad: "Petition – a rule made by a town council" },
  messages: {
    item: "No sentence of the evidence says “{text}”.",
    pair: "No sentence of the evidence puts “{left}” and “{right}” together.",
  },
  check(question, context, report) {
    if (question.evidence.length === 0) return;
    if (question.kind === "match") return checkPairs(question, context, report);
    const items =
      question.kind === "select-all" ? question.options.filter((option) => question.key.includes(option.id)) : question.kind === "order" ? question.items : [];
    const unproved = items.find((item) => Math.max(...question.evidence.map(({ quote }) => sharedBy(item.text, quote, question.stem, context))) < 0.6);
    if (unproved) report("item", { text: unproved.text }, question.kind === "select-all" ? { part: "option", optionId: unproved.id } : { part: "key" });
  },
});

function checkPairs(question: Extract<Question, { kind: "match" }>, context: CheckContext, report: Report): void {
  const known = question.evidence.map((span, index) => baseSet(answered(span.quote, question.evidence[index + 1]?.quote), context.lexicon));
  for (const { left, right, isTaught } of pairsOf(question)) {
    const together = known.some((bases) => share(left, bases, context) >= 0.5 && (isTaught || share(right, bases, context) >= 0.5));
    if (!together) return report("pair", { left, right }, { part: "key" });
  }
}

/** A question of the source and the answer behind it are put together by standing together. */
function answered(quote: string, next: string | undefined): string {
  return next !== undefined && /\?["”]?$/.test(quote.trim()) ? `${quote} ${next}` : quote;
}

const PRONOUN = /\b(?:he|him|his|she|her|it|its|they|them|their|I|my|me|one)\b/i;

/** Share of the item's words that the sentence says; a name may be the sentence's pronoun. */
function sharedBy(text: string, quote: string, stem: string, context: CheckContext): number {
  const known = baseSet(`${quote} ${stem}`, context.lexicon);
  const isNamed = PRONOUN.test(quote)
    ? (word: string) => /^\p{Lu}/u.test(word) && sourceBases(context.blocks, context.lexicon).has(word.toLowerCase())
    : () => false;
  const words = contentWords(text, context.lexicon).filter((word) => !isNamed(word.shown) || known.has(word.base));
  return words.length === 0 ? 1 : words.filter((word) => known.has(word.base)).length / words.length;
}

function share(text: string, bases: ReadonlySet<string>, { lexicon }: CheckContext): number {
  const words = contentWords(text, lexicon);
  return words.length === 0 ? 1 : words.filter((word) => bases.has(word.base)).length / words.length;
}
