import { kindOf, QUESTION_KINDS } from "@/core/questions/kinds";
import type { QuestionKind } from "@/core/questions/question";
import type { SelectedWords } from "./use-selected-words";

type Props = { selected: SelectedWords; hasActive: boolean; onTie: (add: boolean) => void; onWrite: (kind: QuestionKind) => void };

/** So far to the right at most that the bar stays over the page and off the slips. */
const FARTHEST_LEFT = 80;

/** What can be done with the words just selected in the source. */
export function SelectionBar({ selected, hasActive, onTie, onWrite }: Props) {
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: keeps the selection while a button of the bar is pressed
    <div
      className="absolute z-20 flex max-w-[39rem] flex-wrap items-center gap-1.5 rounded border border-line bg-sheet p-1.5 shadow-md"
      style={{ top: selected.bottom + 6, left: Math.max(0, Math.min(selected.left, FARTHEST_LEFT)) }}
      onMouseDown={(event) => event.preventDefault()}
    >
      {hasActive ? (
        <>
          <button type="button" className="button min-h-7 py-0" onClick={() => onTie(false)}>
            Make it the evidence
          </button>
          <button type="button" className="button min-h-7 py-0" onClick={() => onTie(true)}>
            Add to the evidence
          </button>
        </>
      ) : null}
      <span className="text-sm text-soft">Write on it</span>
      {QUESTION_KINDS.map((kind) => (
        <button key={kind} type="button" className="button min-h-7 py-0 font-normal" onClick={() => onWrite(kind)}>
          {kindOf(kind).name}
        </button>
      ))}
    </div>
  );
}
