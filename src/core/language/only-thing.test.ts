import { expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { positionKey } from "./analysis";

/** What the pronoun that opens the last sentence stands for. */
function meant(text: string): string | undefined {
  const { sentences, antecedents } = analyse(text);
  const last = sentences.at(-1)!;
  return antecedents.get(positionKey(last, last.clauses[0]!.subject.start))?.text;
}

it.each([
  ["the one thing that somebody made", "Ida built a clock from hard wood. It struck every hour.", "the clock"],
  ["what was measured", "First two speakers measured the playground. It was sixty metres long.", "the playground"],
  ["one of two things", "Ida carried the lamp to the boat. It struck a rock.", undefined],
  ["a whole event", "Ida lost the oar. It was a bad day.", undefined],
  ["several things, of which something is done", "Ida made candles. They were sold in town.", "candles"],
  ["people, as likely as what they take down", "The judge takes notes. They shake hands and vote.", undefined],
])("a pronoun behind somebody's deed is %s", (_, text, wanted) => {
  expect(meant(text)).toBe(wanted);
});
