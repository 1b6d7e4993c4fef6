import { Plus, X } from "lucide-react";
import TextareaAutosize from "react-textarea-autosize";
import { MAX_PARTS, type MatchQuestion, type Option } from "@/core/questions/question";
import { nextPartId } from "./next-part-id";
import { type FieldProps, QUIET_FIELD } from "./question-field";

type Parts = Pick<MatchQuestion, "left" | "right" | "key">;

/** Pairs side by side as they belong together; on the sheet the right column stands shuffled. */
export function MatchFields({ question, change }: FieldProps<MatchQuestion>) {
  const { left, right, key } = question;
  const parts: Parts = { left, right, key };
  const set = (to: Parts) => change({ type: "set-parts", questionId: question.id, from: parts, to });
  const write = (column: "left" | "right", id: string, text: string) =>
    set({ ...parts, [column]: parts[column].map((item: Option) => (item.id === id ? { ...item, text } : item)) });
  const remove = ([from, to]: [string, string]) =>
    set({ left: left.filter((item) => item.id !== from), right: right.filter((item) => item.id !== to), key: key.filter(([id]) => id !== from) });
  const add = () => {
    const [from, to] = [nextPartId("l", left), nextPartId("r", right)];
    set({ left: [...left, { id: from, text: "" }], right: [...right, { id: to, text: "" }], key: [...key, [from, to]] });
  };
  const textOf = (items: readonly Option[], id: string) => items.find((item) => item.id === id)?.text ?? "";
  return (
    <fieldset>
      <legend className="label">What belongs together; the sheet shuffles the right column</legend>
      {key.map((pair, index) => (
        <div key={pair[0]} className="grid grid-cols-[minmax(5rem,2fr)_minmax(0,3fr)_auto] items-baseline gap-2 py-0.5 text-[0.95rem]">
          <TextareaAutosize
            aria-label={`Left ${index + 1}`}
            className={`${QUIET_FIELD} font-semibold leading-snug`}
            value={textOf(left, pair[0])}
            onChange={(event) => write("left", pair[0], event.target.value)}
          />
          <TextareaAutosize
            aria-label={`Right ${index + 1}`}
            className={`${QUIET_FIELD} leading-snug`}
            value={textOf(right, pair[1])}
            onChange={(event) => write("right", pair[1], event.target.value)}
          />
          {key.length > 2 ? (
            <button type="button" aria-label={`Remove pair ${index + 1}`} className="text-soft hover:text-brick" onClick={() => remove(pair)}>
              <X size={14} aria-hidden />
            </button>
          ) : null}
        </div>
      ))}
      {key.length < MAX_PARTS ? (
        <button type="button" className="mt-0.5 inline-flex items-center gap-1 text-sm text-spruce hover:underline" onClick={add}>
          <Plus size={14} aria-hidden /> Add a pair
        </button>
      ) : null}
    </fieldset>
  );
}
