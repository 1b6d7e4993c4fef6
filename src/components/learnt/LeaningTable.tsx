import { type ChangedPart, FELT, type Judgement, type Leaning, leaningKey } from "@/core/drafting/ranking/learn-leanings";
import { asideReasonSchema } from "@/core/questions/edit";
import { kindOf } from "@/core/questions/kinds";
import { ASIDE_REASONS } from "@/messages/aside-reasons";
import { patternText } from "@/messages/patterns";

const CHANGED_NAMES: Record<ChangedPart, string> = {
  wording: "the wording",
  options: "options or parts",
  key: "the key",
  answers: "accepted answers",
  evidence: "the evidence",
};
const CHANGED_PARTS = Object.keys(CHANGED_NAMES) as ChangedPart[];

/** Each way of asking that was judged, the strongest leaning first. */
export function LeaningTable({ leanings, judgements }: { leanings: readonly Leaning[]; judgements: readonly Judgement[] }) {
  const count = judgements.length;
  const reasons = asideReasonSchema.options
    .map((reason) => ({ reason, times: judgements.filter((one) => one.reason === reason).length }))
    .filter(({ times }) => times > 0);
  const changed = CHANGED_PARTS.map((part) => ({ part, times: judgements.filter((one) => one.changes?.includes(part)).length })).filter(
    ({ times }) => times > 0,
  );
  return (
    <div className="mt-5 overflow-x-auto">
      <p className="tabular text-sm text-soft">
        From {count} {count === 1 ? "draft" : "drafts"} that you judged.
        {reasons.length > 0 ? ` Set aside because: ${reasons.map(({ reason, times }) => `${ASIDE_REASONS[reason]} (${times})`).join(", ")}.` : ""}
        {changed.length > 0 ? ` Changed before they were kept: ${changed.map(({ part, times }) => `${CHANGED_NAMES[part]} (${times})`).join(", ")}.` : ""}
      </p>
      <table className="tabular mt-2 w-full text-left text-sm">
        <thead>
          <tr className="border-line border-b">
            <th className="py-1.5 pr-3 font-semibold">Made from</th>
            <th className="pr-3 font-semibold">Kind</th>
            <th className="pr-3 text-right font-semibold">Kept</th>
            <th className="pr-3 text-right font-semibold">After a change</th>
            <th className="pr-3 text-right font-semibold">Set aside</th>
            <th className="font-semibold">From now on</th>
          </tr>
        </thead>
        <tbody>
          {leanings.map((leaning) => (
            <tr key={leaningKey(leaning)} className="border-line border-b align-baseline">
              <td className="min-w-44 py-1.5 pr-3">
                <span className="font-read">{patternText(leaning.pattern)}</span> <code className="text-soft text-xs">{leaning.pattern}</code>
              </td>
              <td className="pr-3">{kindOf(leaning.kind).name}</td>
              <td className="pr-3 text-right">{leaning.kept}</td>
              <td className="pr-3 text-right">{leaning.edited}</td>
              <td className="pr-3 text-right">{leaning.aside}</td>
              <td className="whitespace-nowrap">{effectOf(leaning.shift)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function effectOf(shift: number): string {
  if (Math.abs(shift) < FELT) return "as before";
  return `${shift > 0 ? "earlier" : "later"} (${shift > 0 ? "+" : "−"}${Math.abs(shift).toFixed(2)})`;
}
