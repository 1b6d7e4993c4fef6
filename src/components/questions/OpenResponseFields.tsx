import { useState } from "react";
import TextareaAutosize from "react-textarea-autosize";
import type { OpenResponse } from "@/core/questions/question";
import { type FieldProps, QUIET_FIELD } from "./question-field";

/** A model answer, and the points that a marker looks for. */
export function OpenResponseFields({ question, change }: FieldProps<OpenResponse>) {
  const { key } = question;
  // Kept as typed, so that an empty last line stays while writing.
  const [lines, setLines] = useState(key.points.join("\n"));
  const pointsOf = (text: string) =>
    text
      .split("\n")
      .map((line) => line.trim())
      .filter(Boolean);
  const shown = pointsOf(lines).join("\n") === key.points.join("\n") ? lines : key.points.join("\n");
  const set = (part: Partial<typeof key>) => change({ type: "set-key", questionId: question.id, from: key, to: { ...key, ...part } });
  return (
    <div className="text-[0.95rem]">
      <div>
        <span aria-hidden className="label">
          Model answer
        </span>
        <TextareaAutosize
          aria-label="Model answer"
          className={`${QUIET_FIELD} text-spruce leading-snug`}
          value={key.model}
          placeholder="What a good answer says …"
          onChange={(event) => set({ model: event.target.value })}
        />
      </div>
      <div className="mt-1">
        <span aria-hidden className="label">
          Points to look for, one a line
        </span>
        <TextareaAutosize
          aria-label="Points to look for"
          className={`${QUIET_FIELD} leading-snug`}
          value={shown}
          onChange={(event) => {
            setLines(event.target.value);
            const points = pointsOf(event.target.value);
            if (points.join("\n") !== key.points.join("\n")) set({ points });
          }}
        />
      </div>
    </div>
  );
}
