import { describe, expect, it } from "vitest";
import { rankedCandidates } from "@/core/drafting/candidates";
import { analyse } from "./language-tools";

/** What was drafted wrongly, by group and name: the words of the source, and what must never come of them again. */
export type Faults = Record<string, Record<string, [text: string, never: RegExp]>>;

/** Every stem with its key that the engine would show for a text. */
function shown(text: string): string[] {
  return rankedCandidates(analyse(text, "markdown"), 1).map(({ candidate: { stem, key } }) => `${stem} = ${key}`);
}

/** One test for each fault, and one that the texts give drafts at all. */
export function neverDrafts(all: Faults): void {
  for (const [sort, faults] of Object.entries(all))
    describe(sort, () => {
      for (const [name, [text, never]] of Object.entries(faults))
        it(name, () => {
          expect(shown(text).filter((draft) => never.test(draft))).toEqual([]);
        });
    });

  it("something is drafted from most of these texts, so that they can be wrong at all", () => {
    const texts = Object.values(all).flatMap((faults) => Object.values(faults).map(([text]) => text));
    expect(texts.filter((text) => shown(text).length > 0).length).toBeGreaterThan(texts.length * 0.5);
  });
}
