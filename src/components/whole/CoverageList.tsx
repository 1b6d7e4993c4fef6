import Link from "next/link";
import type { CoveredBlock } from "@/core/checking/survey-set";
import { locatorLabel } from "@/core/source/locator-label";

/** Each paragraph with how many questions rest on it; what nothing asks about stands out. */
export function CoverageList({ setId, coverage }: { setId: string; coverage: readonly CoveredBlock[] }) {
  return (
    <ul className="text-sm">
      {coverage.map(({ block, kept, drafts }) => {
        const count = kept.length + drafts.length;
        return (
          <li key={block.id} className="grid grid-cols-[auto_minmax(0,1fr)_auto] gap-x-3 sm:grid-cols-[7rem_minmax(0,1fr)_9rem] border-line border-t py-1.5">
            <span className="text-soft">{locatorLabel(block.locator)}</span>
            <span className="truncate font-read">{block.text}</span>
            {count === 0 ? (
              <span className="text-ochre">◇ nothing asks</span>
            ) : (
              <Link className="tabular text-spruce underline" href={`/sets/${setId}/margin?only=${encodeURIComponent(`block:${block.id}`)}`}>
                {[kept.length > 0 ? `${kept.length} kept` : "", drafts.length > 0 ? `${drafts.length} ${drafts.length === 1 ? "draft" : "drafts"}` : ""]
                  .filter(Boolean)
                  .join(", ")}
              </Link>
            )}
          </li>
        );
      })}
    </ul>
  );
}
