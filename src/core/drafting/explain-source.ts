import type { AbstainReason, Analysis } from "../language/analysis";
import type { Locator } from "../source/schema";
import { type ExplainedCandidate, explainCandidates } from "./candidates";
import { isUnderstood } from "./is-understood";

export type ExplainedSentence = {
  blockId: string;
  locator: Locator;
  start: number;
  end: number;
  text: string;
  understood: boolean;
  /** Why it was not understood, and is therefore never asked about. */
  reason?: AbstainReason;
  /** What could be asked of it, best first; with the gate that held it back, where one did. */
  candidates: ExplainedCandidate[];
};

/** Every sentence of a source as the engine saw it: what it can be asked, and what was held back or not understood, and why. */
export function explainSource(analysis: Analysis, seed = 1): ExplainedSentence[] {
  const bySentence = new Map<number, ExplainedCandidate[]>();
  for (const candidate of explainCandidates(analysis, seed)) {
    bySentence.set(candidate.sentence, [...(bySentence.get(candidate.sentence) ?? []), candidate]);
  }
  return analysis.sentences
    .filter((sentence) => sentence.block.kind !== "heading")
    .map((sentence) => ({
      blockId: sentence.block.id,
      locator: sentence.block.locator,
      start: sentence.start,
      end: sentence.end,
      text: sentence.text,
      understood: isUnderstood(sentence, analysis),
      ...(sentence.abstained ? { reason: sentence.abstained } : {}),
      candidates: (bySentence.get(sentence.index) ?? []).sort((a, b) => b.score - a.score),
    }));
}
