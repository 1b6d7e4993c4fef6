import { expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockSource } from "../source-stock";
import { byContrast, byCounterpart } from "./by-contrast";

const told = (text: string) => {
  const analysis = analyse(text);
  return stockSource(analysis).statements.flatMap((statement) => [...byContrast(statement), ...byCounterpart(statement, analysis)].map((found) => found.text));
};

it.each([
  ["A fan uses electricity to make wind, whereas a turbine uses wind to make electricity.", "a turbine uses electricity to make wind"],
  ["A captain received two shares, but a sailor received one share.", "a sailor received two shares"],
  ["Hard granite loses a few millimetres in a century, while soft clay loses a metre.", "soft clay loses a few millimetres in a century"],
  ["The inner hull is made of thick steel. The outer hull gives the boat its shape.", "the outer hull is made of thick steel"],
  ["The female lays a single egg on the ice. The male keeps the egg warm on his feet.", "the male lays a single egg on the ice"],
])("tells %j of the other one", (text, wanted) => {
  expect(told(text)).toContain(wanted);
});

it.each([
  ["what both may do", "The male lives in the sea for a year. The female grows in the river."],
  ["what the other is said to do as well", "The upper lamp warns the ships at night. The lower lamp warns the ships in fog."],
  ["what nothing is told of the other for", "The inner hull is made of thick steel."],
  ["two things that are not set against each other", "The keeper lit the lamp, but the fog hid the rocks."],
  ["what is said of both", "The inner hull is also made of thick steel. The outer hull also gives the boat its shape."],
])("leaves %s alone", (_, text) => {
  expect(told(text)).toEqual([]);
});
