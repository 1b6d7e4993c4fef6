import { describe, expect, it } from "vitest";
import { tools } from "../../../tests/support/language-tools";
import { draftQuestions } from "../drafting/draft-questions";
import { createDefaultPlan } from "../drafting/plan";
import { readCaptions } from "../importers/captions/read-captions";
import { analyseText } from "./analyse-text";
import { fillersRemoved, withoutFillers } from "./fillers";
import { tokenize } from "./tokenize";

describe("fillers of spoken text", () => {
  it.each([
    ["So, um, the lens turns.", "So , the lens turns ."],
    ["The uh lens turns.", "The lens turns ."],
    ["It floats, you know, on mercury.", "It floats , on mercury ."],
    ["I know you like knots.", "I know you like knots ."],
  ])("are passed over in %j", (text, read) => {
    expect(
      withoutFillers(tokenize(text))
        .map((token) => token.text)
        .join(" "),
    ).toBe(read);
  });
  it("are not quoted", () => {
    expect(fillersRemoved("the, um, old lens")).toBe("the, old lens");
    expect(fillersRemoved("umbrellas and ermine")).toBe("umbrellas and ermine");
  });
  it("stay in the text and are in no question", () => {
    const vtt =
      "WEBVTT\n\n00:00.000 --> 00:04.000\nThe um lens floats on a ring of mercury, because uh mercury is heavy.\n\n00:04.000 --> 00:08.000\nThe keepers wound the uh clockwork every four hours.\n";
    const read = readCaptions(vtt, "talk.vtt");
    if (!read.ok) throw new Error(read.problem.type);
    expect(read.value.blocks[0]!.text).toContain("The um lens");
    const analysis = analyseText(read.value.blocks, tools());
    const drafts = [...draftQuestions({ analysis, plan: createDefaultPlan(5), seed: 1, newId: String })];
    expect(drafts.length).toBeGreaterThan(0);
    for (const { question } of drafts) expect(JSON.stringify({ ...question, evidence: [] })).not.toMatch(/\b(?:um|uh)\b/);
  });
});
