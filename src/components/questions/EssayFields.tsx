import TextareaAutosize from "react-textarea-autosize";
import type { Essay } from "@/core/questions/question";
import { LinesField } from "./LinesField";
import { type FieldProps, QUIET_FIELD } from "./question-field";

/** A sample answer, or one for each side, and the points that a marker looks for. */
export function EssayFields({ question, change }: FieldProps<Essay>) {
  const { key } = question;
  const set = (part: Partial<typeof key>) => change({ type: "set-key", questionId: question.id, from: key, to: { ...key, ...part } });
  return (
    <div className="text-[0.95rem]">
      {key.models.map((model, index) => {
        const label = model.side ? `Sample answer: ${model.side.toLowerCase()}` : "Sample answer";
        return (
          <div key={label} className="mt-1">
            <span aria-hidden className="label">
              {label}
            </span>
            <TextareaAutosize
              aria-label={label}
              className={`${QUIET_FIELD} text-spruce leading-snug`}
              value={model.text}
              placeholder="What a good answer says …"
              onChange={(event) => set({ models: key.models.with(index, { ...model, text: event.target.value }) })}
            />
          </div>
        );
      })}
      <div className="mt-1">
        <span aria-hidden className="label">
          Points to look for, one a line
        </span>
        <LinesField label="Points to look for" separator={"\n"} value={key.points} onChange={(points) => set({ points })} />
      </div>
    </div>
  );
}
