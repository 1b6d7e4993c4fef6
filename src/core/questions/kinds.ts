import { gapFill } from "./kinds/gap-fill";
import type { KindDefinition } from "./kinds/kind";
import { multipleChoice } from "./kinds/multiple-choice";
import { shortAnswer } from "./kinds/short-answer";
import { trueFalse } from "./kinds/true-false";
import type { Question, QuestionKind } from "./question";

/** The list of kinds, in the order in which a paper climbs. A new kind adds one line here. */
const DEFINITIONS: { [K in QuestionKind]: KindDefinition<Extract<Question, { kind: K }>> } = {
  "multiple-choice": multipleChoice,
  "true-false": trueFalse,
  "gap-fill": gapFill,
  "short-answer": shortAnswer,
};

export const QUESTION_KINDS = Object.keys(DEFINITIONS) as QuestionKind[];

/** The definition that fits a question, whatever its kind. */
export function kindOf(kind: QuestionKind): KindDefinition<Question> {
  return DEFINITIONS[kind] as unknown as KindDefinition<Question>;
}

export function isQuestionKind(word: string): word is QuestionKind {
  return Object.hasOwn(DEFINITIONS, word);
}

/** All that a student reads: stem and options. */
export function visibleText(question: Question): string {
  return question.kind === "multiple-choice" ? [question.stem, ...question.options.map((option) => option.text)].join(" ") : question.stem;
}
