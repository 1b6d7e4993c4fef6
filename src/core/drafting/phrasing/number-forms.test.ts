import { expect, it } from "vitest";
import { numberForms, numberValue, numberWords, withoutHedge, writeLike } from "./number-forms";

it.each([
  ["1,016", 1016],
  ["forty-one", 41],
  ["three hundred", 300],
  ["two thousand and six", 2006],
  ["3.5", 3.5],
  ["rope", undefined],
  ["1.2.3", undefined],
  ["£9,000", 9000],
  ["2.5 million", 2_500_000],
  ["$7.2 million", 7_200_000],
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
  expect(numberForms("£9,000")).toEqual(["£9000", "9,000 pounds", "9000 pounds", "9,000", "9000", "nine thousand pounds"]);
});
it("writes a number the way its model is written", () => {
  expect(writeLike(1116, "1,016")).toBe("1,116");
  expect(writeLike(6, "four")).toBe("six");
  expect(writeLike(8000, "£9,000")).toBe("£8,000");
  expect(writeLike(2_600_000, "2.5 million")).toBe("2.6 million");
});
it.each([
  ["about £9,000", "£9,000"],
  ["more than twelve", "twelve"],
  ["forty", "forty"],
])("%s without its hedge is %s", (text, bare) => {
  expect(withoutHedge(text)).toBe(bare);
});
