import { DEPTHS, type Depth } from "@/core/questions/question";
import type { FieldProps } from "./question-field";

export function PointsField({ question, change }: FieldProps) {
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
      <label className="flex items-center gap-1.5">
        <span className="label">Points</span>
        <input
          type="number"
          min={0}
          max={100}
          step={0.5}
          className="field w-16 px-1.5 py-0.5"
          value={question.points}
          onChange={(event) => {
            const to = Number(event.target.value);
            if (to >= 0 && to <= 100) change({ type: "set-points", questionId: question.id, from: question.points, to });
          }}
        />
      </label>
      <label className="flex items-center gap-1.5">
        <span className="label">Depth</span>
        <select
          className="field px-1.5 py-0.5"
          value={question.depth}
          onChange={(event) => change({ type: "set-depth", questionId: question.id, from: question.depth, to: event.target.value as Depth })}
        >
          {DEPTHS.map((depth) => (
            <option key={depth} value={depth}>
              {depth}
            </option>
          ))}
        </select>
      </label>
    </div>
  );
}
