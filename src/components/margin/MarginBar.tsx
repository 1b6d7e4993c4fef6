import type { ReactNode } from "react";
import { SaveNote } from "../shell/SaveNote";
import type { SetStore } from "../shell/use-set";
import { keyOf, type MarginActionId, type SlipFilter } from "./margin-actions";
import { useBarHeight } from "./use-bar-height";
import type { Drafting } from "./use-drafting";

export type Counts = Record<SlipFilter, number> & {
  sound: number;
  look: number;
  wrong: number;
  /** Sound drafts that nothing was decided about. */
  toKeep: number;
};
type Props = {
  store: SetStore;
  drafting: Drafting;
  counts: Counts;
  filter: SlipFilter;
  onFilter: (filter: SlipFilter) => void;
  onDraft: () => void;
  act: (id: MarginActionId) => void;
  /** Chooses one kind, depth or rule. */
  narrow: ReactNode;
};

const FILTERS: [SlipFilter, string][] = [
  ["all", "All"],
  ["look", "To look at"],
  ["kept", "Kept"],
  ["aside", "Set aside"],
];

/** What came, what is still to look at, and the way to more. */
export function MarginBar({ store, drafting, counts, filter, onFilter, onDraft, act, narrow }: Props) {
  const bar = useBarHeight();
  return (
    <div ref={bar} data-margin-bar className="top-0 z-10 border-line [@media(min-height:600px)]:sticky border-b bg-ground">
      <div className="flex min-h-12 flex-wrap items-center gap-x-2 gap-y-1 px-4 py-1.5 lg:pl-14">
        {/* One under the other, so that the buttons keep their row. */}
        <div>
          <p className="tabular text-sm leading-tight">
            <b>{counts.all}</b> {counts.all === 1 ? "draft" : "drafts"}{" "}
            <span className="ml-2.5 text-spruce">
              <b>{counts.sound}</b> sound
            </span>{" "}
            <span className="ml-2.5 text-ochre">
              <b>{counts.look}</b> to look at
            </span>
            {counts.wrong > 0 ? (
              <span className="ml-2.5 text-brick">
                <b>{counts.wrong}</b> wrong
              </span>
            ) : null}
          </p>
          <p role="status" aria-live="polite" className="text-sm text-soft leading-tight">
            {drafting.said}
          </p>
        </div>
        <span className="flex-1" />
        <SaveNote status={store.saveStatus} />
        <fieldset className="flex overflow-hidden rounded border border-line">
          <legend className="sr-only">Show</legend>
          {FILTERS.map(([id, name]) => (
            <button
              key={id}
              type="button"
              aria-pressed={filter === id}
              className={`px-2 py-1 text-sm ${filter === id ? "bg-pale font-semibold text-spruce" : "bg-sheet text-soft hover:text-ink"}`}
              onClick={() => onFilter(id)}
            >
              {name} <span className="tabular text-xs">{counts[id]}</span>
            </button>
          ))}
        </fieldset>
        {narrow}
        {counts.toKeep > 0 ? (
          <button type="button" className="button font-normal" title="Shift K" onClick={() => act("keep-sound")}>
            Keep {counts.toKeep} sound
          </button>
        ) : null}
        <button type="button" className="button font-normal" disabled={!store.canUndo} onClick={() => act("undo")}>
          Undo <kbd>{keyOf("undo")}</kbd>
        </button>
        <button type="button" className="button font-normal" onClick={() => act("write")}>
          Write <span className="sr-only">a question</span> <kbd>{keyOf("write")}</kbd>
        </button>
        {drafting.running ? (
          <button type="button" className="button" onClick={drafting.stop}>
            Stop
          </button>
        ) : (
          <button type="button" className="button button-main" onClick={onDraft}>
            {counts.all > 0 ? "Draft more" : "Draft"}
          </button>
        )}
        <button type="button" className="button font-normal" aria-label="Show the keys" onClick={() => act("keys")}>
          ?
        </button>
      </div>
      {store.notice || drafting.shortfalls.length > 0 ? (
        <div className="border-line border-t px-4 py-1.5 text-ochre text-sm lg:pl-14">
          {store.notice ? (
            <p role="alert">
              {store.notice}{" "}
              <button type="button" className="underline" onClick={() => store.setNotice("")}>
                Close
              </button>
            </p>
          ) : null}
          {drafting.shortfalls.map((text) => (
            <p key={text}>{text}</p>
          ))}
        </div>
      ) : null}
    </div>
  );
}
