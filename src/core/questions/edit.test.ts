import { describe, expect, it } from "vitest";
import { choice, evidence, gap, statement } from "../../../tests/support/rule-tester";
import { createDefaultPlan } from "../drafting/plan";
import { createPaperSettings } from "../papers/paper";
import { applyEdit } from "./apply-edit";
import { type Edit, editSchema, type Parts, partsSchema, type SetState, type Slip } from "./edit";
import { invertEdit } from "./invert-edit";
import { kindOf } from "./kinds";
import { mergeEdits } from "./merge-edits";

const slip = (question: Slip["question"], id: string): Slip => ({ question: { ...question, id }, status: "draft", lookAgain: false, answered: {} });
const slips = [
  slip(choice("What does the lens float on?", ["mercury", "water", "oil"]), "q1"),
  slip(statement("The lamp turns.", true), "q2"),
  slip(gap("The ____ turns.", "lamp"), "q3"),
  slip({ ...kindOf("number").createBlank("q5"), stem: "How many prisms?" }, "q5"),
  slip({ ...kindOf("order").createBlank("q6"), stem: "Put these steps in order." }, "q6"),
  slip({ ...kindOf("match").createBlank("q7"), stem: "Match each term." }, "q7"),
  slip({ ...kindOf("two-part").createBlank("q9"), stem: "Why does the lens float?" }, "q9"),
  slip({ ...kindOf("open-response").createBlank("q8"), stem: "Tell how the lens floats." }, "q8"),
  slip({ ...kindOf("select-all").createBlank("q10"), stem: "Which of these float?" }, "q10"),
  slip({ ...kindOf("essay").createBlank("q11"), stem: "Explain how the lens floats." }, "q11"),
  slip(gap("The ____ (turn) and the ____ (burn).", "turned", { more: [{ key: "burned", accepted: [] }] }), "q12"),
  slip({ ...kindOf("poll").createBlank("q13"), stem: "Do you like the lamp?" }, "q13"),
  slip({ ...kindOf("word-in-context").createBlank("q14"), stem: "What does “dusk” mean?" }, "q14"),
];
const GAPS = { key: "turned", accepted: [], more: [{ key: "burned", accepted: [] }] };
const partsOf = (id: string): Parts => partsSchema.parse(slips.find((one) => one.question.id === id)!.question);
const ITEMS = partsOf("q6") as Extract<Parts, { items: unknown }>;
const TWO = partsOf("q9") as Extract<Parts, { proofs: unknown }>;
const PAIRS = partsOf("q7") as Extract<Parts, { left: unknown }>;
const state: SetState = { title: "Lamps", plan: createDefaultPlan(5), paper: createPaperSettings("Lamps"), slips };

const EDITS: Edit[] = [
  { type: "set-stem", questionId: "q1", from: "What does the lens float on?", to: "On what does the lens float?" },
  { type: "set-option", questionId: "q1", optionId: "o2", from: "water", to: "tar" },
  { type: "add-option", questionId: "q1", index: 1, option: { id: "o9", text: "tar" } },
  { type: "remove-option", questionId: "q1", index: 1, option: { id: "o2", text: "water" } },
  { type: "set-key", questionId: "q1", from: "o1", to: "o3" },
  { type: "set-key", questionId: "q2", from: true, to: false },
  { type: "set-key", questionId: "q5", from: { value: 0, tolerance: 0, unit: "" }, to: { value: 1016, tolerance: 4, unit: "prisms" } },
  { type: "set-key", questionId: "q8", from: { model: "", points: [] }, to: { model: "On mercury.", points: ["mercury", "a ring"] } },
  { type: "set-parts", questionId: "q6", from: ITEMS, to: { ...ITEMS, key: [...ITEMS.key].reverse() } },
  { type: "set-parts", questionId: "q7", from: PAIRS, to: { ...PAIRS, left: PAIRS.left.with(0, { id: "l1", text: "tide" }) } },
  { type: "set-parts", questionId: "q9", from: TWO, to: { ...TWO, key: ["o2", "p3"] } },
  { type: "set-key", questionId: "q10", from: ["o1", "o2"], to: ["o1", "o3", "o4"] },
  {
    type: "set-key",
    questionId: "q11",
    from: { models: [{ side: "", text: "" }], points: [] },
    to: { models: [{ side: "", text: "It floats on mercury." }], points: ["mercury"] },
  },
  { type: "set-key", questionId: "q14", from: "o1", to: "o2" },
  { type: "set-parts", questionId: "q12", from: GAPS, to: { ...GAPS, key: "spun", bank: ["spun", "burned"] } },
  { type: "set-option", questionId: "q13", optionId: "o2", from: "", to: "A little" },
  { type: "set-note", questionId: "q1", field: "explanation", from: "", to: "Mercury is heavier than glass." },
  { type: "set-accepted", questionId: "q3", from: [], to: ["light"] },
  { type: "set-points", questionId: "q1", from: 1, to: 2 },
  { type: "set-depth", questionId: "q1", from: "recall", to: "understanding" },
  { type: "set-evidence", questionId: "q2", from: slips[1]!.question.evidence, to: evidence("Wet rope is harder to untie than dry rope.") },
  { type: "set-status", questionId: "q1", from: "draft", to: "kept" },
  { type: "set-status", questionId: "q1", from: "draft", to: "aside", reason: { from: null, to: "too-easy" } },
  { type: "set-look-again", questionId: "q1", from: false, to: true },
  { type: "answer-doubt", questionId: "q1", rule: "asked-once", from: null, to: "words" },
  { type: "add-question", index: 1, slip: slip(gap("A ____ burns.", "lamp"), "q4") },
  { type: "remove-question", index: 1, slip: slips[1]! },
  { type: "move-question", questionId: "q1", from: 0, to: 2 },
  { type: "set-title", from: "Lamps", to: "Lights" },
  { type: "set-plan", from: state.plan, to: createDefaultPlan(8) },
  { type: "set-paper", from: state.paper, to: { ...state.paper, labels: "numbers" } },
];

