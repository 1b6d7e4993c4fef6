import { expect, it } from "vitest";
import { asked } from "../../../tests/support/fact-tester";

const CAMELS =
  "# Camels\n\nA camel can walk through the desert for ten days. A thirsty camel can drink a hundred litres. The body of a camel fits the desert. ";
const stems = (text: string) =>
  asked(CAMELS + text)
    .map(([stem]) => stem)
    .join("\n");

it.each([
  ["of what a text is about", "Two rows of long lashes keep sand out of its eyes.", "keep sand out of the camel’s eyes"],
  ["as the subject", "Its nose catches the moisture in the air.", "the camel’s nose catch"],
])("a part of a body is that %s", (_, text, wanted) => {
  expect(stems(text)).toContain(wanted);
});

it.each([
  ["where another animal stands beside it", "A horse is faster. Two rows of long lashes keep sand out of its eyes."],
  ["where the sentence names its owner", "The robot moves its arm with a motor."],
])("and stays open %s", (_, text) => {
  expect(stems(text)).not.toContain("the camel’s");
});
