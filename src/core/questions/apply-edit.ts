import { assertNever } from "../lib/assert-never";
import { fail, ok, type Result } from "../lib/result";
import type { Edit, Parts, SetState, Slip } from "./edit";
import { isChoice, isKeyed, MAX_OPTIONS, MAX_PARTS, type Question } from "./question";

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
      return { ...slip, status: edit.to, asideReason: (edit.to === "aside" && edit.reason?.to) || undefined };
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
    case "set-note": {
      const { [edit.field]: _, ...rest } = question;
      return (edit.to === "" ? rest : { ...question, [edit.field]: edit.to }) as Question;
    }
    case "set-depth":
      return { ...question, depth: edit.to };
    case "set-evidence":
      return { ...question, evidence: edit.to };
    case "set-key":
      return setKey(question, edit.to);
    case "set-parts":
      return setParts(question, edit.to);
    case "set-accepted":
      return question.kind === "gap-fill" || question.kind === "short-answer" ? { ...question, accepted: edit.to } : undefined;
    case "set-option":
      if (!isChoice(question) || !question.options.some((option) => option.id === edit.optionId)) return undefined;
      return { ...question, options: question.options.map((option) => (option.id === edit.optionId ? { ...option, text: edit.to } : option)) };
    case "add-option":
      if (!isChoice(question) || question.options.length >= MAX_OPTIONS || question.options.some((option) => option.id === edit.option.id)) return undefined;
      return { ...question, options: question.options.toSpliced(edit.index, 0, edit.option) };
    case "remove-option":
      if (!isChoice(question) || question.options.length <= 2 || isKeyed(question, edit.option.id)) return undefined;
      return { ...question, options: question.options.filter((option) => option.id !== edit.option.id) };
    default:
      return assertNever(edit);
  }
}

type SetKey = Extract<Edit, { type: "set-key" }>["to"];

function setKey(question: Question, key: SetKey): Question | undefined {
  switch (question.kind) {
    case "true-false":
      return typeof key === "boolean" ? { ...question, key, correction: undefined } : undefined;
    case "number":
      return typeof key === "object" && "value" in key ? { ...question, key } : undefined;
    case "open-response":
      return typeof key === "object" && "model" in key ? { ...question, key } : undefined;
    case "essay":
      return typeof key === "object" && "models" in key ? { ...question, key } : undefined;
    case "select-all":
      return Array.isArray(key) && key.length > 0 && key.every((id) => question.options.some((option) => option.id === id)) ? { ...question, key } : undefined;
    case "multiple-choice":
    case "word-in-context":
      return typeof key === "string" && question.options.some((option) => option.id === key) ? { ...question, key } : undefined;
    case "gap-fill":
    case "short-answer":
      return typeof key === "string" ? { ...question, key } : undefined;
    default:
      return undefined;
  }
}

/** Parts whose key names only what is there, each thing once. */
function setParts(question: Question, parts: Parts): Question | undefined {
  if (question.kind === "order" && "items" in parts) {
    const ids = new Set(parts.items.map((item) => item.id));
    const isWhole = ids.size === parts.items.length && parts.key.length === ids.size && parts.key.every((id) => ids.delete(id));
    return isWhole && parts.items.length <= MAX_PARTS ? { ...question, ...parts } : undefined;
  }
  if (question.kind === "multiple-choice" && "options" in parts && !("proofs" in parts)) {
    const isWhole = parts.options.some((option) => option.id === parts.key) && new Set(parts.options.map((option) => option.id)).size === parts.options.length;
    return isWhole && parts.options.length >= 2 && parts.options.length <= MAX_OPTIONS ? { ...question, ...parts } : undefined;
  }
  if (question.kind === "two-part" && "proofs" in parts) {
    const has = (options: readonly { id: string }[], id: string) => options.some((option) => option.id === id);
    const isWhole = has(parts.options, parts.key[0]) && has(parts.proofs, parts.key[1]);
    return isWhole && parts.options.length <= MAX_OPTIONS && parts.proofs.length <= MAX_OPTIONS ? { ...question, ...parts } : undefined;
  }
  if (question.kind === "gap-fill" && "accepted" in parts) {
    const { choices: _, more: __, bank: ___, ...rest } = question;
    return { ...rest, ...parts };
  }
  if (question.kind === "match" && "left" in parts) {
    const [left, right] = [new Set(parts.left.map((item) => item.id)), new Set(parts.right.map((item) => item.id))];
    const isWhole = parts.key.length === parts.left.length && parts.key.every(([from, to]) => left.delete(from) && right.has(to));
    return isWhole && parts.left.length <= MAX_PARTS && parts.right.length <= MAX_PARTS ? { ...question, ...parts } : undefined;
  }
  return undefined;
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
