import { Plus, X } from "lucide-react";
import { letterOf } from "@/core/checking/option-letters";
import { type Choice, isKeyed, MAX_OPTIONS } from "@/core/questions/question";
import { OptionText } from "./OptionText";
import type { FieldProps } from "./question-field";

/** The options, which of them is right, and room for more. */
export function ChoiceFields({ question, change }: FieldProps<Choice>) {
  const add = () => {
    const used = new Set(question.options.map((option) => option.id));
    const id = Array.from({ length: MAX_OPTIONS + 1 }, (_, index) => `o${index + 1}`).find((candidate) => !used.has(candidate))!;
    change({ type: "add-option", questionId: question.id, index: question.options.length, option: { id, text: "" } });
  };
  return (
    <fieldset>
      <legend className={question.kind === "poll" ? "label" : "sr-only"}>{LEGEND[question.kind]}</legend>
      {question.options.map((option, index) => {
        const letter = letterOf(index);
        const isKey = isKeyed(question, option.id);
        return (
          <div key={option.id} className="group flex items-baseline gap-2 py-0.5">
            <label className="flex cursor-pointer items-baseline gap-1.5" htmlFor={`key-${question.id}-${option.id}`}>
              <KeyMark question={question} letter={letter} optionId={option.id} change={change} />
              <span aria-hidden className={`w-3.5 text-sm ${isKey ? "font-bold text-spruce" : "text-soft"}`}>
                {letter}
              </span>
            </label>
            <OptionText
              label={`Option ${letter}`}
              option={option}
              isKey={isKey}
              onWrite={(to) => change({ type: "set-option", questionId: question.id, optionId: option.id, from: option.text, to })}
            />
            {isKey ? (
              <span className="text-soft text-xs">key</span>
            ) : question.options.length > 2 ? (
              <button
                type="button"
                aria-label={`Remove option ${letter}`}
                className="rounded-xs text-soft opacity-40 hover:text-brick hover:opacity-100 focus-visible:opacity-100"
                onClick={() => change({ type: "remove-option", questionId: question.id, index, option })}
              >
                <X size={14} aria-hidden />
              </button>
            ) : null}
          </div>
        );
      })}
      {question.options.length < MAX_OPTIONS ? (
        <button type="button" className="mt-0.5 inline-flex items-center gap-1 text-sm text-spruce hover:underline" onClick={add}>
          <Plus size={14} aria-hidden /> Add an option
        </button>
      ) : null}
    </fieldset>
  );
}

const LEGEND: Record<Choice["kind"], string> = {
  "multiple-choice": "Options; the marked one is the key",
  "word-in-context": "Options; the marked one is the key",
  "select-all": "Options; the marked ones are the key",
  poll: "Options; an opinion has no key",
};

/** One right option is chosen, several are ticked, and an opinion has none. */
function KeyMark({ question, letter, optionId, change }: FieldProps<Choice> & { letter: string; optionId: string }) {
  if (question.kind === "poll") return null;
  if (question.kind === "select-all") {
    const { key } = question;
    const isKey = key.includes(optionId);
    return (
      <input
        id={`key-${question.id}-${optionId}`}
        type="checkbox"
        className="accent-spruce"
        checked={isKey}
        aria-label={`Option ${letter} is right`}
        disabled={isKey && key.length === 1}
        onChange={() => change({ type: "set-key", questionId: question.id, from: key, to: isKey ? key.filter((id) => id !== optionId) : [...key, optionId] })}
      />
    );
  }
  return (
    <input
      id={`key-${question.id}-${optionId}`}
      type="radio"
      name={`key-${question.id}`}
      className="accent-spruce"
      checked={question.key === optionId}
      aria-label={`Option ${letter} is the key`}
      onChange={() => change({ type: "set-key", questionId: question.id, from: question.key, to: optionId })}
    />
  );
}
