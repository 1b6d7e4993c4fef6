import { Minus, Plus, X } from "lucide-react";
import type { PlanRow } from "@/core/drafting/plan";
import { kindOf } from "@/core/questions/kinds";
import { DEPTHS, type Depth } from "@/core/questions/question";
import { shortfallReason } from "@/messages/draft-reasons";
import { GapFields } from "./GapFields";

type Props = {
  row: PlanRow;
  supply: number | undefined;
  depths: Record<Depth, number> | undefined;
  comes: number | undefined;
  /** Why fewer come than are asked for. */
  reason: string | undefined;
  onChange: (row: PlanRow) => void;
  onRemove: () => void;
};
const SCALE = 20;

export function PlanRowFields({ row, supply, depths, comes, reason, onChange, onRemove }: Props) {
  const { name } = kindOf(row.kind);
  const count = (to: number) => onChange({ ...row, count: Math.min(60, Math.max(0, to)) });
  const short = comes !== undefined && comes < row.count;
  return (
    <tr className="border-line border-b">
      <td className="py-2.5 pr-3">{name}</td>
      <td className="py-2.5 pr-3">
        <span className="inline-flex items-center rounded border border-line bg-sheet">
          <button type="button" aria-label={`One ${name} less`} className="px-2 py-1.5 text-soft hover:text-spruce" onClick={() => count(row.count - 1)}>
            <Minus size={14} aria-hidden />
          </button>
          <input
            aria-label={`How many: ${name}`}
            inputMode="numeric"
            className="tabular w-9 bg-transparent text-center font-semibold"
            value={row.count}
            onChange={(event) => count(Number(event.target.value.replace(/\D/g, "") || 0))}
          />
          <button type="button" aria-label={`One ${name} more`} className="px-2 py-1.5 text-soft hover:text-spruce" onClick={() => count(row.count + 1)}>
            <Plus size={14} aria-hidden />
          </button>
        </span>
      </td>
      <td className="py-2.5 pr-3">
        <span className="flex items-center gap-2">
          <span aria-hidden className="relative block h-2 w-28 rounded-xs bg-line/60">
            <span
              className={`absolute inset-y-0 left-0 rounded-xs ${short ? "bg-ochre/50" : "bg-spruce/40"}`}
              style={{ width: `${Math.min(1, (supply ?? 0) / SCALE) * 100}%` }}
            />
            {row.count > 0 ? <span className="absolute -inset-y-1 w-0.5 bg-ink" style={{ left: `${Math.min(1, row.count / SCALE) * 100}%` }} /> : null}
          </span>
          <span className={`tabular text-sm ${short ? "font-semibold text-ochre" : ""}`}>
            {supply === undefined ? "…" : short ? `${comes} of ${row.count} now` : supply === 0 ? "none" : `about ${supply}`}
          </span>
        </span>
        {short && reason ? (
          <span className="block max-w-64 text-ochre text-xs leading-snug">{shortfallReason(reason)}</span>
        ) : depths && supply ? (
          <span className="tabular block text-soft text-xs">
            {DEPTHS.filter((depth) => depths[depth] > 0)
              .map((depth) => `${depths[depth]} ${depth}`)
              .join(" · ")}
          </span>
        ) : null}
      </td>
      <td className="py-2.5 pr-3">
        <select
          aria-label={`Depth of ${name}`}
          className="field py-0.5 text-sm"
          value={row.depth}
          onChange={(event) => onChange({ ...row, depth: event.target.value as PlanRow["depth"] })}
        >
          <option value="any">any</option>
          {DEPTHS.map((depth) => (
            <option key={depth} value={depth}>
              {depth}
            </option>
          ))}
        </select>
      </td>
      <td className="py-2.5 pr-3">
        <input
          aria-label={`Points for each ${name}`}
          type="number"
          min={0}
          max={100}
          step={0.5}
          className="field w-16 py-0.5 text-sm"
          value={row.points}
          onChange={(event) => onChange({ ...row, points: Math.min(100, Math.max(0, Number(event.target.value))) })}
        />
      </td>
      <td className="py-2.5 pr-3">
        {row.kind === "multiple-choice" ? (
          <select
            aria-label={`Options of ${name}`}
            className="field py-0.5 text-sm"
            value={row.optionCount ?? 4}
            onChange={(event) => onChange({ ...row, optionCount: Number(event.target.value) })}
          >
            {[3, 4, 5].map((options) => (
              <option key={options} value={options}>
                {options}
              </option>
            ))}
          </select>
        ) : row.kind === "gap-fill" ? (
          <GapFields row={row} onChange={onChange} />
        ) : null}
      </td>
      <td className="py-2.5 text-right">
        <button type="button" aria-label={`Take out the row ${name}`} className="p-1 text-soft hover:text-brick" onClick={onRemove}>
          <X size={15} aria-hidden />
        </button>
      </td>
    </tr>
  );
}