const apply = (before: SetState, edit: Edit): SetState => {
  const after = applyEdit(before, edit);
  if (!after.ok) throw new Error(after.problem.type);
  return after.value;
};

describe("every edit", () => {
  it.each(EDITS.map((edit) => [edit.type, edit] as const))("%s can be written down, made, and undone exactly", (_, edit) => {
    expect(editSchema.parse(JSON.parse(JSON.stringify(edit)))).toEqual(edit);
    const after = apply(state, edit);
    expect(after).not.toEqual(state);
    expect(apply(after, invertEdit(edit))).toEqual(state);
  });
  it("is tried here", () => {
    expect(new Set(EDITS.map((edit) => edit.type))).toEqual(new Set(editSchema.options.map((option) => option.shape.type.value)));
  });
});

describe("edits that do not fit are refused", () => {
  it.each<[string, Edit]>([
    ["a question that is gone", { type: "set-stem", questionId: "q99", from: "", to: "x" }],
    ["an option that is gone", { type: "set-option", questionId: "q1", optionId: "o9", from: "", to: "x" }],
    ["a key that is no option", { type: "set-key", questionId: "q1", from: "o1", to: "o9" }],
    ["a truth value for a choice", { type: "set-key", questionId: "q1", from: "o1", to: true }],
    ["taking out the key", { type: "remove-option", questionId: "q1", index: 0, option: { id: "o1", text: "mercury" } }],
    ["accepted answers of a choice", { type: "set-accepted", questionId: "q1", from: [], to: ["x"] }],
    ["a text as the key of a number", { type: "set-key", questionId: "q5", from: { value: 0, tolerance: 0, unit: "" }, to: "four" }],
    ["a number as the key of a text", { type: "set-key", questionId: "q3", from: "lamp", to: { value: 1, tolerance: 0, unit: "" } }],
    ["an order that leaves an item out", { type: "set-parts", questionId: "q6", from: ITEMS, to: { ...ITEMS, key: ITEMS.key.slice(1) } }],
    ["an order that names an item twice", { type: "set-parts", questionId: "q6", from: ITEMS, to: { ...ITEMS, key: ["i1", "i1", "i2", "i3"] } }],
    ["a pair with something that is not there", { type: "set-parts", questionId: "q7", from: PAIRS, to: { ...PAIRS, key: PAIRS.key.with(0, ["l1", "r9"]) } }],
    ["a proof that is not offered", { type: "set-parts", questionId: "q9", from: TWO, to: { ...TWO, key: ["o1", "p9"] } }],
    ["pairs for an order", { type: "set-parts", questionId: "q6", from: ITEMS, to: PAIRS }],
    ["adding a question twice", { type: "add-question", index: 0, slip: slips[0]! }],
  ])("%s", (_, edit) => {
    expect(applyEdit(state, edit).ok).toBe(false);
  });
});

describe("mergeEdits", () => {
  const typed = (from: string, to: string, questionId = "q1"): Edit => ({ type: "set-stem", questionId, from, to });
  it("makes typing on one step, from the first words to the last", () => {
    expect(mergeEdits(typed("a", "ab"), typed("ab", "abc"))).toEqual(typed("a", "abc"));
  });
  it("makes typing in a part one step, and another order a step of its own", () => {
    const written = (text: string): typeof ITEMS => ({ ...ITEMS, items: ITEMS.items.with(0, { id: "i1", text }) });
    const step = (from: Parts, to: Parts): Edit => ({ type: "set-parts", questionId: "q6", from, to });
    expect(mergeEdits(step(ITEMS, written("H")), step(written("H"), written("Hold")))).toEqual(step(ITEMS, written("Hold")));
    expect(mergeEdits(step(ITEMS, written("H")), step(written("H"), { ...written("H"), key: [...ITEMS.key].reverse() }))).toBeUndefined();
  });
  it("keeps other fields, other questions and decisions apart", () => {
    expect(mergeEdits(typed("a", "b"), typed("c", "d", "q2"))).toBeUndefined();
    const kept = EDITS.find((edit) => edit.type === "set-status")!;
    expect(mergeEdits(kept, kept)).toBeUndefined();
    expect(mergeEdits(EDITS[1]!, { ...EDITS[1]!, optionId: "o3" } as Edit)).toBeUndefined();
  });
});

describe("keys of several options", () => {
  const applied = (edit: Edit) => applyEdit(state, edit);
  it("name only options that are there, and at least one", () => {
    expect(applied({ type: "set-key", questionId: "q10", from: ["o1", "o2"], to: ["o1", "o77"] }).ok).toBe(false);
    expect(applied({ type: "set-key", questionId: "q10", from: ["o1", "o2"], to: [] }).ok).toBe(false);
  });
  it("keep a right option from being removed", () => {
    expect(applied({ type: "remove-option", questionId: "q10", index: 0, option: { id: "o1", text: "" } }).ok).toBe(false);
    expect(applied({ type: "remove-option", questionId: "q13", index: 0, option: { id: "o1", text: "" } }).ok).toBe(true);
  });
  it("are none for an opinion", () => {
    expect(applied({ type: "set-key", questionId: "q13", from: "o1", to: "o2" }).ok).toBe(false);
  });
});
