"use client";
import { Redo2, Undo2 } from "lucide-react";
import { useCallback, useMemo, useRef, useState } from "react";
import { readingBlocks } from "@/core/source/prepare/reading-blocks";
import type { Block, Choice } from "@/core/source/schema";
import { usePlayer } from "../player/use-player";
import { SaveNote } from "../shell/SaveNote";
import { AddMedia } from "./AddMedia";
import { editFor } from "./edit-for";
import { FetchAgain } from "./FetchAgain";
import { OriginalPane } from "./OriginalPane";
import type { Original } from "./original";
import { type BlockTask, PreparedBlock } from "./PreparedBlock";
import { PrepareNotes } from "./PrepareNotes";
import { RangeChooser } from "./RangeChooser";
import { ReadingFigures } from "./ReadingFigures";
import { SourceHead } from "./SourceHead";
import { StrikeBar } from "./StrikeBar";
import { usePrepareKeys } from "./use-prepare-keys";
import { type SourceStart, useSource } from "./use-source";
import { useStruckWords } from "./use-struck-words";

type Props = {
  start: SourceStart;
  original: Original | undefined;
  grade: number;
  range: { unit: Choice["unit"]; last: number } | undefined;
  warnings: string[];
  fetched: { url: string; on: string } | undefined;
  /** Captions whose film or sound is not here. */
  mediaMissing: boolean;
};

