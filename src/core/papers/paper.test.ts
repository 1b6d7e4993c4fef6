import { describe, expect, it } from "vitest";
import { choice, essay, evidence, gap, LOG, match, number, open, order, selectAll, short, statement, twoPart } from "../../../tests/support/rule-tester";
import { createDefaultPlan } from "../drafting/plan";
import type { SetState, Slip } from "../questions/edit";
import type { Question } from "../questions/question";
import { answerKey } from "./answer-key";
import { arrangePaper, createPaperSettings } from "./paper";
import { lineOf, wrapLines } from "./wrap-lines";

const slip = (question: Slip["question"], id: string, status: Slip["status"] = "kept"): Slip => ({
  question: { ...question, id, explanation: "SECRET" },
  status,
  lookAgain: false,
  answered: {},
  origin: { runId: "SECRET", factId: "SECRET", pattern: "SECRET", score: 1 },
});
const state: SetState = {
  title: "Lamps",
  plan: createDefaultPlan(5),
  paper: createPaperSettings("Lamps"),
  slips: [
    slip(
      choice("What does the lens float on?", ["water", "mercury", "oil"], 1, {
        evidence: evidence("The lens floats on a ring of mercury because mercury is heavy."),
      }),
      "q1",
    ),
    slip(statement("The clockwork was wound every nine hours.", false, { correction: "SECRET" }), "q2"),
    slip(gap("The keepers wound the ____.", "SECRETKEY", { accepted: ["SECRET"] }), "q3"),
    slip(short("What is a petition?", "SECRETKEY"), "q4"),
    slip(short("Never asked", "x"), "q5", "draft"),
    slip(short("Set aside", "x"), "q6", "aside"),
  ],
};

describe("the student's paper", () => {
  const paper = arrangePaper(state, LOG);
  it("holds the kept questions in their order, numbered", () => {
    expect(paper.questions.map((question) => [question.number, question.kind])).toEqual([
      [1, "multiple-choice"],
      [2, "true-false"],
      [3, "gap-fill"],
      [4, "short-answer"],
    ]);
    expect(paper.points).toBe(4);
  });
  it("holds no trace of key, accepted answers, correction, explanation or ids", () => {
    expect(JSON.stringify({ ...paper, passage: undefined })).not.toMatch(/SECRET|"key"|o1|o2|evidence/);
  });
  it("marks options with letters or numbers", () => {
    expect(paper.questions[0]!.options!.map((option) => option.label)).toEqual(["A", "B", "C"]);
    const numbered = arrangePaper({ ...state, paper: { ...state.paper, labels: "numbers" } }, LOG);
    expect(numbered.questions[0]!.options!.map((option) => option.label)).toEqual(["1", "2", "3"]);
  });
  it("gives room by points and not by the length of the key", () => {
    const long = { ...state, slips: [slip(short("Why?", "a very long answer that goes on and on"), "q1")] };
    expect(arrangePaper(long, LOG).questions[0]!.answerLines).toBe(paper.questions[3]!.answerLines);
  });
  it("leaves the passage out when it is not wanted", () => {
    expect(arrangePaper({ ...state, paper: { ...state.paper, showPassage: false } }, LOG).passage).toBeUndefined();
  });
});

describe("questions of several parts", () => {
  const parts: SetState = {
    ...state,
    slips: [
      slip(order("Put these in order.", ["Wind it.", "Trim it.", "Light it."]), "p1"),
      slip(
        match("Match them.", [
          ["tide", "rise and fall"],
          ["reef", "a rock"],
          ["quay", "a wall"],
        ]),
        "p2",
      ),
      slip(number("How many prisms?", 1016, "prisms"), "p3"),
      slip(twoPart("Why does it float?", ["mercury is heavy", "water is light"], ["Proof one.", "Proof two."]), "p5"),
      slip(open("Tell how the lens floats.", ["SECRETPOINT"]), "p4"),
    ],
  };
  const paper = arrangePaper(parts, LOG);
  it("stand on the paper with labels, places to write, and no key", () => {
    expect(paper.questions[0]!.items).toEqual([
      { label: "A", text: "Light it." },
      { label: "B", text: "Trim it." },
      { label: "C", text: "Wind it." },
    ]);
    expect(paper.questions[1]!.columns!.left.map((item) => item.label)).toEqual(["1", "2", "3"]);
    expect(paper.questions[1]!.columns!.right.map((item) => item.text)).toEqual(["a wall", "a rock", "rise and fall"]);
    expect(paper.questions[2]).toMatchObject({ unit: "prisms", answerLines: 0 });
    expect(paper.questions[3]).toMatchObject({
      options: [{ label: "A" }, { label: "B" }],
      second: { options: [{ text: "Proof one." }, { text: "Proof two." }] },
    });
    expect(paper.questions[4]!.answerLines).toBeGreaterThan(5);
    expect(JSON.stringify({ ...paper, passage: undefined })).not.toMatch(/SECRET|1016|"key"|i1|l1|r1|evidence/);
  });
  it("are marked by the labels of the sheet", () => {
    const key = answerKey(parts, LOG);
    expect(key[0]!.lines).toEqual(["1. C  Wind it.", "2. B  Trim it.", "3. A  Light it."]);
    expect(key[1]!.lines[0]).toBe("1 – C  tide: rise and fall");
    expect(key[2]!.answer).toBe("1,016 prisms");
    expect(key[3]!.lines).toEqual(["First part: A  mercury is heavy", "Second part: A  Proof one."]);
    expect(key[4]!.lines).toEqual(["SECRETPOINT"]);
  });
});

