import type { SetState } from "../questions/edit";
import { kindOf } from "../questions/kinds";
import type { QuestionKind } from "../questions/question";
import { anchorSpan } from "../source/anchor-span";
import { locatorLabel } from "../source/locator-label";
import type { Block } from "../source/schema";
import { keptSlips, OPTION_LABELS, passageBlocks } from "./paper";
import { lineOf, wrapLines } from "./wrap-lines";

export type KeyEntry = {
  number: number;
  kind: QuestionKind;
  points: number;
  /** "B  mercury", "false", "four". */
  answer: string;
  label?: string;
  accepted: readonly string[];
  correction?: string;
  evidence: { quote: string; place: string; line?: string; lost: boolean }[];
};

/** How to mark the paper: answers, further right answers, and the words that prove them with their place. */
export function answerKey(state: SetState, blocks: readonly Block[]): KeyEntry[] {
  // Line numbers only where the student has them too.
  const lines = state.paper.showPassage ? wrapLines(passageBlocks(state, blocks)) : [];
  return keptSlips(state).map(({ question }, index) => {
    const label =
      question.kind === "multiple-choice" ? OPTION_LABELS[state.paper.labels](question.options.findIndex((option) => option.id === question.key)) : undefined;
    return {
      number: index + 1,
      kind: question.kind,
      points: question.points,
      answer: kindOf(question.kind).keyText(question),
      ...(label ? { label } : {}),
      accepted: kindOf(question.kind).accepted(question),
      ...(question.kind === "true-false" && question.correction ? { correction: question.correction } : {}),
      evidence: question.evidence.map((span) => {
        const anchored = anchorSpan(span, blocks);
        const block = anchored.found === "lost" ? undefined : blocks.find((other) => other.id === anchored.span.blockId);
        const line = anchored.found === "lost" ? undefined : lineOf(lines, anchored.span.blockId, anchored.span.start);
        return { quote: span.quote, place: block ? locatorLabel(block.locator) : "", ...(line ? { line: `line ${line}` } : {}), lost: !block };
      }),
    };
  });
}
