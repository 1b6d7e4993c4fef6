import TextareaAutosize from "react-textarea-autosize";
import { type FieldProps, QUIET_FIELD } from "./question-field";
import { useDoubt } from "./use-doubt";

export function StemField({ question, change }: FieldProps) {
  const label = question.kind === "true-false" ? "Statement" : question.kind === "gap-fill" ? "Sentence with the gap ____" : "Question";
  const doubt = useDoubt("stem");
  return (
    <TextareaAutosize
      data-field="stem"
      data-place="stem"
      aria-label={label}
      placeholder={`${label} …`}
      className={`${QUIET_FIELD} font-semibold text-base leading-snug ${doubt}`}
      value={question.stem}
      onChange={(event) => change({ type: "set-stem", questionId: question.id, from: question.stem, to: event.target.value })}
    />
  );
}
