import { expect, it } from "vitest";
import { evidence, match } from "../../../tests/support/rule-tester";
import type { WordInContext } from "../questions/question";
import { takesMeaningFromOutside } from "./meaning-from-outside";

const inContext = (meaning: string): WordInContext => ({
  kind: "word-in-context",
  id: "q1",
  stem: "What does “petition” mean in the passage?",
  points: 1,
  depth: "understanding",
  evidence: evidence("A petition is a letter that many people sign."),
  options: [
    { id: "o1", text: meaning },
    { id: "o2", text: "a short stop" },
  ],
  key: "o1",
});
const petition = { evidence: evidence("A petition is a letter that many people sign.") };

it.each([
  ["a meaning that the evidence gives", inContext("a letter that many people sign"), false],
  ["a meaning that it does not give", inContext("a wish that is written down"), true],
  ["an option that is still empty", inContext(""), false],
  ["pairs that the evidence gives", match("Match.", [["Petition", "a letter that many people sign"]], petition), false],
  ["a pair of a taught word", match("Match.", [["steep", "going almost straight up or down"]], petition), true],
] as const)("%s", (_, question, fromOutside) => {
  expect(takesMeaningFromOutside(question)).toBe(fromOutside);
});
