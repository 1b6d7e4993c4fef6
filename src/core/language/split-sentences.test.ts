import { describe, expect, it } from "vitest";
import { splitSentences } from "./split-sentences";

const split = (text: string) => splitSentences(text).map(({ start, end }) => text.slice(start, end));

describe("splitSentences", () => {
  it.each([
    ["ends at full stop, question and exclamation mark", "The tide fell. Did it rise again? It did!", ["The tide fell.", "Did it rise again?", "It did!"]],
    [
      "keeps titles and abbreviations before names together",
      "Dr. Hale met Mrs. Marrow on St. Brede's pier. They spoke.",
      ["Dr. Hale met Mrs. Marrow on St. Brede's pier.", "They spoke."],
    ],
    ["keeps initials together", "The lens was drawn by J. R. Hale in 1868. It was large.", ["The lens was drawn by J. R. Hale in 1868.", "It was large."]],
    ["does not end at a decimal point", "The tide rose 4.2 metres. It fell 3.9 metres.", ["The tide rose 4.2 metres.", "It fell 3.9 metres."]],
    [
      "does not end at an abbreviated number or figure",
      "See Fig. 3 and No. 7 on the wall. They differ.",
      ["See Fig. 3 and No. 7 on the wall.", "They differ."],
    ],
    ["keeps a quotation with the speaker who follows it", "“Stop!” he said. The boat stopped.", ["“Stop!” he said.", "The boat stopped."]],
    ["keeps a quotation of two sentences whole", "“Wait. The tide turns,” said Nell. Then she ran.", ["“Wait. The tide turns,” said Nell.", "Then she ran."]],
    ["goes on after a small letter", "They carried rope, tar, etc. to the boat. It sank.", ["They carried rope, tar, etc. to the boat.", "It sank."]],
    ["ends after a time of day", "High water was at 6 p.m. The boats left.", ["High water was at 6 p.m.", "The boats left."]],
    ["takes a text without an end mark as one sentence", "A list of knots", ["A list of knots"]],
  ])("%s", (_, text, wanted) => {
    expect(split(text)).toEqual(wanted);
  });

  it("gives offsets into the text as it stands", () => {
    const text = "  One lamp.  Two lamps. ";
    for (const { start, end } of splitSentences(text)) expect(text.slice(start, end)).toMatch(/^\S.*\.$/);
  });
});
