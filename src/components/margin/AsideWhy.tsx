import { asideReasonSchema, type Slip } from "@/core/questions/edit";
import { ASIDE_REASONS } from "@/messages/aside-reasons";
import { keyOf, type MarginActionId } from "./margin-actions";

/** Why it was set aside: said afterwards here, or at once by its key. */
export function AsideWhy({ slip, act }: { slip: Slip; act: (id: MarginActionId, slipId?: string) => void }) {
  return (
    <fieldset className="flex flex-wrap items-center gap-2 border-line border-t px-3.5 py-2 text-sm">
      <legend className="sr-only">Why it was set aside</legend>
      <span aria-hidden className="text-soft">
        Why?
      </span>
      {asideReasonSchema.options.map((reason) => (
        <button
          key={reason}
          type="button"
          className="button min-h-7 py-0"
          aria-pressed={slip.asideReason === reason}
          onClick={() => act(`aside:${reason}`, slip.question.id)}
        >
          {ASIDE_REASONS[reason]} <kbd>{keyOf(`aside:${reason}`)}</kbd>
        </button>
      ))}
    </fieldset>
  );
}
