import { describe, expect, it } from "vitest";
import { blocksOf, tools } from "../../../tests/support/language-tools";
import { short, statement } from "../../../tests/support/rule-tester";
import type { Question } from "../questions/question";
import { askSource } from "./ask-source";

const OTHER = blocksOf(
  "The great lens of the lighthouse floats on a ring of mercury. The keepers wound the clockwork every six hours. The light does not turn by day.",
);
const asked = (question: Question) => askSource(question, OTHER, tools().lexicon).map(({ says, sentence }) => [says, sentence]);

describe("another source", () => {
  it("says so", () => {
    expect(asked(short("What does the lens float on?", "a ring of mercury"))).toEqual([
      ["so", "The great lens of the lighthouse floats on a ring of mercury."],
    ]);
  });
  it("says otherwise by another number", () => {
    expect(asked(short("How often did the keepers wind the clockwork?", "every four hours"))).toEqual([
      ["otherwise", "The keepers wound the clockwork every six hours."],
    ]);
  });
  it("says otherwise by a not", () => {
    expect(asked(statement("The light turns by day.", true))).toEqual([["otherwise", "The light does not turn by day."]]);
  });
  it("says nothing of another matter", () => {
    expect(asked(short("Why do crabs hide under wet seaweed?", "to stay wet"))).toEqual([]);
  });
});