/** Is this the text I mean? The original beside its blocks; what does not belong is struck out, never deleted. */
export function PrepareView({ start, original, grade, range, warnings, fetched, mediaMissing }: Props) {
  const store = useSource(start);
  const { state, change, step } = store;
  const [activeId, setActiveId] = useState<string>();
  const [editingId, setEditingId] = useState<string>();
  const [shown, setShown] = useState<"original" | "figures">(original && original.sort !== "text" ? "original" : "figures");
  const page = useRef<HTMLDivElement>(null);
  const player = usePlayer(state.blocks);
  const outside = useMemo(() => {
    const cut = state.choice ? readingBlocks(state.blocks, state.choice) : [];
    return new Map(cut.flatMap((block, index) => (block.leftOut && !state.blocks[index]!.leftOut ? [[block.id, block.leftOut] as const] : [])));
  }, [state.blocks, state.choice]);
  const [selected, clearSelection] = useStruckWords(page, state.blocks);
  const active = state.blocks.find((block) => block.id === activeId);

  const blocksRef = useRef(state.blocks);
  blocksRef.current = state.blocks;
  const { standAt } = player;
  const onTask = useCallback(
    (blockId: string, task: BlockTask, value?: string | number) => {
      const blocks = blocksRef.current;
      const block = blocks.find((other) => other.id === blockId);
      if (!block) return;
      setActiveId(blockId);
      if (block.locator.type === "time") standAt(block.locator.startMs);
      if (task === "choose") return setEditingId((old) => (old === blockId ? old : undefined));
      if (task === "done") return setEditingId(undefined);
      if (task === "write" && value === undefined) return setEditingId(blockId);
      const { edit, next } = editFor(blocks, blockId, task, value);
      change(edit);
      if (next) {
        setActiveId(next);
        setEditingId((old) => (old ? next : old));
      }
    },
    [change, standAt],
  );

  usePrepareKeys(state.blocks, activeId, onTask, step);

  // Minutes are chosen under the player, along its own time line.
  const onTimeLine = original?.sort === "media" && shown === "original";
  const chooser =
    range && range.last > 1 ? (
      <div className="mb-3 flex">
        <RangeChooser unit={range.unit} last={range.last} choice={state.choice} onChoose={(to) => change({ type: "set-choice", from: state.choice, to })} />
      </div>
    ) : null;
  const tab = (name: "original" | "figures", label: string) => (
    <button
      type="button"
      aria-pressed={shown === name}
      onClick={() => setShown(name)}
      className={`px-2.5 py-1 text-sm ${shown === name ? "bg-pale font-semibold text-spruce" : "bg-sheet text-soft hover:text-ink"}`}
    >
      {label}
    </button>
  );
  return (
    <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,34rem)]">
      <div className="min-w-0">
        <SourceHead store={store} />
        <div className="mb-2 flex min-h-9 flex-wrap items-center gap-x-4 gap-y-2">
          <span className="flex gap-1">
            <button
              type="button"
              className="button min-h-7 px-2"
              aria-label="Undo"
              title="Undo (Ctrl+Z)"
              disabled={!store.canUndo}
              onClick={() => void step("undo")}
            >
              <Undo2 size={15} aria-hidden />
            </button>
            <button
              type="button"
              className="button min-h-7 px-2"
              aria-label="Redo"
              title="Redo (Ctrl+Shift+Z)"
              disabled={!store.canRedo}
              onClick={() => void step("redo")}
            >
              <Redo2 size={15} aria-hidden />
            </button>
          </span>
          <Counts store={store} />
          <SaveNote status={store.saveStatus} />
          <p className="text-soft text-xs max-lg:hidden">
            <kbd>J</kbd> <kbd>K</kbd> next, before · <kbd>X</kbd> strike out · <kbd>E</kbd> correct
          </p>
        </div>
        {onTimeLine ? null : chooser}
        <PrepareNotes blocks={state.blocks} warnings={warnings} notice={store.notice} change={change} />
        <section
          aria-label="Extracted text"
          ref={page}
          className="relative border border-line bg-sheet py-5 pr-3 pl-2 font-read text-[1.02rem] leading-[1.7rem]"
        >
          {state.blocks.map((block, index) => (
            <div key={block.id}>
              <PlaceMark block={block} before={state.blocks[index - 1]} />
              <PreparedBlock
                block={block}
                outside={outside.get(block.id)}
                active={block.id === activeId}
                editing={block.id === editingId}
                spoken={player.spoken?.blockId === block.id ? player.spoken : undefined}
                onTask={onTask}
              />
            </div>
          ))}
          {selected ? <StrikeBar selected={selected} blocks={state.blocks} change={change} onDone={clearSelection} /> : null}
        </section>
      </div>
      <aside className="lg:sticky lg:top-3 lg:h-[calc(100dvh-1.5rem)] [@media(max-height:560px)]:static [@media(max-height:560px)]:h-auto">
        <div className="flex h-full flex-col">
          <div className="mb-2 flex min-h-9 items-center justify-between gap-2">
            <span className="flex overflow-hidden rounded border border-line">
              {original ? tab("original", original.sort === "text" ? "As it was" : "The original") : null}
              {tab("figures", "Figures")}
            </span>
            {mediaMissing ? <AddMedia sourceId={store.sourceId} /> : null}
            {fetched ? <FetchAgain sourceId={store.sourceId} fetched={fetched} blocks={state.blocks} change={change} /> : null}
          </div>
          <div className={`min-h-0 flex-1 ${shown === "original" ? "" : "hidden"}`}>
            {original ? <OriginalPane original={original} blocks={state.blocks} active={active} player={player} /> : null}
            {onTimeLine ? <div className="mt-3">{chooser}</div> : null}
          </div>
          {shown === "figures" ? (
            <div className="min-h-0 flex-1 overflow-auto">
              <ReadingFigures description={store.description} grade={grade} blocks={state.blocks} language={state.language} />
            </div>
          ) : null}
        </div>
      </aside>
    </div>
  );
}

function Counts({ store }: { store: ReturnType<typeof useSource> }) {
  const { counts } = store.description;
  const left = store.state.blocks.filter((block) => block.leftOut).length;
  return (
    <p className="tabular text-sm" data-counts>
      <b>{counts.words.toLocaleString("en-US")}</b> words · <b>{counts.sentences.toLocaleString("en-US")}</b> sentences
      {left > 0 ? <span className="text-soft"> · {left} left out</span> : null}
    </p>
  );
}

/** "page 3" where a page begins. */
function PlaceMark({ block, before }: { block: Block; before: Block | undefined }) {
  const { locator } = block;
  if (locator.type !== "page" || (before?.locator.type === "page" && before.locator.page === locator.page)) return null;
  return <p className="tabular pl-12 font-ui text-soft text-xs">page {locator.page}</p>;
}
