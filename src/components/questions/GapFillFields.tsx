import { type Gap, type GapFill, gapsOf } from "@/core/questions/question";
import { LinesField } from "./LinesField";
import { type FieldProps, QUIET_FIELD } from "./question-field";

type Parts = Pick<GapFill, "key" | "accepted" | "choices" | "more" | "bank">;

/** Several gaps with a key each, what is also right, and the words to choose from. */
export function GapFillFields({ question, change }: FieldProps<GapFill>) {
  const { key, accepted, choices, more, bank } = question;
  const from: Parts = { key, accepted, ...(choices ? { choices } : {}), ...(more ? { more } : {}), ...(bank ? { bank } : {}) };
  const gaps = gapsOf(question);
  const set = (changed: readonly Gap[], words = bank) => {
    const [first, ...rest] = changed as [Gap, ...Gap[]];
    const to: Parts = { ...first, ...(rest.length > 0 ? { more: rest } : {}), ...(words ? { bank: words } : {}) };
    change({ type: "set-parts", questionId: question.id, from, to });
  };
  const setGap = (index: number, part: Partial<Gap>) => set(gaps.with(index, { ...gaps[index]!, ...part }));
  return (
    <div className="text-[0.95rem]">
      <ol>
        {gaps.map((gap, index) => (
          <li key={`gap-${index + 1}`} className="grid grid-cols-[auto_minmax(0,1fr)_minmax(0,1fr)] items-baseline gap-x-2">
            <span aria-hidden className="tabular w-5 text-right font-bold text-sm text-spruce">
              {index + 1}
            </span>
            <input
              aria-label={`Key of gap ${index + 1}`}
              className={`${QUIET_FIELD} font-semibold text-spruce`}
              value={gap.key}
              onChange={(event) => setGap(index, { key: event.target.value })}
            />
            {gap.choices ? (
              <LinesField label={`Choices of gap ${index + 1}`} separator="/" value={gap.choices} onChange={(list) => setGap(index, { choices: list })} />
            ) : (
              <LinesField
                label={`Also right in gap ${index + 1}`}
                placeholder="also right …"
                separator="/"
                value={gap.accepted}
                onChange={(list) => setGap(index, { accepted: list })}
              />
            )}
          </li>
        ))}
      </ol>
      {bank ? (
        <div className="mt-1">
          <span aria-hidden className="label">
            Words to choose from
          </span>
          <LinesField label="Words to choose from" separator="," value={bank} onChange={(list) => set(gaps, list)} />
        </div>
      ) : null}
    </div>
  );
}
