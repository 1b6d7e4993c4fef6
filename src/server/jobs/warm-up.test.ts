import { expect, it } from "vitest";
import { readAndDraft } from "./warm-up";
import { WARM_UP_PARAGRAPHS } from "./warm-up-text";

it("drafts from its own text, so that all stages have run", () => {
  expect(readAndDraft(WARM_UP_PARAGRAPHS.join(" "))).toBeGreaterThan(5);
});
