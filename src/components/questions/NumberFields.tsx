import type { NumberQuestion } from "@/core/questions/question";
import { type FieldProps, QUIET_FIELD } from "./question-field";

/** The value, how far off is still right, and the unit. */
export function NumberFields({ question, change }: FieldProps<NumberQuestion>) {
  const { key } = question;
  const set = (part: Partial<typeof key>) => change({ type: "set-key", questionId: question.id, from: key, to: { ...key, ...part } });
  const number = (text: string, use: (value: number) => void) => {
    const value = Number(text.replace(/,/g, ""));
    if (text.trim() !== "" && Number.isFinite(value)) use(value);
  };
  return (
    <div className="flex flex-wrap items-baseline gap-x-3 gap-y-1 text-[0.95rem]">
      <label className="flex items-baseline gap-2">
        <span className="label">Key</span>
        <input
          type="number"
          step="any"
          aria-label="Key"
          className={`${QUIET_FIELD} w-28 font-semibold text-spruce`}
          value={key.value}
          onChange={(event) => number(event.target.value, (value) => set({ value }))}
        />
      </label>
      <label className="flex items-baseline gap-2">
        <span className="label">Unit</span>
        <input aria-label="Unit" className={`${QUIET_FIELD} w-32`} value={key.unit} onChange={(event) => set({ unit: event.target.value })} />
      </label>
      <label className="flex items-baseline gap-2">
        <span className="label">Off by at most</span>
        <input
          type="number"
          min={0}
          step="any"
          aria-label="Off by at most"
          className={`${QUIET_FIELD} w-20`}
          value={key.tolerance}
          onChange={(event) => number(event.target.value, (tolerance) => set({ tolerance: Math.max(0, tolerance) }))}
        />
      </label>
    </div>
  );
}
