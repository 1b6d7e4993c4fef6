import { describe, expect, it } from "vitest";
import { tools } from "../../../tests/support/language-tools";
import { choice, evidence, gap, short, statement } from "../../../tests/support/rule-tester";
import type { Question } from "../questions/question";
import { checkWholeSet } from "./check-whole-set";

const check = (...questions: Question[]) =>
  checkWholeSet(
    questions.map((question, index) => ({ ...question, id: `q${index + 1}` })),
    tools().lexicon,
  );
const rules = (...questions: Question[]) => check(...questions).map(({ rule, ids }) => [rule, ids.join(" ")]);
const OTHER = { evidence: evidence("Wet rope is harder to untie than dry rope.") };

describe("a set as a whole", () => {
  it("is warned of keys that all stand in one place", () => {
    const stems = ["How often did keepers wind it?", "What is heavy?", "Which rope is harder?", "What is a petition?", "When does it turn?"];
    const places = evidence("A petition is a letter that many people sign.");
    const alike = stems.map((stem, index) => choice(stem, [`a${index}`, `b${index}`, `c${index}`], 1, { evidence: index % 2 ? places : OTHER.evidence }));
    expect(check(...alike).find(({ rule }) => rule === "keys-spread")).toEqual({
      rule: "keys-spread",
      ids: ["q1", "q2", "q3", "q4", "q5"],
      reason: "The key of 5 of 5 choices is B. Move some of them.",
    });
    const spread = alike.map((question, index) => (question.kind === "multiple-choice" ? { ...question, key: `o${(index % 3) + 1}` } : question));
    expect(rules(...spread).filter(([rule]) => rule === "keys-spread")).toEqual([]);
  });
  it("is warned of a question that gives another's answer away, in that direction", () => {
    const tells = statement("The keepers wound the clockwork every four hours.", true);
    const asks = short("How often did the keepers wind the clockwork?", "every four hours");
    expect(rules(tells, asks)).toContainEqual(["no-cue-from-others", "q1 q2"]);
    expect(rules(statement("The keepers wound the clockwork every two hours.", false), asks).filter(([rule]) => rule === "no-cue-from-others")).toEqual([]);
  });
  it("is warned of the same question twice", () => {
    expect(rules(short("Why does the lens float on mercury?", "x"), gap("The lens floats on mercury, a ____.", "metal"))).toContainEqual([
      "asked-once",
      "q1 q2",
    ]);
  });
  it("is warned of a sentence that four questions rest on", () => {
    const four = ["a lamp", "a rope", "a glass", "a knot"].map((thing) => short(`What is ${thing} for?`, thing));
    expect(rules(...four)).toContainEqual(["evidence-spread", "q1 q2 q3 q4"]);
  });
  it("is left alone where its questions are of different things", () => {
    expect(
      check(short("How often did keepers wind the clockwork?", "every four hours"), gap("A ____ is a letter that many people sign.", "petition", OTHER)),
    ).toEqual([]);
  });
});
