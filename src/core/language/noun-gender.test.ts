import { expect, it } from "vitest";
import { KIN_NAMES, nounGender, titleGender } from "./noun-gender";

it.each([
  ["father", "he"],
  ["Queen", "she"],
  ["keeper", undefined],
])("%s is %s", (noun, gender) => {
  expect(nounGender(noun)).toBe(gender);
});

it.each([
  ["Mr", "he"],
  ["Mrs.", "she"],
  ["Aunt", "she"],
  ["Dr", undefined],
])("%s before a name says %s", (title, gender) => {
  expect(titleGender(title)).toBe(gender);
});

it("knows of every name of kin whether it is a he or a she", () => {
  expect([...KIN_NAMES].filter((noun) => nounGender(noun) === undefined)).toEqual([]);
});
