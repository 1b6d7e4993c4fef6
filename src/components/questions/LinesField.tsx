import { useState } from "react";
import TextareaAutosize from "react-textarea-autosize";
import { QUIET_FIELD } from "./question-field";

type Props = { label: string; separator: string; value: readonly string[]; onChange: (value: string[]) => void; placeholder?: string };

/** A list written as one text; it is kept as typed, so that a separator at the end stays while writing. */
export function LinesField({ label, separator, value, onChange, placeholder }: Props) {
  const joint = separator === "\n" ? "\n" : separator === "," ? ", " : ` ${separator} `;
  const [typed, setTyped] = useState(value.join(joint));
  const read = (text: string) =>
    text
      .split(separator)
      .map((part) => part.trim())
      .filter(Boolean);
  const shown = read(typed).join(joint) === value.join(joint) ? typed : value.join(joint);
  return (
    <TextareaAutosize
      aria-label={label}
      className={`${QUIET_FIELD} leading-snug`}
      placeholder={placeholder}
      value={shown}
      onChange={(event) => {
        setTyped(event.target.value);
        const to = read(event.target.value);
        if (to.join(joint) !== value.join(joint)) onChange(to);
      }}
    />
  );
}