describe("the key", () => {
  it("has answers, labels, accepted answers and the evidence with its paragraph and line", () => {
    const key = answerKey(state, LOG);
    expect(key[0]).toMatchObject({ number: 1, label: "B", answer: "mercury", evidence: [{ place: "¶ 1", line: "line 1", lost: false }] });
    expect(key[1]).toMatchObject({ answer: "false", correction: "SECRET" });
    expect(key[2]!.accepted).toEqual(["SECRET"]);
  });
  it("says when evidence is no longer in the source", () => {
    expect(answerKey(state, LOG.slice(1))[0]!.evidence[0]!.lost).toBe(true);
  });
});

describe("wrapLines", () => {
  it("breaks at spaces, numbers every line but headings, and loses no letter", () => {
    const blocks = [
      { id: "b1", kind: "heading" as const, text: "Lamps" },
      { id: "b2", kind: "paragraph" as const, text: "word ".repeat(60).trim() },
    ];
    const lines = wrapLines(blocks).filter((line) => line.kind === "text");
    expect(lines.map((line) => line.number)).toEqual(lines.map((_, index) => index + 1));
    expect(lines.map((line) => line.text.trim()).join(" ")).toBe(blocks[1]!.text);
    expect(lineOf(wrapLines(blocks), "b2", 0)).toBe(1);
    expect(lineOf(wrapLines(blocks), "b2", 290)).toBe(lines.length);
  });
});

describe("tasks on paper", () => {
  const kept = (question: Question) => ({ ...slip(question, "p1"), status: "kept" as const });
  const stateOf = (question: Question): SetState => ({
    title: "Lamps",
    plan: createDefaultPlan(5),
    paper: createPaperSettings("Lamps"),
    slips: [kept(question)],
  });
  const sheet = (question: Question) => arrangePaper(stateOf(question), LOG).questions[0]!;
  const marked = (question: Question) => answerKey(stateOf(question), LOG)[0]!;

  it("number several gaps, offer their words, and keep the keys back", () => {
    const question = gap("The keepers ____ (wind) the clockwork and ____ (clean) the lens.", "wound", {
      more: [{ key: "cleaned", accepted: ["polished"] }],
      bank: ["cleaned", "wound"],
    });
    expect(sheet(question)).toMatchObject({
      stem: "The keepers (1) __________ (wind) the clockwork and (2) __________ (clean) the lens.",
      bank: ["cleaned", "wound"],
    });
    expect(marked(question).lines).toEqual(["1. wound", "2. cleaned / polished"]);
  });
  it("set choices in the line", () => {
    expect(sheet(gap("The keepers wound ____ clockwork.", "the", { choices: ["a", "the"] })).stem).toBe("The keepers wound [ a / the ] clockwork.");
  });
  it("mark all right options of a choice of several", () => {
    const question = selectAll("Which of these did the keepers do?", ["wound the clockwork", "polished the lens", "slept at sea"], 2);
    expect(sheet(question).options!.map((option) => option.label)).toEqual(["A", "B", "C"]);
    expect(marked(question)).toMatchObject({ label: "A, B", answer: "wound the clockwork; polished the lens" });
  });
  it("give an essay room, and its marker a sample for each side", () => {
    const question = essay(
      "Should the lamp be kept?",
      [
        { side: "Agree", text: "It is old." },
        { side: "Disagree", text: "It is dear." },
      ],
      ["age", "cost"],
      { rubric: [{ points: 4, text: "Two reasons" }] },
    );
    expect(sheet(question).answerLines).toBeGreaterThan(15);
    expect(JSON.stringify(sheet(question))).not.toContain("It is old.");
    expect(marked(question).lines).toEqual(["Sample answer, agree: It is old.", "Sample answer, disagree: It is dear.", "age", "cost"]);
  });
});
