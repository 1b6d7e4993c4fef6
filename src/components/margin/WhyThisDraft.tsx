import { SHOWN_FROM } from "@/core/drafting/shown-from";
import type { Slip } from "@/core/questions/edit";
import { patternText } from "@/messages/patterns";

/** What the draft was made from. The rank counts only against other drafts of the same source. */
export function WhyThisDraft({ origin }: { origin: NonNullable<Slip["origin"]> }) {
  return (
    <details className="border-line border-t px-3.5 py-1.5 text-sm">
      <summary className="cursor-pointer text-soft">Why this draft?</summary>
      <p className="mt-1">{patternText(origin.pattern)}</p>
      {origin.matched ? <p>It serves the outcome, since it {origin.matched} with it.</p> : null}
      <p className="text-soft">
        {`Its rank is ${origin.score.toFixed(1)}: how often drafts with the same marks were kept by those who rated them, and what the fact is worth. Most kinds show nothing under ${SHOWN_FROM}.`}
      </p>
    </details>
  );
}
