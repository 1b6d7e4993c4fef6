import { readFileSync } from "node:fs";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { analyse, root } from "../../../../tests/support/language-tools";
import { stockOf } from "../candidates";
import { draftQuestions } from "../draft-questions";
import type { PlanRow, Steer } from "../plan";
import { matchOutcome } from "./match-outcome";
import { proposeOutcomes } from "./propose-outcomes";
import { notRanges, readRanges, readSteer } from "./read-steer";
import { recogniseExample } from "./recognise-example";

const lens = analyse(readFileSync(path.join(root, "demo/passages/the-lens-that-saved-ships.md"), "utf8"), "markdown");
const ROW: PlanRow = { kind: "short-answer", count: 6, depth: "any", points: 2 };
const draft = (steer: Steer, rows: PlanRow[] = [ROW]) => {
  const run = draftQuestions({ analysis: lens, plan: { grade: 6, rows, steer }, seed: 1, newId: String });
  const drafts = [];
  for (let step = run.next(); ; step = run.next()) {
    if (step.done) return { drafts, report: step.value };
    drafts.push(step.value);
  }
};

describe("readRanges", () => {
  it.each([
    ["3-6, 9", [3, 4, 5, 6, 9]],
    ["2", [2]],
    ["", []],
    ["six to nine", []],
    ["9-3", []],
    ["1–2; 4", [1, 2, 4]],
  ] as [string, number[]][])("%s", (text, numbers) => expect(readRanges(text)).toEqual(numbers));
});

describe("recogniseExample", () => {
  it.each([
    ["Why did the keepers wear aprons?", "short-answer", "cause"],
    ["What is a prism?", "short-answer", "definition"],
    ["In what year did the lens arrive?\nA) 1871\nB) 1900\nC) 1822", "multiple-choice", "time"],
    ["The keepers wound the ____ every four hours.", "gap-fill", undefined],
    ["Put the steps in the right order.", "order", undefined],
    ["True or false: the lens floats on mercury.", "true-false", undefined],
    ["Which sentence best proves your answer?", "two-part", undefined],
    ["Explain how the light reaches so far.", "open-response", undefined],
    ["Write an essay about the lens.", "essay", undefined],
    ["What does “dusk” mean in this sentence?", "word-in-context", undefined],
    ["How many years passed between the two events?", "number", undefined],
    ["Select all that are true.", "select-all", undefined],
    ["Match the words with their meanings.", "match", undefined],
  ])("%s", (text, kind, fact) => {
    const read = recogniseExample(text);
    expect(read.kind).toBe(kind);
    if (fact) expect(read.facts).toContain(fact);
  });
  it("takes what is no question for none", () => {
    expect(recogniseExample("Good morning.").kind).toBeUndefined();
  });
});

describe("a plan that is steered", () => {
  it("keeps to the chosen paragraphs", () => {
    const { drafts } = draft({ paragraphs: "2-3" });
    expect(drafts.length).toBeGreaterThan(0);
    for (const { question } of drafts) {
      const block = lens.blocks.find((other) => other.id === question.evidence[0]!.blockId)!;
      expect(block.locator.type === "paragraph" && [2, 3].includes(block.locator.number)).toBe(true);
    }
  });
  it("keeps to what speaks of a word, in any form of it", () => {
    const { drafts } = draft({ terms: "keeper" });
    expect(drafts.length).toBeGreaterThan(1);
    for (const { question } of drafts) expect(`${question.stem} ${question.evidence[0]!.quote}`).toMatch(/keeper/i);
  });
  it("says that the rest lies outside the focus, where the row is not filled", () => {
    expect(draft({ terms: "apron" }).report.rows[0]).toMatchObject({ asked: 6, reason: "outside-the-focus" });
  });
  it("holds back what a word may not stand in", () => {
    for (const { question } of draft({ avoid: "clockwork, keeper" }).drafts)
      expect(JSON.stringify([question.stem, "key" in question ? question.key : ""])).not.toMatch(/clockwork|keepers?\b/i);
  });
  it("gives each draft the outcome that it serves, with the words that say so", () => {
    const outcome = "Explain why keepers wore linen aprons";
    const { drafts } = draft({ outcomes: outcome });
    expect(drafts.length).toBeGreaterThan(0);
    expect(drafts[0]!.question.outcome).toBe(outcome);
    expect(drafts[0]!.origin.matched).toContain("apron");
  });
  it("puts drafts like the example first", () => {
    const { drafts } = draft({ example: "Why did the ships wait outside?" }, [{ ...ROW, count: 3 }]);
    expect(drafts.map(({ question }) => question.stem).every((stem) => /^Why /.test(stem))).toBe(true);
  });
  it("takes other options when they should be plainly different", () => {
    const rows = [{ ...ROW, kind: "multiple-choice" as const, optionCount: 4 }];
    const options = (steer: Steer) =>
      draft(steer, rows).drafts.map(({ question }) => (question.kind === "multiple-choice" ? question.options.map((option) => option.text).sort() : []));
    expect(options({ distractors: "far" })).not.toEqual(options({ distractors: "near" }));
  });
});

describe("outcomes", () => {
  it("are proposed from what the text explains, defines and heads its parts with", () => {
    const proposed = proposeOutcomes(stockOf(lens));
    expect(proposed).toContain("Define prism");
    expect(proposed).toContain("Explain why keepers wore linen aprons");
    expect(proposed).toContain("Tell what the passage says about “A new kind of lens”");
  });
  it("match by base forms and synonyms, never by the words of the task", () => {
    const [cause] = stockOf(lens).facts.filter((fact) => fact.type === "cause");
    const candidate = {
      kind: "short-answer" as const,
      stem: cause!.stem,
      key: cause!.answer,
      accepted: [],
      distractors: [],
      optionOrder: "shuffled" as const,
      evidence: [cause!.sentence],
      factId: "f",
      factType: "cause" as const,
      pattern: "p",
      depth: "recall" as const,
      worth: 1,
    };
    expect(matchOutcome(candidate, ["Students will be able to explain why"], lens)).toBeUndefined();
    expect(matchOutcome(candidate, [`Explain ${cause!.stem.replace("?", "")}`], lens)?.reason).toMatch(/^shares “/);
  });
  it("are read one a line, without their bullets", () => {
    expect(readSteer({ outcomes: "- Explain why ships struck the rocks\n\n2. Define prism" }).outcomes).toEqual([
      "Explain why ships struck the rocks",
      "Define prism",
    ]);
  });
});

describe("ranges", () => {
  it.each([
    ["3-6, 9", []],
    ["", []],
    ["six to nine", ["six", "to", "nine"]],
    ["3-6; x", ["x"]],
  ])("in “%s” are passed over where they are none", (text, expected) => {
    expect(notRanges(text)).toEqual(expected);
  });
});
