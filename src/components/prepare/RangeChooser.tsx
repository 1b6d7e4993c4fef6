"use client";
import { Slider } from "radix-ui";
import { useEffect, useState } from "react";
import { timeCode } from "@/core/source/locator-label";
import type { Choice } from "@/core/source/schema";

type Props = { unit: Choice["unit"]; last: number; choice: Choice | null; onChoose: (choice: Choice | null) => void };

const NAMES = { page: "Pages", slide: "Slides", time: "Minutes" };

/** Which pages, slides or minutes are meant: a slider with two ends, and the same two ends in words. */
export function RangeChooser({ unit, last, choice, onChoose }: Props) {
  const first = unit === "time" ? 0 : 1;
  const [ends, setEnds] = useState<[number, number]>([choice?.from ?? first, choice?.to ?? last]);
  useEffect(() => setEnds([choice?.from ?? first, choice?.to ?? last]), [choice, first, last]);
  const say = (value: number) => (unit === "time" ? timeCode(value) : String(value));
  const choose = ([from, to]: [number, number]) => onChoose(from <= first && to >= last ? null : { unit, from, to });
  const label = (index: 0 | 1) => `${index === 0 ? "First" : "Last"} ${unit === "time" ? "moment" : unit}`;
  return (
    <div className="flex min-w-64 flex-1 items-center gap-3 text-sm">
      <span className="tabular whitespace-nowrap">
        {NAMES[unit]} <b>{say(ends[0])}</b> to <b>{say(ends[1])}</b>
      </span>
      <Slider.Root
        className="relative flex h-5 min-w-32 flex-1 touch-none items-center"
        min={first}
        max={last}
        step={unit === "time" ? 1000 : 1}
        value={ends}
        onValueChange={(value) => setEnds([value[0]!, value[1]!])}
        onValueCommit={(value) => choose([value[0]!, value[1]!])}
        aria-label={`${NAMES[unit]} that are meant`}
      >
        <Slider.Track className="relative h-1 flex-1 rounded-full bg-line">
          <Slider.Range className="absolute h-full rounded-full bg-spruce" />
        </Slider.Track>
        {([0, 1] as const).map((index) => (
          <Slider.Thumb
            key={index}
            aria-label={label(index)}
            aria-valuetext={say(ends[index])}
            className="block h-4 w-4 rounded-full border-2 border-spruce bg-sheet"
          />
        ))}
      </Slider.Root>
      {choice ? (
        <button type="button" className="text-spruce underline" onClick={() => onChoose(null)}>
          All
        </button>
      ) : null}
    </div>
  );
}
