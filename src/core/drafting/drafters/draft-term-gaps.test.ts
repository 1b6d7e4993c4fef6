import { readFileSync } from "node:fs";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { analyse, root } from "../../../../tests/support/language-tools";
import { gapsOf } from "../../questions/question";
import { stockOf } from "../candidates";
import { draftQuestions } from "../draft-questions";
import { draftTermGaps } from "./draft-term-gaps";

const gaps = (text: string) => draftTermGaps(stockOf(analyse(text, "markdown")));

const passage = readFileSync(path.join(root, "quality/passages/the-comet-over-the-bank.md"), "utf8");

describe("sentences with their gaps", () => {
  it("stand together as the source has them, with a list to choose from", () => {
    const together = gaps(passage).filter(({ pattern }) => pattern === "gaps-in-sentences");
    expect(together.length).toBeGreaterThan(0);
    for (const { stem, evidence, parts } of together) {
      if (parts?.sort !== "gaps") throw new Error("no gaps");
      const words = parts.gaps.map(({ key }) => key);
      const filled = words.reduce((text, word) => text.replace(/(?:a\(n\) )?____/, (gap) => (gap.startsWith("a(n)") ? `a ${word}` : word)), stem);
      expect(filled).toBe(`Fill each gap with a word from the list. ${evidence.map(({ text }) => text).join(" ")}`);
      expect(parts.bank).toEqual(expect.arrayContaining(words));
      expect(new Set(parts.bank).size).toBe(parts.bank!.length);
      expect(parts.bank!.length).toBeGreaterThan(words.length);
    }
  });
  it("never leave out a word that stands there in another form as well", () => {
    for (const { stem, key } of gaps(passage)) for (const word of key.split("; ")) expect(stem.toLowerCase()).not.toContain(word.toLowerCase());
  });
  it("begin with one that is clear by itself", () => {
    for (const { stem } of gaps(passage)) expect(stem).not.toMatch(/^(?:Fill each gap with a word from the list\. )?(?:It|Its|They|This|But)\b/);
  });
});

describe("nothing is left out", () => {
  it.each([
    ["of what is said aloud", "# Tern\n\n“The harbour has one light on black granite,” said Nell. “It has a white roof of slate.”"],
    ["of what a writer tells of us", "# Tern\n\nWe have one light on a rock of granite. Our lamp shows a white beam in the evening."],
    ["of a list", "# Tern\n\n- one light on a rock of granite\n- its lamp with a white beam"],
  ])("%s", (_, text) => {
    expect(gaps(text)).toEqual([]);
  });
  it("of a single sentence that says *her* of nobody in it", () => {
    const alone = (text: string) => gaps(text).filter(({ pattern }) => pattern === "gap-in-sentence");
    const told = (whom: string) => `# Gombe\n\nJane Goodall studied apes. For months the chimpanzees fled whenever they saw ${whom}. A hill stood there.`;
    expect(alone(told("Jane Goodall"))).toHaveLength(1);
    expect(alone(told("her"))).toEqual([]);
  });
  it("of a single sentence in a story", () => {
    const story = "# Nell\n\n“Wait,” said Nell. The fog lay on the harbour like wool. She heard a bell. “Who is there?” she asked.";
    expect(gaps(story).filter(({ pattern }) => pattern === "gap-in-sentence")).toEqual([]);
  });
  it("of Spanish", () => {
    expect(gaps("El farero limpia la lente del faro cada tarde con un paño. La lenteja crece en los campos del norte de la isla.")).toEqual([]);
  });
});

it("of a book only what opens a paragraph is taken", () => {
  const body = passage.replace(/^#.*$/gm, "");
  const starts = (text: string) => new Set(gaps(text).map(({ evidence }) => evidence[0]!.indexInBlock));
  expect(Math.max(...starts(passage))).toBeGreaterThan(0);
  expect([...starts(`# A book\n\n${body.repeat(40)}`)]).toEqual([0]);
});

describe("in a set", () => {
  const analysis = analyse(passage, "markdown");
  const rows = (["gap-fill", "short-answer"] as const).map((kind) => ({ kind, count: 6, depth: "any" as const, points: 1 }));
  const questions = [...draftQuestions({ analysis, plan: { grade: 5, rows }, seed: 1, newId: String })].map(({ question }) => question);
  it("a sentence that stands there whole is asked about nowhere else", () => {
    const whole = questions.filter((question) => question.kind === "gap-fill" && question.evidence.length > 0 && /\. .*\.$/.test(question.stem));
    expect(whole.length).toBeGreaterThan(0);
    for (const question of whole)
      for (const other of questions) if (other !== question) expect(question.evidence.map(({ quote }) => quote)).not.toContain(other.evidence.at(-1)?.quote);
  });
  it("no list is shown where words are to be written", () => {
    const written = rows.map((row) => ({ ...row, gapAnswer: "typed" as const }));
    const typed = [...draftQuestions({ analysis, plan: { grade: 5, rows: written }, seed: 1, newId: String })].map(({ question }) => question);
    expect(typed.some((question) => question.kind === "gap-fill")).toBe(true);
    for (const question of typed) expect(question).not.toHaveProperty("bank");
  });
  it("the list is shown with the gaps, each key in it", () => {
    const listed = questions.flatMap((question) => (question.kind === "gap-fill" && question.bank ? [question] : []));
    expect(listed.length).toBeGreaterThan(0);
    for (const question of listed) for (const { key } of gapsOf(question)) expect(question.bank).toContain(key);
  });
});

describe("gaps in a story", () => {
  const told = (more: string) =>
    gaps(
      `# The summer\n\n"I am late," said Nell. "Wait for me," she said. She ran to the pier. Nobody saw her.\n\nDad was in town, buying brushes. Mom was asleep with a headache.\n\n${more}`,
    ).map(({ stem }) => stem);
  const asleep = (stems: string[]) => stems.filter((stem) => /Mom was asleep/.test(stem));
  it("take nothing that comes once: it may be anything", () => {
    expect(asleep(told("She came home in the evening. He was tired. She told him."))).toEqual([]);
  });
  it("take what the story comes back to", () => {
    expect(asleep(told("The headache was gone in the evening. The town slept. The brushes were blue. She told him of the headache."))).not.toEqual([]);
  });
});
