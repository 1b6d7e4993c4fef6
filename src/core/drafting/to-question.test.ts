import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { PROOF_STEM } from "../questions/kinds/two-part";
import { type Question, questionSchema } from "../questions/question";
import type { Candidate } from "./candidate";
import type { PlanRow } from "./plan";
import { type Dress, toQuestion } from "./to-question";

const sentences = analyse("The lamp burns oil. The keepers polish the lens. The bell rings at noon. The tide turns twice a day.").sentences;
const CANDIDATE: Candidate = {
  kind: "short-answer",
  stem: "Why did keepers wear linen aprons?",
  key: "because buttons scratch glass",
  accepted: ["buttons scratch glass"],
  distractors: ["far from it", "for the cold", "for the wind", "near to it"],
  optionOrder: "shuffled",
  evidence: [sentences[0]!],
  factId: "0",
  factType: "cause",
  pattern: "p",
  depth: "understanding",
  worth: 1,
};
const row = (kind: PlanRow["kind"], more: Partial<PlanRow> = {}): PlanRow => ({ kind, count: 1, depth: "any", points: 4, ...more });

function made<K extends Question["kind"]>(kind: K, candidate: Partial<Candidate> = {}, more: Partial<PlanRow> = {}, dress: Partial<Dress> = {}) {
  const question = toQuestion({ ...CANDIDATE, kind, ...candidate }, "q1", { row: row(kind, more), grade: 5, seed: 1, near: false, ...dress });
  expect(question.kind).toBe(kind);
  return question as Extract<Question, { kind: K }>;
}
const textOf = (list: readonly { id: string; text: string }[], id: string) => list.find((one) => one.id === id)?.text;

describe("every question", () => {
  it("carries points of its row, depth and place of its proof", () => {
    expect(made("short-answer")).toMatchObject({ id: "q1", points: 4, depth: "understanding" });
    expect(made("short-answer").evidence[0]).toMatchObject({ start: 0, end: sentences[0]!.text.length });
  });
  it("carries an outcome only where it was matched by one", () => {
    expect(made("short-answer", {}, {}, { outcome: "explain the lamp" }).outcome).toBe("explain the lamp");
    expect(made("short-answer")).not.toHaveProperty("outcome");
  });
  it("is a question by the schema, whatever its kind", () => {
    const all = [
      made("short-answer"),
      made("multiple-choice"),
      made("true-false", { key: "true" }),
      made("poll", { parts: { sort: "poll", options: ["a", "b"] } }),
    ];
    for (const question of all) expect(questionSchema.safeParse(question).success).toBe(true);
  });
});

describe("a choice", () => {
  it("has as many options as its row wants, the key among them", () => {
    const { options, key } = made("multiple-choice", {}, { optionCount: 3 });
    expect(options).toHaveLength(3);
    expect(textOf(options, key)).toBe("because buttons scratch glass");
    expect(made("multiple-choice").options).toHaveLength(4);
  });
  it("takes the wrong options most like the key, or the least", () => {
    const wrong = (near: boolean) => made("multiple-choice", {}, { optionCount: 3 }, { near }).options.map(({ text }) => text);
    expect(wrong(true)).toEqual(expect.arrayContaining(["far from it", "for the cold"]));
    expect(wrong(false)).toEqual(expect.arrayContaining(["for the wind", "near to it"]));
  });
  it("puts numbers in order of size, in words too", () => {
    const { options } = made("multiple-choice", { key: "eleven", distractors: ["ten", "twelve", "nine"], optionOrder: "numeric" });
    expect(options.map(({ text }) => text)).toEqual(["nine", "ten", "eleven", "twelve"]);
  });
  it("has the same order for the same seed", () => {
    expect(made("multiple-choice").options).toEqual(made("multiple-choice").options);
  });
});

describe("true or false", () => {
  it("has a truth value, and a correction where it is false", () => {
    expect(made("true-false", { key: "false", correction: "The lamp burns oil." })).toMatchObject({ key: false, correction: "The lamp burns oil." });
    expect(made("true-false", { key: "true" })).not.toHaveProperty("correction");
  });
  it("keeps the words that prove it, however young its readers are", () => {
    const stem = "Keepers purchased oil in the autumn.";
    expect(made("true-false", { stem, key: "true" }, {}, { grade: 1 }).stem).toBe(stem);
  });
});

