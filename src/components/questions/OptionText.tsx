import TextareaAutosize from "react-textarea-autosize";
import type { Option } from "@/core/questions/question";
import { QUIET_FIELD } from "./question-field";
import { useDoubt } from "./use-doubt";

type Props = { label: string; option: Option; isKey: boolean; onWrite: (text: string) => void };

/** The words of an option or of a sentence offered as proof; the place that a finding of it points to. */
export function OptionText({ label, option, isKey, onWrite }: Props) {
  const doubt = useDoubt(`option:${option.id}`, ...(isKey ? ["key"] : []));
  return (
    <TextareaAutosize
      data-place={isKey ? `option:${option.id} key` : `option:${option.id}`}
      aria-label={label}
      className={`${QUIET_FIELD} flex-1 text-[0.95rem] leading-snug ${isKey ? "font-semibold text-spruce" : ""} ${doubt}`}
      value={option.text}
      onChange={(event) => onWrite(event.target.value)}
    />
  );
}
