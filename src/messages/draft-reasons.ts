import type { RowReport } from "@/core/drafting/draft-questions";
import { kindOf } from "@/core/questions/kinds";

const REASONS: Record<string, string> = {
  "no-sentences-understood": "no sentence of the text was understood well enough to ask about it",
  "depth-not-drafted": "reasoning questions need several facts at once and are not drafted yet",
  "no-fair-options": "the text offers too few wrong answers of the same kind",
  "no-fact-of-this-sort": "no fact of the text fits this kind",
  "facts-used-up": "every fact that can be asked well is in the set already",
};

/** "Gap fill: 3 of 5. Every fact that …" for a row that fell short. */
export function shortfallText(row: RowReport): string | undefined {
  if (row.drafted >= row.asked) return undefined;
  return `${kindOf(row.kind).name}: ${row.drafted} of ${row.asked}, since ${REASONS[row.reason ?? ""] ?? "the text gives no more"}.`;
}
