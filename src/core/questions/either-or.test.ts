import { expect, it } from "vitest";
import { choicesInStem, isKeyOffered } from "./either-or";

it("finds the two that a stem names to choose between", () => {
  expect(choicesInStem("Which is heavier: the moon or the sun?")).toEqual(["the moon", "the sun"]);
});

it("finds none in a question without a choice", () => {
  expect(choicesInStem("Which rope is heavier than wet rope?")).toBeUndefined();
});

it("takes a key for offered only where it is one of the two, whole", () => {
  expect(isKeyOffered("Which is heavier: the moon or the sun?", "The sun")).toBe(true);
  expect(isKeyOffered("Which is heavier: the moon or the sun?", "The sun's core")).toBe(false);
});
