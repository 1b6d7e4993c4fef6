import { assertNever } from "@/core/lib/assert-never";
import { MultipleChoiceFields } from "./MultipleChoiceFields";
import type { FieldProps } from "./question-field";
import { TrueFalseFields } from "./TrueFalseFields";
import { WrittenAnswerFields } from "./WrittenAnswerFields";

/** The part of the editor that differs by kind. */
export function QuestionFields({ question, change }: FieldProps) {
  switch (question.kind) {
    case "multiple-choice":
      return <MultipleChoiceFields question={question} change={change} />;
    case "true-false":
      return <TrueFalseFields question={question} change={change} />;
    case "gap-fill":
    case "short-answer":
      return <WrittenAnswerFields question={question} change={change} />;
    default:
      return assertNever(question);
  }
}
