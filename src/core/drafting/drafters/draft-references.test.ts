import { expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockOf } from "../candidates";
import { draftReferences } from "./draft-references";

function references(text: string) {
  return draftReferences(stockOf(analyse(text, "markdown")), 1).map(({ key, distractors }) => ({ key, distractors }));
}

it("asks what a pronoun stands for, among the other nouns near it", () => {
  const [asked] = references("When workers began to dig in 1748, they found ropes on the quay, shells on the walls and eggs on the tables.");
  expect(asked?.key).toBe("workers");
});

it("offers nothing that the noun is said to be", () => {
  const asked = references("In summer a leaf is a small factory. It takes in light and carbon dioxide and makes sugar, which feeds the whole tree.");
  expect(asked.flatMap(({ distractors }) => distractors)).not.toContain("a small factory");
});
