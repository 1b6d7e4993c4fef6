import { describe, expect, it } from "vitest";
import { tools } from "../../../tests/support/language-tools";
import { choice, LOG, short, statement } from "../../../tests/support/rule-tester";
import type { Question } from "../questions/question";
import { proposeEvidence } from "./propose-evidence";

const proposed = (question: Question) => proposeEvidence({ ...question, evidence: [] }, LOG, tools().lexicon).map(({ span }) => span.quote);

describe("evidence is proposed", () => {
  it.each([
    ["for a written answer", short("What does the lens float on?", "a ring of mercury"), "The lens floats on a ring of mercury because mercury is heavy."],
    [
      "for a choice, by its key",
      choice("How often did keepers wind the clockwork?", ["every four hours", "every day", "once"]),
      "The keepers wound the clockwork every four hours.",
    ],
    ["for a statement, by its words", statement("Wet rope is harder to untie.", true), "Wet rope is harder to untie than dry rope."],
  ])("%s", (_, question, wanted) => {
    expect(proposed(question)[0]).toBe(wanted);
  });
  it("nowhere, where no sentence holds half of the words", () => {
    expect(proposed(short("Who painted the harbour wall?", "a sailor from Spain"))).toEqual([]);
  });
});
