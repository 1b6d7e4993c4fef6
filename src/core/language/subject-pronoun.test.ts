import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { isExpletive, isWeather, pronounOf } from "./subject-pronoun";

const first = (text: string) => {
  const [clause] = analyse(text).sentences.at(-1)!.clauses;
  if (!clause) throw new Error(`Not understood: ${text}`);
  return clause;
};

describe("the pronoun that a subject is", () => {
  it.each([
    ["he", "He slept."],
    ["it", "It burned oil."],
    ["they", "They slept."],
    [undefined, "The lamp burned oil."],
    [undefined, "Some of it burned."],
    [undefined, "We slept."],
  ])("is %s in %j", (wanted, text) => {
    expect(pronounOf(first(text).subject)).toBe(wanted);
  });
});

describe("an it that stands for nothing", () => {
  it.each([
    "It rains in autumn.",
    "It was dark to see.",
    "It took Ida three years to finish the lamp.",
    "It is true that the lamp burned.",
    "It was ten past eight.",
    "It was evening.",
  ])("%s", (text) => {
    expect(isExpletive("it", first(text))).toBe(true);
  });
  it.each(["It burned oil.", "It was a lamp.", "It took the road to the sea.", "It was heavy."])("not in %s", (text) => {
    expect(isExpletive("it", first(text))).toBe(false);
  });
  it("is never they", () => {
    expect(isExpletive("they", first("They seem to sleep."))).toBe(false);
  });
});

it("weather is what no one does", () => {
  expect(isWeather(first("It rains in autumn."))).toBe(true);
  expect(isWeather(first("Ash rains on the town."))).toBe(false);
});
