import { assertNever } from "../lib/assert-never";
import { fail, ok, type Result } from "../lib/result";
import type { Edit, SetState, Slip } from "./edit";
import { MAX_OPTIONS, type Question } from "./question";

export type EditProblem = { type: "question-gone"; questionId: string } | { type: "edit-does-not-fit"; edit: Edit["type"] };
type Outcome<T> = Result<T, EditProblem>;

/** The set after an edit, or why it cannot be made. The set given is not touched. */
export function applyEdit(state: SetState, edit: Edit): Outcome<SetState> {
  switch (edit.type) {
    case "set-title":
      return ok({ ...state, title: edit.to });
    case "set-plan":
      return ok({ ...state, plan: edit.to });
    case "set-paper":
      return ok({ ...state, paper: edit.to });
    case "add-question":
      return addQuestion(state, edit.slip, edit.index);
    case "remove-question": {
      const found = state.slips.some((slip) => slip.question.id === edit.slip.question.id);
      return found
        ? ok({ ...state, slips: state.slips.filter((slip) => slip.question.id !== edit.slip.question.id) })
        : fail({ type: "question-gone", questionId: edit.slip.question.id });
    }
    case "move-question":
      return moveQuestion(state, edit.questionId, edit.to);
    default:
      return changeSlip(state, edit);
  }
}

type SlipEdit = Extract<Edit, { questionId: string }>;

function changeSlip(state: SetState, edit: SlipEdit): Outcome<SetState> {
  const index = state.slips.findIndex((slip) => slip.question.id === edit.questionId);
  const slip = state.slips[index];
  if (!slip) return fail({ type: "question-gone", questionId: edit.questionId });
  const changed = applyToSlip(slip, edit);
  if (!changed) return fail({ type: "edit-does-not-fit", edit: edit.type });
  return ok({ ...state, slips: state.slips.with(index, changed) });
}

function applyToSlip(slip: Slip, edit: SlipEdit): Slip | undefined {
  switch (edit.type) {
    case "set-status":
      return { ...slip, status: edit.to };
    case "set-look-again":
      return { ...slip, lookAgain: edit.to };
    case "answer-doubt": {
      const { [edit.rule]: _, ...others } = slip.answered;
      return { ...slip, answered: edit.to === null ? others : { ...others, [edit.rule]: edit.to } };
    }
    case "move-question":
      return undefined;
    default: {
      const question = applyToQuestion(slip.question, edit);
      return question && { ...slip, question };
    }
  }
}

type QuestionEdit = Exclude<SlipEdit, { type: "set-status" | "set-look-again" | "answer-doubt" | "move-question" }>;

function applyToQuestion(question: Question, edit: QuestionEdit): Question | undefined {
  switch (edit.type) {
    case "set-stem":
      return { ...question, stem: edit.to };
    case "set-points":
      return { ...question, points: edit.to };
    case "set-depth":
      return { ...question, depth: edit.to };
    case "set-evidence":
      return { ...question, evidence: edit.to };
    case "set-key":
      return setKey(question, edit.to);
    case "set-accepted":
      return question.kind === "gap-fill" || question.kind === "short-answer" ? { ...question, accepted: edit.to } : undefined;
    case "set-option":
      if (question.kind !== "multiple-choice" || !question.options.some((option) => option.id === edit.optionId)) return undefined;
      return { ...question, options: question.options.map((option) => (option.id === edit.optionId ? { ...option, text: edit.to } : option)) };
    case "add-option":
      if (question.kind !== "multiple-choice" || question.options.length >= MAX_OPTIONS || question.options.some((option) => option.id === edit.option.id))
        return undefined;
      return { ...question, options: question.options.toSpliced(edit.index, 0, edit.option) };
    case "remove-option":
      if (question.kind !== "multiple-choice" || question.options.length <= 2 || edit.option.id === question.key) return undefined;
      return { ...question, options: question.options.filter((option) => option.id !== edit.option.id) };
    default:
      return assertNever(edit);
  }
}

function setKey(question: Question, key: string | boolean): Question | undefined {
  if (question.kind === "true-false") return typeof key === "boolean" ? { ...question, key, correction: undefined } : undefined;
  if (typeof key === "boolean") return undefined;
  if (question.kind === "multiple-choice" && !question.options.some((option) => option.id === key)) return undefined;
  return { ...question, key };
}

function addQuestion(state: SetState, slip: Slip, index: number): Outcome<SetState> {
  if (state.slips.some((other) => other.question.id === slip.question.id)) return fail({ type: "edit-does-not-fit", edit: "add-question" });
  return ok({ ...state, slips: state.slips.toSpliced(index, 0, slip) });
}

function moveQuestion(state: SetState, questionId: string, to: number): Outcome<SetState> {
  const from = state.slips.findIndex((slip) => slip.question.id === questionId);
  if (from < 0) return fail({ type: "question-gone", questionId });
  const slip = state.slips[from]!;
  return ok({ ...state, slips: state.slips.toSpliced(from, 1).toSpliced(to, 0, slip) });
}
