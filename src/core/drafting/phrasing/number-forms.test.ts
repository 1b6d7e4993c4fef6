import { expect, it } from "vitest";
import { numberForms, numberValue, numberWords, writeLike } from "./number-forms";

it.each([
  ["1,016", 1016],
  ["forty-one", 41],
  ["three hundred", 300],
  ["two thousand and six", 2006],
  ["3.5", 3.5],
  ["rope", undefined],
  ["1.2.3", undefined],
] as const)("%s is %s", (text, value) => {
  expect(numberValue(text)).toBe(value);
});
it.each([
  [7, "seven"],
  [94, "ninety-four"],
  [112, "one hundred and twelve"],
  [2400, "two thousand four hundred"],
])("%s in words is %s", (value, words) => {
  expect(numberWords(value)).toBe(words);
});
it("lists the other ways to write a number", () => {
  expect(numberForms("1,016")).toEqual(["1016", "one thousand and sixteen"]);
  expect(numberForms("four")).toEqual(["4"]);
});
it("writes a number the way its model is written", () => {
  expect(writeLike(1116, "1,016")).toBe("1,116");
  expect(writeLike(6, "four")).toBe("six");
});
