import { ChevronDown, ChevronUp, Play, X } from "lucide-react";
import { anchorSpan } from "@/core/source/anchor-span";
import { placeLabel } from "@/core/source/locator-label";
import type { Block, Span } from "@/core/source/schema";
import { stepSentence } from "@/core/source/step-sentence";
import type { FieldProps } from "./question-field";

/** The words that prove the key. Selecting words in the source changes them; so do the two arrows, sentence by sentence. */
export function EvidenceField({ question, change, blocks, onPlay }: FieldProps & { blocks: readonly Block[]; onPlay?: ((span: Span) => void) | undefined }) {
  const set = (to: Span[]) => change({ type: "set-evidence", questionId: question.id, from: question.evidence, to });
  const step = (index: number, direction: 1 | -1) => {
    const next = stepSentence(question.evidence[index], blocks, direction);
    if (next) set(question.evidence.length === 0 ? [next] : question.evidence.with(index, next));
  };
  return (
    <div className="text-sm">
      {question.evidence.length === 0 ? (
        <p className="flex items-baseline justify-between gap-2 text-soft">
          <span>No evidence yet. Select the words in the source, or take its first sentence and step on.</span>
          <Steps onStep={(direction) => step(0, direction)} />
        </p>
      ) : (
        question.evidence.map((span, index) => (
          <div key={`${span.blockId}-${span.start}`} className="flex items-baseline gap-2">
            {onPlay && isTimed(span, blocks) ? (
              <button
                type="button"
                className="tabular flex items-center gap-1 whitespace-nowrap text-spruce hover:underline"
                aria-label={`Play these words, ${place(span, blocks)}`}
                onClick={() => onPlay(span)}
              >
                <Play size={12} aria-hidden /> {place(span, blocks)}
              </button>
            ) : (
              <span className="tabular whitespace-nowrap text-soft">{place(span, blocks)}</span>
            )}
            <q className="line-clamp-3 min-w-0 flex-1 font-read text-[0.92rem]">{span.quote}</q>
            <Steps onStep={(direction) => step(index, direction)} />
            <button
              type="button"
              aria-label="Untie this evidence"
              className="text-soft hover:text-brick"
              onClick={() => set(question.evidence.toSpliced(index, 1))}
            >
              <X size={14} aria-hidden />
            </button>
          </div>
        ))
      )}
    </div>
  );
}

function Steps({ onStep }: { onStep: (direction: 1 | -1) => void }) {
  return (
    <span className="inline-flex text-soft">
      <button type="button" aria-label="Take the sentence before as evidence" title="Sentence before" className="hover:text-spruce" onClick={() => onStep(-1)}>
        <ChevronUp size={16} aria-hidden />
      </button>
      <button type="button" aria-label="Take the next sentence as evidence" title="Next sentence" className="hover:text-spruce" onClick={() => onStep(1)}>
        <ChevronDown size={16} aria-hidden />
      </button>
    </span>
  );
}

function isTimed(span: Span, blocks: readonly Block[]): boolean {
  return blocks.find((block) => block.id === span.blockId)?.locator.type === "time";
}

function place(span: Span, blocks: readonly Block[]): string {
  const anchored = anchorSpan(span, blocks);
  const block = anchored.found === "lost" ? undefined : blocks.find((other) => other.id === anchored.span.blockId);
  return block && anchored.found !== "lost" ? placeLabel(block, anchored.span.start) : "lost";
}
