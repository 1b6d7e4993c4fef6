"use client";
import { closestCenter, DndContext, type DragEndEvent, KeyboardSensor, PointerSensor, useSensor, useSensors } from "@dnd-kit/core";
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { Printer } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import type { PaperSettings } from "@/core/questions/edit";
import { SaveNote } from "../shell/SaveNote";
import { type SetStart, useSet } from "../shell/use-set";
import { PaperRow } from "./PaperRow";

/** The sheet as it will print, with its title, directions and order beside it. */
export function PaperView({ start }: { start: SetStart }) {
  const store = useSet(start);
  const { paper, slips } = store.state;
  const frame = useRef<HTMLIFrameElement>(null);
  const [version, setVersion] = useState(0);
  const kept = slips.filter((slip) => slip.status === "kept");
  const set = (change: Partial<PaperSettings>) => store.change({ type: "set-paper", from: paper, to: { ...paper, ...change } });
  // The sheet is the server's; it is fetched anew when what it shows has been saved.
  const shown = JSON.stringify([paper, slips]);
  const seen = useRef(shown);
  useEffect(() => {
    if (store.saveStatus !== "saved" || seen.current === shown) return;
    seen.current = shown;
    setVersion((old) => old + 1);
  }, [store.saveStatus, shown]);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const move = (questionId: string, before: string) => {
    const [from, to] = [questionId, before].map((id) => slips.findIndex((slip) => slip.question.id === id)) as [number, number];
    if (from !== to && to >= 0) store.change({ type: "move-question", questionId, from, to });
  };
  const step = (index: number, by: 1 | -1) => {
    const other = kept[index + by];
    if (other) move(kept[index]!.question.id, other.question.id);
  };
  const print = async () => {
    await store.settled();
    frame.current?.contentWindow?.print();
  };
  return (
    <div className="grid grid-cols-1 lg:grid-cols-[21rem_minmax(0,1fr)]">
      <section aria-labelledby="paper" className="border-line px-5 py-6 lg:h-[calc(100dvh-3.1rem)] lg:overflow-y-auto lg:border-r">
        <div className="flex items-baseline justify-between">
          <h1 id="paper" className="font-read font-semibold text-2xl">
            Paper
          </h1>
          <SaveNote status={store.saveStatus} />
        </div>
        <label className="label mt-4 block" htmlFor="paper-title">
          Title
        </label>
        <input id="paper-title" className="field mt-1 w-full" value={paper.title} maxLength={200} onChange={(event) => set({ title: event.target.value })} />
        <label className="label mt-3 block" htmlFor="paper-directions">
          Directions
        </label>
        <textarea
          id="paper-directions"
          className="field mt-1 h-20 w-full"
          value={paper.directions}
          maxLength={2000}
          onChange={(event) => set({ directions: event.target.value })}
        />
        <fieldset className="mt-3">
          <legend className="label">Options are marked</legend>
          {(
            [
              ["letters", "A B C D"],
              ["numbers", "1 2 3 4"],
            ] as const
          ).map(([value, name]) => (
            <label key={value} className="mr-5 inline-flex items-center gap-1.5">
              <input type="radio" name="labels" className="accent-spruce" checked={paper.labels === value} onChange={() => set({ labels: value })} /> {name}
            </label>
          ))}
        </fieldset>
        <label className="mt-2 flex items-center gap-2">
          <input type="checkbox" className="accent-spruce" checked={paper.showPassage} onChange={(event) => set({ showPassage: event.target.checked })} /> The
          passage in front, with line numbers
        </label>
        <label className="mt-1 flex items-center gap-2">
          <input type="checkbox" className="accent-spruce" checked={paper.showPoints} onChange={(event) => set({ showPoints: event.target.checked })} /> Points
          at each question
        </label>
        <button type="button" className="button button-main mt-4" disabled={kept.length === 0} onClick={() => void print()}>
          <Printer size={16} aria-hidden /> Print the paper
        </button>
        <h2 className="mt-6 font-bold">Order</h2>
        {kept.length === 0 ? <p className="mt-1 text-soft text-sm">Nothing is kept yet. Keep questions in the Margin, and they stand on the paper.</p> : null}
        <DndContext
          id="paper-order"
          sensors={sensors}
          collisionDetection={closestCenter}
          onDragEnd={({ active, over }: DragEndEvent) => over && move(String(active.id), String(over.id))}
        >
          <SortableContext items={kept.map((slip) => slip.question.id)} strategy={verticalListSortingStrategy}>
            <ol className="mt-1">
              {kept.map((slip, index) => (
                <PaperRow
                  key={slip.question.id}
                  slip={slip}
                  number={index + 1}
                  isFirst={index === 0}
                  isLast={index === kept.length - 1}
                  onStep={(by) => step(index, by)}
                />
              ))}
            </ol>
          </SortableContext>
        </DndContext>
      </section>
      <iframe
        ref={frame}
        key={version}
        title="The paper as it prints"
        src={`/sets/${start.setId}/sheet`}
        className="h-[calc(100dvh-3.1rem)] w-full bg-ground"
      />
    </div>
  );
}
