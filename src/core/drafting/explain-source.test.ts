import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { draftQuestions } from "./draft-questions";
import { explainSource } from "./explain-source";
import { createDefaultPlan } from "./plan";

const TEXT =
  "# The light\n\nThe keepers wound the clockwork every four hours. “Hold fast!” cried Nell. Why did they wind it?\n\nThe light of Skerry Bay was lit in 1871 because many ships had struck the reef.\n\n- a rope";

describe("explainSource", () => {
  const sentences = explainSource(analyse(TEXT, "markdown"));
  it("tells why a sentence is not asked about", () => {
    const reasons = Object.fromEntries(sentences.map((sentence) => [sentence.text.slice(0, 8), sentence.reason]));
    expect(reasons["Why did "]).toBe("question");
    expect(reasons["a rope"]).toBe("list-item");
    expect(Object.values(reasons)).toContain("speech");
  });
  it("leaves headings out, which are no sentences", () => {
    expect(sentences.map((sentence) => sentence.text)).not.toContain("The light");
  });
  it("shows every draft among the candidates of its sentence, not held back", () => {
    const analysis = analyse(TEXT, "markdown");
    const drafts = [...draftQuestions({ analysis, plan: createDefaultPlan(5), seed: 1, newId: String })];
    expect(drafts.length).toBeGreaterThan(0);
    const open = explainSource(analysis).flatMap((sentence) =>
      sentence.candidates.filter((candidate) => !candidate.heldBack).map((candidate) => candidate.stem),
    );
    for (const { question } of drafts) expect(open).toContain(question.stem);
  });
  it("orders candidates by their rank", () => {
    for (const { candidates } of sentences) {
      const scores = candidates.map((candidate) => candidate.score);
      expect(scores).toEqual([...scores].sort((a, b) => b - a));
    }
  });
});
