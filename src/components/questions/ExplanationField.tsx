import TextareaAutosize from "react-textarea-autosize";
import { type FieldProps, QUIET_FIELD } from "./question-field";

/** Why the key is right, for whoever learns from it, and the outcome that the question serves. */
export function ExplanationField({ question, change }: FieldProps) {
  const set = (field: "explanation" | "outcome") => (event: { target: { value: string } }) =>
    change({ type: "set-note", questionId: question.id, field, from: question[field] ?? "", to: event.target.value });
  return (
    <details className="text-sm">
      <summary className="cursor-pointer text-soft">Explanation{question.outcome ? " and outcome" : ""}</summary>
      <TextareaAutosize
        aria-label="Explanation"
        className={`${QUIET_FIELD} mt-1 leading-snug`}
        placeholder="Why the key is right …"
        value={question.explanation ?? ""}
        onChange={set("explanation")}
      />
      <TextareaAutosize
        aria-label="Outcome"
        className={`${QUIET_FIELD} leading-snug`}
        placeholder="The outcome it serves …"
        value={question.outcome ?? ""}
        onChange={set("outcome")}
      />
    </details>
  );
}