describe("a gap", () => {
  const gap = { stem: "The lamp burns ____.", key: "oil", accepted: ["lamp oil"], distractors: ["coal", "wood", "gas"] };
  it("is typed unless its row says otherwise", () => {
    const question = made("gap-fill", gap);
    expect(question).toMatchObject({ key: "oil", accepted: ["lamp oil"] });
    expect(question).not.toHaveProperty("bank");
    expect(question).not.toHaveProperty("choices");
  });
  it("has a bank, or choices in the line, with the key among them", () => {
    expect(made("gap-fill", gap, { gapAnswer: "bank" }).bank).toEqual(expect.arrayContaining(["oil", "coal", "wood", "gas"]));
    expect(made("gap-fill", gap, { gapAnswer: "choose" }).choices).toEqual(expect.arrayContaining(["oil", "coal"]));
  });
  it("has its numbers in order of size, like the options of a choice", () => {
    const years = { ...gap, key: "1871", distractors: ["1954", "1823", "1860"], optionOrder: "numeric" as const };
    expect(made("gap-fill", years, { gapAnswer: "choose" }).choices).toEqual(["1823", "1860", "1871", "1954"]);
  });
  it("is typed where there is too little to choose from", () => {
    expect(made("gap-fill", { ...gap, distractors: ["coal"] }, { gapAnswer: "bank" })).not.toHaveProperty("bank");
  });
  const two = {
    stem: "The lamp ____ oil and ____ well.",
    parts: {
      sort: "gaps" as const,
      gaps: [
        { key: "burns", accepted: [] },
        { key: "shines", accepted: [] },
      ],
    },
  };
  it("earns the points of each, where there are several", () => {
    expect(made("gap-fill", two)).toMatchObject({ points: 8, key: "burns", more: [{ key: "shines" }] });
  });
  it("offers no bank beside base forms, which say already what is meant", () => {
    expect(made("gap-fill", two, { gapAnswer: "bank" }).bank).toHaveLength(2);
    expect(made("gap-fill", { ...two, stem: "The lamp ____ (burn) oil and ____ (shine) well." }, { gapAnswer: "bank" })).not.toHaveProperty("bank");
  });
});

describe("parts", () => {
  it("of a number are its value and what is counted", () => {
    expect(made("number", { parts: { sort: "number", value: 1016, unit: "prisms" } }).key).toEqual({ value: 1016, tolerance: 0, unit: "prisms" });
  });
  it("of an order stand in another order than the right one, on every seed", () => {
    for (let seed = 1; seed <= 12; seed++) {
      const { items, key } = made("order", { parts: { sort: "order", items: ["one", "two", "three"] } }, {}, { seed });
      expect(items.map(({ id }) => id)).not.toEqual(key);
      expect(key.map((id) => textOf(items, id))).toEqual(["one", "two", "three"]);
    }
  });
  it("of a match belong together in pairs, never side by side in all rows", () => {
    const pairs: [string, string][] = [
      ["lamp", "burns"],
      ["bell", "rings"],
      ["tide", "turns"],
    ];
    for (let seed = 1; seed <= 12; seed++) {
      const { left, right, key } = made("match", { parts: { sort: "match", pairs } }, {}, { seed });
      expect(key.map(([one, other]) => [textOf(left, one), textOf(right, other)])).toEqual(pairs);
      expect(right.map(({ text }) => text)).not.toEqual(pairs.map(([, text]) => text));
    }
  });
  it("of a two-part question are an answer and the sentence that proves it", () => {
    const { options, proofs, proofStem, key } = made("two-part", { parts: { sort: "two-part", proofs: sentences } });
    expect(proofStem).toBe(PROOF_STEM);
    expect([textOf(options, key[0]), textOf(proofs, key[1])]).toEqual(["because buttons scratch glass", "The lamp burns oil."]);
    expect(proofs).toHaveLength(4);
  });
  it("of select all are every right option and no wrong one", () => {
    const { options, key } = made("select-all", { parts: { sort: "select", right: ["a", "b"], wrong: ["c", "d"] } });
    expect(key.map((id) => textOf(options, id)).sort()).toEqual(["a", "b"]);
    expect(options).toHaveLength(4);
  });
  it("of a poll have no key", () => {
    expect(made("poll", { parts: { sort: "poll", options: ["yes", "no"] } }).key).toBeNull();
  });
});

describe("a rubric", () => {
  const levels = [
    { share: 1, text: "all" },
    { share: 0.6, text: "most" },
    { share: 0.3, text: "some" },
  ];
  const open = { parts: { sort: "open" as const, points: ["The lamp burns oil."], levels } };
  it("gives whole points, each level less than the one above", () => {
    expect(made("open-response", open, { points: 5 }).rubric?.map(({ points }) => points)).toEqual([5, 3, 2]);
    expect(made("open-response", open, { points: 2 }).rubric?.map(({ points }) => points)).toEqual([2, 1]);
    expect(made("open-response", open, { points: 1 }).rubric?.map(({ points }) => points)).toEqual([1]);
  });
  it("stands beside a model and the points to look for", () => {
    expect(made("open-response", open).key).toEqual({ model: "The lamp burns oil.", points: ["The lamp burns oil."] });
  });
  it("of an essay comes with a length for its grade", () => {
    const parts = { sort: "essay" as const, purpose: "tell" as const, models: [{ side: "", text: "m" }], points: ["p"], levels };
    const stem = (grade: number) => made("essay", { stem: "Tell the story. [length]", parts }, {}, { grade }).stem;
    expect(stem(3)).not.toContain("[length]");
    expect(stem(3)).not.toBe(stem(10));
  });
});
