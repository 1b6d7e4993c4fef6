import { assertNever } from "@/core/lib/assert-never";
import { ChoiceFields } from "./ChoiceFields";
import { EssayFields } from "./EssayFields";
import { GapFillFields } from "./GapFillFields";
import { MatchFields } from "./MatchFields";
import { NumberFields } from "./NumberFields";
import { OpenResponseFields } from "./OpenResponseFields";
import { OrderFields } from "./OrderFields";
import type { FieldProps } from "./question-field";
import { TrueFalseFields } from "./TrueFalseFields";
import { TwoPartFields } from "./TwoPartFields";
import { WrittenAnswerFields } from "./WrittenAnswerFields";

/** The part of the editor that differs by kind. */
export function QuestionFields({ question, change }: FieldProps) {
  switch (question.kind) {
    case "multiple-choice":
    case "select-all":
    case "word-in-context":
    case "poll":
      return <ChoiceFields question={question} change={change} />;
    case "essay":
      return <EssayFields question={question} change={change} />;
    case "true-false":
      return <TrueFalseFields question={question} change={change} />;
    case "gap-fill":
      return question.more?.length || question.choices || question.bank ? (
        <GapFillFields question={question} change={change} />
      ) : (
        <WrittenAnswerFields question={question} change={change} />
      );
    case "short-answer":
      return <WrittenAnswerFields question={question} change={change} />;
    case "number":
      return <NumberFields question={question} change={change} />;
    case "order":
      return <OrderFields question={question} change={change} />;
    case "match":
      return <MatchFields question={question} change={change} />;
    case "two-part":
      return <TwoPartFields question={question} change={change} />;
    case "open-response":
      return <OpenResponseFields question={question} change={change} />;
    default:
      return assertNever(question);
  }
}
