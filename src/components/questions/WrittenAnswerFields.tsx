import { useState } from "react";
import TextareaAutosize from "react-textarea-autosize";
import type { GapFill, ShortAnswer } from "@/core/questions/question";
import { type FieldProps, QUIET_FIELD } from "./question-field";

/** Key and accepted answers of gap fill and short answer. */
export function WrittenAnswerFields({ question, change }: FieldProps<GapFill | ShortAnswer>) {
  // Kept as typed, so that an empty last line stays while writing.
  const [lines, setLines] = useState(question.accepted.join("\n"));
  const typed = lines
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean);
  const shown = typed.join("\n") === question.accepted.join("\n") ? lines : question.accepted.join("\n");
  const id = `accepted-${question.id}`;
  return (
    <div className="grid grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-3 gap-y-1 text-[0.95rem]">
      <span aria-hidden className="label">
        Key
      </span>
      <TextareaAutosize
        aria-label="Key"
        className={`${QUIET_FIELD} font-semibold text-spruce leading-snug`}
        value={question.key}
        placeholder="The right answer …"
        onChange={(event) => change({ type: "set-key", questionId: question.id, from: question.key, to: event.target.value })}
      />
      <label className="label" htmlFor={id}>
        Also right
      </label>
      <TextareaAutosize
        id={id}
        className={`${QUIET_FIELD} leading-snug`}
        placeholder="one answer a line"
        value={shown}
        onChange={(event) => {
          setLines(event.target.value);
          const to = event.target.value
            .split("\n")
            .map((line) => line.trim())
            .filter(Boolean);
          if (to.join("\n") !== question.accepted.join("\n")) change({ type: "set-accepted", questionId: question.id, from: question.accepted, to });
        }}
      />
    </div>
  );
}
