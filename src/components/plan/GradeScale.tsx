import { gradeBand } from "@/messages/grades";

type Props = { grade: number; band?: { lowest: number; highest: number }; onChange: (grade: number) => void };

/** Grade 1 to 12, with the stretch in which the text itself reads. */
export function GradeScale({ grade, band, onChange }: Props) {
  const at = (value: number) => `${((Math.min(12, Math.max(1, value)) - 1) / 11) * 100}%`;
  const from = band ? Math.min(12, Math.max(1, band.lowest)) : 1;
  const to = band ? Math.min(12, Math.max(1, band.highest)) : 1;
  return (
    <div className="mt-5 flex flex-wrap items-center gap-x-5 gap-y-2">
      <label className="font-bold" htmlFor="grade">
        Grade
      </label>
      <div className="relative w-full max-w-sm pb-5">
        {band ? (
          <span
            aria-hidden
            className="absolute top-[1.15rem] h-1.5 rounded-xs border-ochre/40 border-x bg-evidence"
            style={{ left: at(from), width: `${((to - from) / 11) * 100}%` }}
          />
        ) : null}
        <input
          id="grade"
          type="range"
          min={1}
          max={12}
          step={1}
          value={grade}
          className="relative w-full accent-spruce"
          aria-valuetext={`grade ${grade}`}
          onChange={(event) => onChange(Number(event.target.value))}
        />
        <span aria-hidden className="tabular absolute inset-x-2 bottom-0 flex justify-between text-xs">
          {Array.from({ length: 12 }, (_, index) => (
            <span key={index + 1} className={`w-0 text-center ${index + 1 === grade ? "font-bold" : "text-soft"}`}>
              <span className="-ml-1.5 inline-block w-3">{index + 1}</span>
            </span>
          ))}
        </span>
      </div>
      {band ? (
        <p className="text-soft">
          the text reads at <b className="text-ink">{gradeBand({ ...band, middle: 0 })}</b>
        </p>
      ) : null}
    </div>
  );
}
