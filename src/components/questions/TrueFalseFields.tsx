import type { TrueFalse } from "@/core/questions/question";
import type { FieldProps } from "./question-field";

export function TrueFalseFields({ question, change }: FieldProps<TrueFalse>) {
  return (
    <fieldset className="flex items-baseline gap-4 text-[0.95rem]">
      <legend className="sr-only">The statement is</legend>
      <span aria-hidden className="label">
        Key
      </span>
      {[true, false].map((value) => (
        <label key={String(value)} className={`flex cursor-pointer items-baseline gap-1.5 ${question.key === value ? "font-semibold text-spruce" : ""}`}>
          <input
            type="radio"
            className="accent-spruce"
            name={`key-${question.id}`}
            checked={question.key === value}
            onChange={() => change({ type: "set-key", questionId: question.id, from: question.key, to: value })}
          />
          {value ? "true" : "false"}
        </label>
      ))}
      {question.correction ? <span className="text-soft text-sm">Right: {question.correction}</span> : null}
    </fieldset>
  );
}
