import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { checkQuestion } from "@/core/checking/check-question";
import { countSupply } from "@/core/drafting/candidates";
import { draftQuestions } from "@/core/drafting/draft-questions";
import { createDefaultPlan } from "@/core/drafting/plan";
import type { Question } from "@/core/questions/question";
import { analyse, root, tools } from "../support/language-tools";

const files = ["demo/passages", "quality/passages"].flatMap((folder) =>
  readdirSync(path.join(root, folder))
    .filter((name) => name.endsWith(".md"))
    .map((name) => path.join(folder, name)),
);
const LEAST_UNDERSTOOD = 0.65;
/** A speech turns to its listeners and breaks off, an answer is often no whole sentence. */
const LEAST_OF_TALK = 0.5;

describe.each(files)("%s", (file) => {
  const analysis = analyse(readFileSync(path.join(root, file), "utf8"), "markdown");
  const questions: Question[] = [];
  for (const draft of draftQuestions({ analysis, plan: createDefaultPlan(5), seed: 1, newId: (index) => `q${index}` })) questions.push(draft.question);
  const context = { blocks: analysis.blocks, others: questions, grade: 5, lexicon: tools().lexicon };

  it("is understood, sentence by sentence", () => {
    // What is cut out of speech without stops is left out wherever it may be cut elsewhere.
    const prose = analysis.sentences.filter((sentence) => !["heading", "speech", "question", "list-item", "cut-unsure"].includes(sentence.abstained ?? ""));
    const understood = prose.filter((sentence) => sentence.tree);
    const isTalk = file.includes("speech-at") || prose.some((sentence) => sentence.speaker);
    expect(understood.length / prose.length).toBeGreaterThanOrEqual(isTalk ? LEAST_OF_TALK : LEAST_UNDERSTOOD);
  });
  it("gives a reason wherever it is not", () => {
    for (const sentence of analysis.sentences) expect(Boolean(sentence.tree) || Boolean(sentence.abstained)).toBe(true);
  });
  it("gives drafts that the check does not call wrong, each with its proof", () => {
    if (file.startsWith("demo")) expect(questions.length).toBeGreaterThan(1);
    for (const question of questions) {
      const { verdict, findings } = checkQuestion(question, context);
      expect(verdict, `${question.stem} ${findings.map((finding) => finding.reason).join()}`).not.toBe("wrong");
      expect(findings.map((finding) => finding.rule)).not.toEqual(expect.arrayContaining(["key-in-evidence"]));
    }
  });
  it("gives stems that are sentences", () => {
    for (const question of questions) {
      expect(question.stem).toMatch(/^\p{Lu}.*(?:[.?]”?|!”)$/u);
      expect(question.stem).not.toMatch(/\s[,.?]|\s{2}|undefined|\b(?:the the|a the)\b/);
    }
  });
  it("never promises fewer than it drafts", () => {
    const supply = countSupply(analysis).supply;
    for (const kind of ["multiple-choice", "true-false", "gap-fill", "short-answer"] as const)
      expect(questions.filter((question) => question.kind === kind).length).toBeLessThanOrEqual(supply[kind]);
  });
});

describe("what is no English prose", () => {
  it.each([
    ["another language", "La marée monte deux fois par jour. Le phare de la baie fut allumé en 1871 parce que les bateaux heurtaient les rochers."],
    ["capitals", "THE LENS FLOATS ON MERCURY BECAUSE MERCURY IS HEAVY. IN 1871 THE LENS ARRIVED FROM PARIS."],
    ["one word a thousand times", `${"lamp ".repeat(1000)}.`],
    ["a list of words", "- lamp\n- rope\n- glass\n- oil"],
    ["one sentence", "Keepers slept."],
    ["verse", "Tide, tide,\nturn and hide,\nrope and stone,\nall alone"],
    ["code", "for (let i = 0; i < 10; i++) { lamp[i] = on(i); }"],
    ["a table", "Name | Year | Height\nGull Point | 1898 | 21\nSkerry Bay | 1871 | 34"],
    ["scanning noise", "Th3 l~mp w@s l1t 1n 18?1 bec^use sh|ps str#ck r0cks."],
    ["one line of forty thousand characters", "the lamp and the rope and ".repeat(1600)],
    ["ten thousand brackets", "(".repeat(10_000)],
    ["marks of every kind", "… – — “” ‘’ «» ¿? ¡! ¶ § † ‡ • ° № ™"],
  ])("%s: no crash, and next to nothing is asked", (_, text) => {
    const analysis = analyse(`Keepers slept.\n\n${text}`);
    const drafts = [...draftQuestions({ analysis, plan: createDefaultPlan(5), seed: 1, newId: String })];
    expect(drafts.length).toBeLessThanOrEqual(1);
  });
});
