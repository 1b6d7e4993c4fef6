import { expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockSource } from "../source-stock";
import { falsify } from "./falsify";

const falsehoods = (text: string) => {
  const analysis = analyse(text);
  return stockSource(analysis)
    .statements.flatMap((statement) => falsify(statement, analysis, 1))
    .map(({ how, text: words }) => [how, words]);
};

it.each([
  ["number", "Each lens held forty prisms.", /^each lens held (?!forty)\S+ prisms$/],
  ["year", "A second lamp was lit in 1871.", /^a second lamp was lit in (?!1871)\d{4}$/],
  ["order", "New keepers studied a handbook before they stood a watch.", /^new keepers studied a handbook after they stood a watch$/],
  ["comparison", "Wet rope is heavier than dry rope.", /^dry rope is heavier than wet rope$/],
  ["comparison", "Fresh water carries a current more easily than salty water.", /^salty water carries a current more easily than fresh water$/],
  ["antonym", "The sun weakens the tide at the coast.", /^the sun strengthens the tide at the coast$/],
])("denies by %s", (how, text, wanted) => {
  expect(falsehoods(text)).toContainEqual([how, expect.stringMatching(wanted)]);
});

it.each([
  "A boat can carry forty people.",
  "Each lens held about forty prisms.",
  "Some keepers slept before dawn.",
  "Each lens did not hold forty prisms.",
  "By 1860 most lamps burned oil.",
  "Dogs understand tone better than words.",
  "Borrowing is sensible for a bridge that will stand for sixty years.",
])("leaves %j alone, since the change might be true", (text) => {
  expect(falsehoods(text)).toEqual([]);
});
