import { essay } from "./kinds/essay";
import { gapFill } from "./kinds/gap-fill";
import type { KindDefinition } from "./kinds/kind";
import { match } from "./kinds/match";
import { multipleChoice } from "./kinds/multiple-choice";
import { number } from "./kinds/number";
import { openResponse } from "./kinds/open-response";
import { order } from "./kinds/order";
import { poll } from "./kinds/poll";
import { selectAll } from "./kinds/select-all";
import { shortAnswer } from "./kinds/short-answer";
import { trueFalse } from "./kinds/true-false";
import { twoPart } from "./kinds/two-part";
import { wordInContext } from "./kinds/word-in-context";
import { gapsOf, type Option, type Question, type QuestionKind } from "./question";

/** The list of kinds, in the order in which a paper climbs. A new kind adds one line here. */
const DEFINITIONS: { [K in QuestionKind]: KindDefinition<Extract<Question, { kind: K }>> } = {
  "multiple-choice": multipleChoice,
  "select-all": selectAll,
  "true-false": trueFalse,
  "gap-fill": gapFill,
  "short-answer": shortAnswer,
  number,
  order,
  match,
  "two-part": twoPart,
  "open-response": openResponse,
  essay,
  "word-in-context": wordInContext,
  poll,
};

export const QUESTION_KINDS = Object.keys(DEFINITIONS) as QuestionKind[];

/** The definition that fits a question, whatever its kind. */
export function kindOf(kind: QuestionKind): KindDefinition<Question> {
  return DEFINITIONS[kind] as unknown as KindDefinition<Question>;
}

export function isQuestionKind(word: string): word is QuestionKind {
  return Object.hasOwn(DEFINITIONS, word);
}

/** All that a student reads: stem, options, items. */
export function visibleText(question: Question): string {
  return [question.stem, ...visibleParts(question).map((part) => part.text)].join(" ");
}

function visibleParts(question: Question): Option[] {
  switch (question.kind) {
    case "multiple-choice":
    case "select-all":
    case "word-in-context":
    case "poll":
      return question.options;
    case "gap-fill":
      return [...(question.bank ?? []), ...gapsOf(question).flatMap((gap) => gap.choices ?? [])].map((text) => ({ id: text, text }));
    case "order":
      return question.items;
    case "match":
      return [...question.left, ...question.right];
    case "two-part":
      return [...question.options, { id: "proof-stem", text: question.proofStem }, ...question.proofs];
    default:
      return [];
  }
}
