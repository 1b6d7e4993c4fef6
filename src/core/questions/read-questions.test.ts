import { describe, expect, it } from "vitest";
import { tools } from "../../../tests/support/language-tools";
import { choice, essay, gap, LOG, match, number, open, order, selectAll, short, statement, twoPart } from "../../../tests/support/rule-tester";
import { toDraftedQuestion } from "../drafting/drafted-json";
import { kindOf } from "./kinds";
import type { Question } from "./question";
import { readQuestions } from "./read-questions";

const read = (json: unknown) => readQuestions(json, LOG);
const WOUND = "The keepers wound the clockwork every four hours.";
const rubric = [{ points: 2, text: "both" }];

describe("questions in a file", () => {
  const every: Question[] = [
    choice("How often?", ["every four hours", "every day"]),
    statement("The light turns by day.", false, { correction: "The light does not turn by day." }),
    gap("The keepers wound the ____.", "clockwork"),
    gap("The ____ (wind) the ____.", "wound", { more: [{ key: "clockwork", accepted: [] }], bank: ["wound", "clockwork"] }),
    short("How often?", "every four hours"),
    number("How many hours?", 4, "hours"),
    order("Put these in order.", ["wind", "light", "sleep"]),
    match("Match.", [
      ["petition", "a letter"],
      ["mercury", "a metal"],
      ["rope", "a line"],
    ]),
    twoPart("How often?", ["every four hours", "every day", "never"], [WOUND, "The light does not turn by day.", "Wet rope is harder to untie than dry rope."]),
    open("Tell what the keepers did.", ["wound the clockwork"], { rubric }),
    essay(
      "Should they wind it?",
      [
        { side: "Agree", text: "It stops." },
        { side: "Disagree", text: "It rusts." },
      ],
      ["it stops"],
      { rubric },
    ),
    selectAll("Which are right?", ["the keepers", "the clockwork", "the town"], 2),
    { ...kindOf("poll").createBlank("q1"), stem: "Do you like it?" },
    { ...kindOf("word-in-context").createBlank("q1"), stem: "What does “heavy” mean?" },
  ];
  it.each(every.map((question) => [question.kind, question] as const))("of the kind %s come back as they were printed", (_, question) => {
    const printed = JSON.parse(JSON.stringify(toDraftedQuestion(question, LOG, [], 5, tools().lexicon)));
    const result = read([
      { ...printed, ...("correction" in question ? { correction: question.correction } : {}), ...("purpose" in question ? { purpose: question.purpose } : {}) },
    ]);
    expect(result.ok && result.value[0]).toEqual(question);
  });
  it("may give evidence as bare words, and options as bare texts", () => {
    const result = read({
      questions: [{ kind: "multiple-choice", stem: "How often?", options: ["every four hours", "every day"], key: "o1", evidence: WOUND }],
    });
    expect(result.ok && result.value[0]).toMatchObject({ id: "q1", points: 1, evidence: [{ quote: WOUND, start: 0 }] });
  });
  it("keep evidence that stands nowhere, so that it is reported as lost", () => {
    const result = read([{ kind: "short-answer", stem: "Why?", key: "x", evidence: ["The moon is made of cheese."] }]);
    expect(result.ok && result.value[0]!.evidence[0]!.blockId).toBe("");
  });
  it.each([
    ["text", "no-questions"],
    [{ drafts: [] }, "no-questions"],
    [[{ stem: "Why?" }], "no-questions"],
    [[{ kind: "riddle", stem: "Why?", key: "x" }], "question-not-understood"],
    [[{ kind: "true-false", stem: "It turns.", key: "yes" }], "question-not-understood"],
  ])("are refused where they are none: %j", (json, type) => {
    const result = read(json);
    expect(!result.ok && result.problem.type).toBe(type);
  });
});
