import { draftQuestions } from "@/core/drafting/draft-questions";
import { createDefaultPlan } from "@/core/drafting/plan";
import { analyseText } from "@/core/language/analyse-text";
import type { Block } from "@/core/source/schema";
import { loadLanguageTools } from "../language/load-language-tools";
import { WARM_UP_PARAGRAPHS } from "./warm-up-text";

/** Times that the text is read: after fewer the code still runs about twice as long as later on. */
const TURNS = 3;

/**
 * Reads and drafts a text of its own, one paragraph after the other, so that the code is compiled by the
 * time a teacher drafts. Between paragraphs a request that came in is answered.
 */
export function warmUp(): void {
  const steps = warmUpTexts();
  const next = (): void => {
    const text = steps.shift();
    if (text === undefined) return;
    readAndDraft(text);
    setImmediate(next);
  };
  setImmediate(next);
}

/** What is read to warm up, in order. */
export function warmUpTexts(): string[] {
  return Array.from({ length: TURNS }, () => [...WARM_UP_PARAGRAPHS, WARM_UP_PARAGRAPHS.join(" ")]).flat();
}

/** Drafts what comes of one paragraph, and keeps nothing. */
export function readAndDraft(text: string): number {
  const block: Block = { id: "1", kind: "paragraph", text, locator: { type: "paragraph", number: 1 } };
  const analysis = analyseText([block], loadLanguageTools());
  return [...draftQuestions({ analysis, plan: createDefaultPlan(6), seed: 1, newId: String })].length;
}
