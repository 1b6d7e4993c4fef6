import type { RowReport } from "@/core/drafting/draft-questions";
import { kindOf } from "@/core/questions/kinds";

const REASONS: Record<string, string> = {
  "no-sentences-understood": "no sentence of the text was understood well enough to ask about it",
  "depth-not-drafted": "no fact of the text asks for that depth in this kind",
  "not-in-spanish": "this kind is not drafted from Spanish texts yet",
  "no-order": "the text lists no steps in order and dates fewer than three events",
  "no-pairs": "the text has fewer than three terms with their meanings, or years with their events",
  "no-words": "the text has no word of one clear meaning that is rare enough to ask about",
  "no-numbers": "the text counts nothing exactly",
  "no-words-given": "no words are listed under “My words for gaps”",
  "outside-the-focus": "the rest of what could be asked lies outside the focus",
  "no-fair-options": "the text offers too few wrong answers of the same kind",
  "no-fact-of-this-sort": "no fact of the text fits this kind",
  "only-true-left": "the text denies too little: what is left is true, and a row of true statements is guessed",
  "facts-used-up": "every fact that can be asked well is in the set already",
};

/** "The text lists no steps …", as a sentence of its own. */
export function shortfallReason(reason: string): string {
  const text = REASONS[reason] ?? "the text gives no more";
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
}

/** "Gap fill: 3 of 5. Every fact that …" for a row that fell short. */
export function shortfallText(row: RowReport): string | undefined {
  if (row.drafted >= row.asked) return undefined;
  return `${kindOf(row.kind).name}: ${row.drafted} of ${row.asked}, since ${REASONS[row.reason ?? ""] ?? "the text gives no more"}.`;
}
