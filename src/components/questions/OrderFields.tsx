import { ChevronDown, ChevronUp, Plus, X } from "lucide-react";
import TextareaAutosize from "react-textarea-autosize";
import { MAX_PARTS, type Option, type OrderQuestion } from "@/core/questions/question";
import { nextPartId } from "./next-part-id";
import { type FieldProps, QUIET_FIELD } from "./question-field";

type Parts = Pick<OrderQuestion, "items" | "key">;

/** The items in their right order; on the sheet they stand shuffled. */
export function OrderFields({ question, change }: FieldProps<OrderQuestion>) {
  const { items, key } = question;
  const set = (to: Parts) => change({ type: "set-parts", questionId: question.id, from: { items, key }, to });
  const inOrder = key.flatMap((id) => items.find((item) => item.id === id) ?? []);
  const write = (item: Option, text: string) => set({ items: items.map((other) => (other.id === item.id ? { ...other, text } : other)), key });
  const move = (index: number, by: 1 | -1) => {
    const ids = [...key];
    [ids[index], ids[index + by]] = [ids[index + by]!, ids[index]!];
    set({ items, key: ids });
  };
  return (
    <fieldset>
      <legend className="label">In the right order; the sheet shows them shuffled</legend>
      {inOrder.map((item, index) => (
        <div key={item.id} className="flex items-baseline gap-2 py-0.5">
          <span aria-hidden className="tabular w-4 text-right font-bold text-sm text-spruce">
            {index + 1}
          </span>
          <TextareaAutosize
            aria-label={`Item ${index + 1}`}
            className={`${QUIET_FIELD} flex-1 text-[0.95rem] leading-snug`}
            value={item.text}
            onChange={(event) => write(item, event.target.value)}
          />
          <span className="inline-flex text-soft">
            <button
              type="button"
              aria-label={`Move item ${index + 1} up`}
              disabled={index === 0}
              className="disabled:opacity-30"
              onClick={() => move(index, -1)}
            >
              <ChevronUp size={15} aria-hidden />
            </button>
            <button
              type="button"
              aria-label={`Move item ${index + 1} down`}
              disabled={index === inOrder.length - 1}
              className="disabled:opacity-30"
              onClick={() => move(index, 1)}
            >
              <ChevronDown size={15} aria-hidden />
            </button>
            {inOrder.length > 2 ? (
              <button
                type="button"
                aria-label={`Remove item ${index + 1}`}
                className="ml-1 hover:text-brick"
                onClick={() => set({ items: items.filter((other) => other.id !== item.id), key: key.filter((id) => id !== item.id) })}
              >
                <X size={14} aria-hidden />
              </button>
            ) : null}
          </span>
        </div>
      ))}
      {items.length < MAX_PARTS ? (
        <button
          type="button"
          className="mt-0.5 inline-flex items-center gap-1 text-sm text-spruce hover:underline"
          onClick={() => {
            const id = nextPartId("i", items);
            set({ items: [...items, { id, text: "" }], key: [...key, id] });
          }}
        >
          <Plus size={14} aria-hidden /> Add an item
        </button>
      ) : null}
    </fieldset>
  );
}
