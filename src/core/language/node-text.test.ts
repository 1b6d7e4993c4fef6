import { expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { midSentence, nodeRange, nodeText, sentenceCase, withoutAside } from "./node-text";

const subject = (text: string) => {
  const [sentence] = analyse(text).sentences;
  const [clause] = sentence!.clauses;
  return { sentence: sentence!, node: clause!.subject };
};

it.each([
  ["The lamp burns.", "the lamp"],
  ["Ida Marrow slept.", "Ida Marrow"],
  ["Keepers slept.", "keepers"],
])("writes the subject of %j for the middle of a sentence", (text, wanted) => {
  const { sentence, node } = subject(text);
  expect(midSentence(sentence, node)).toBe(wanted);
});

it("keeps the source's own words and places", () => {
  const { sentence, node } = subject("The keeper’s old lamp burns.");
  expect(nodeText(sentence, node)).toBe("The keeper’s old lamp");
  const { start, end } = nodeRange(sentence, node);
  expect(sentence.block.text.slice(start, end)).toBe("The keeper’s old lamp");
});

it("leaves out what is said in passing", () => {
  const { sentence, node } = subject("The largest lenses, called first-order lenses, weighed three tonnes.");
  expect(nodeText(sentence, withoutAside(node))).toBe("The largest lenses");
});

it("begins a sentence", () => {
  expect(sentenceCase("because it rained")).toBe("Because it rained");
});
