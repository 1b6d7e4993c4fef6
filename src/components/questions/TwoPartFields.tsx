import TextareaAutosize from "react-textarea-autosize";
import { letterOf } from "@/core/checking/option-letters";
import type { Option, TwoPart } from "@/core/questions/question";
import { OptionText } from "./OptionText";
import { type FieldProps, QUIET_FIELD } from "./question-field";

type Parts = Pick<TwoPart, "options" | "proofStem" | "proofs" | "key">;

/** The options of both parts; the marked ones are the key. */
export function TwoPartFields({ question, change }: FieldProps<TwoPart>) {
  const { options, proofStem, proofs, key } = question;
  const parts: Parts = { options, proofStem, proofs, key };
  const set = (to: Partial<Parts>) => change({ type: "set-parts", questionId: question.id, from: parts, to: { ...parts, ...to } });
  const write = (items: readonly Option[], id: string, text: string) => items.map((item) => (item.id === id ? { ...item, text } : item));
  return (
    <div>
      <Choice
        legend="Options; the marked one is the key"
        name={`first-${question.id}`}
        label="Option"
        items={options}
        keyId={key[0]}
        onKey={(id) => set({ key: [id, key[1]] })}
        onWrite={(id, text) => set({ options: write(options, id, text) })}
      />
      <TextareaAutosize
        aria-label="Second question"
        className={`${QUIET_FIELD} mt-1.5 font-semibold text-[0.95rem] leading-snug`}
        value={proofStem}
        onChange={(event) => set({ proofStem: event.target.value })}
      />
      <Choice
        legend="Sentences; the marked one proves the answer"
        name={`second-${question.id}`}
        label="Sentence"
        items={proofs}
        keyId={key[1]}
        onKey={(id) => set({ key: [key[0], id] })}
        onWrite={(id, text) => set({ proofs: write(proofs, id, text) })}
      />
    </div>
  );
}

type ChoiceProps = {
  legend: string;
  name: string;
  label: string;
  items: readonly Option[];
  keyId: string;
  onKey: (id: string) => void;
  onWrite: (id: string, text: string) => void;
};

function Choice({ legend, name, label, items, keyId, onKey, onWrite }: ChoiceProps) {
  return (
    <fieldset>
      <legend className="sr-only">{legend}</legend>
      {items.map((item, index) => {
        const letter = letterOf(index);
        const isKey = item.id === keyId;
        return (
          <div key={item.id} className="flex items-baseline gap-2 py-0.5">
            <label className="flex cursor-pointer items-baseline gap-1.5">
              <input
                type="radio"
                name={name}
                className="accent-spruce"
                checked={isKey}
                aria-label={`${label} ${letter} is the key`}
                onChange={() => onKey(item.id)}
              />
              <span aria-hidden className={`w-3.5 text-sm ${isKey ? "font-bold text-spruce" : "text-soft"}`}>
                {letter}
              </span>
            </label>
            <OptionText label={`${label} ${letter}`} option={item} isKey={isKey} onWrite={(text) => onWrite(item.id, text)} />
          </div>
        );
      })}
    </fieldset>
  );
}
