import { expect, it } from "vitest";
import { findFacts } from "@/core/drafting/facts/find-facts";
import { findLedFacts } from "@/core/drafting/facts/find-led-facts";
import { analyse } from "./language-tools";

export type Asked = [stem: string, answer: string];

/** Every question that the facts of a text give, with its whole answer. */
export function asked(text: string): Asked[] {
  const analysis = analyse(text, "markdown");
  return analysis.sentences.flatMap((sentence) => findFacts(sentence, analysis)).map((fact): Asked => [fact.stem, fact.answer]);
}

/** What is asked with the sentence before it quoted. */
export function askedLed(text: string): Asked[] {
  const analysis = analyse(text, "markdown");
  return analysis.sentences.flatMap((sentence) => findLedFacts(sentence, analysis)).map((fact): Asked => [fact.stem, fact.answer]);
}

/** Named examples: a text, the question it must give, and the whole answer. */
export function finds(examples: Record<string, [text: string, ...wanted: Asked]>): void {
  for (const [name, [text, ...wanted]] of Object.entries(examples)) it(name, () => expect(asked(text)).toContainEqual(wanted));
}

/** Named examples: a text, and what no question or answer of it may say. */
export function neverAsks(examples: Record<string, [text: string, words: RegExp]>): void {
  for (const [name, [text, words]] of Object.entries(examples)) it(name, () => expect(asked(text).filter((pair) => words.test(pair.join(" = ")))).toEqual([]));
}
