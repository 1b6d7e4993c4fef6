import { describe, expect, it } from "vitest";
import { actionForKey, isToKeep, MARGIN_ACTIONS, needsALook, passesFilter, passesNarrowing } from "@/components/margin/margin-actions";
import { orderSlips } from "@/components/margin/order-slips";
import { placeSlips } from "@/components/margin/use-slip-tops";
import { slipVerdict } from "@/components/margin/verdict";
import { doubtKey } from "@/core/checking/check-question";
import type { Slip } from "@/core/questions/edit";
import { stepSentence } from "@/core/source/step-sentence";
import { evidence, LOG, short } from "../support/rule-tester";

const slip = (id: string, quote?: string, more: Partial<Slip> = {}): Slip => ({
  question: { ...short("What?", "this"), id, evidence: quote ? evidence(quote) : [] },
  status: "draft",
  lookAgain: false,
  answered: {},
  ...more,
});

describe("slips beside their evidence", () => {
  const anchors = new Map([
    ["a", { top: 100 }],
    ["b", { top: 120 }],
    ["c", { top: 600 }],
  ]);
  const heights = new Map([
    ["a", 80],
    ["b", 80],
    ["c", 80],
  ]);
  it("stand level with it, pushed down only as far as needed", () => {
    const { tops } = placeSlips(["a", "b", "c"], anchors, heights, undefined);
    expect([tops.get("a"), tops.get("b"), tops.get("c")]).toEqual([92, 182, 592]);
  });
  it("give way to the one in hand, upwards and downwards", () => {
    const { tops } = placeSlips(["a", "b", "c"], anchors, new Map([...heights, ["b", 400]]), "b");
    expect(tops.get("a")! + 80).toBeLessThanOrEqual(tops.get("b")!);
    expect(tops.get("b")).toBe(90);
    expect(tops.get("c")).toBe(592);
  });
  it("never lie over each other nor above the page", () => {
    const many = Array.from({ length: 30 }, (_, index) => `s${index}`);
    const close = new Map(many.map((id, index) => [id, { top: 50 + index * 5 }]));
    for (const active of [undefined, "s0", "s15", "s29"]) {
      const { tops, height } = placeSlips(many, close, new Map(many.map((id) => [id, id === active ? 300 : 70])), active);
      many.forEach((id, index) => {
        const next = many[index + 1];
        expect(tops.get(id)!).toBeGreaterThanOrEqual(0);
        if (next) expect(tops.get(next)! - tops.get(id)!).toBeGreaterThanOrEqual(id === active ? 300 : 70);
      });
      expect(height).toBeGreaterThanOrEqual(tops.get("s29")!);
    }
  });
});

describe("the order of slips", () => {
  it("follows the source, whatever the order on the paper; those without evidence come last", () => {
    const slips = [slip("none"), slip("later", "The light does not turn by day."), slip("first", "The keepers wound the clockwork every four hours.")];
    expect(orderSlips(slips, LOG).map(({ slip: { question }, number }) => [question.id, number])).toEqual([
      ["first", 1],
      ["later", 2],
      ["none", 3],
    ]);
  });
  it("takes evidence that is lost for none", () => {
    const [placed] = orderSlips([slip("a", "The light does not turn by day.")], LOG.slice(0, 1));
    expect(placed!.spans).toEqual([]);
  });
});

describe("keys", () => {
  const press = (key: string, more: Partial<KeyboardEvent> = {}) =>
    actionForKey({ key, ctrlKey: false, metaKey: false, altKey: false, shiftKey: false, ...more } as KeyboardEvent)?.id;
  it("each do one thing", () => {
    const keys = MARGIN_ACTIONS.flatMap((action) => action.keys);
    expect(new Set(keys).size).toBe(keys.length);
    for (const action of MARGIN_ACTIONS) expect(press(action.keys[0]!)).toBe(action.id);
  });
  it("undo and redo as everywhere", () => {
    expect(press("z", { ctrlKey: true })).toBe("undo");
    expect(press("Z", { metaKey: true, shiftKey: true })).toBe("redo");
  });
  it("leave the browser's own alone", () => {
    expect(press("k", { ctrlKey: true })).toBeUndefined();
    expect(press("j", { altKey: true })).toBeUndefined();
  });
});

describe("filters", () => {
  it.each([
    ["all", slip("a"), "sound", true],
    ["all", slip("a", undefined, { status: "aside" }), "sound", false],
    ["aside", slip("a", undefined, { status: "aside" }), "sound", true],
    ["kept", slip("a", undefined, { status: "kept" }), "sound", true],
    ["kept", slip("a"), "sound", false],
    ["look", slip("a"), "look", true],
    ["look", slip("a"), "sound", false],
    ["look", slip("a", undefined, { lookAgain: true }), "sound", true],
    ["look", slip("a", undefined, { status: "kept" }), "look", false],
    ["look", slip("a", undefined, { status: "kept" }), "wrong", true],
  ] as const)("%s: %#", (filter, one, verdict, passes) => {
    expect(passesFilter(one, verdict, filter)).toBe(passes);
  });
});

describe("the verdict that counts", () => {
  const finding = { rule: "key-in-evidence", verdict: "look" as const, reason: "why", place: { part: "key" as const } };
  it("is sound once the doubt is answered for just these words", () => {
    const one = slip("a");
    const checked = { verdict: "look" as const, findings: [finding] };
    expect(slipVerdict(one, checked).verdict).toBe("look");
    const settled = { ...one, answered: { "key-in-evidence": doubtKey(one.question) } };
    expect(slipVerdict(settled, checked)).toMatchObject({ verdict: "sound", open: [], answered: [finding] });
  });
  it("is sound while nothing has been checked", () => {
    expect(slipVerdict(slip("a"), undefined).verdict).toBe("sound");
  });
});

describe("stepping from sentence to sentence", () => {
  it("goes on, back, and across paragraphs", () => {
    const first = stepSentence(undefined, LOG, 1)!;
    expect(first.quote).toBe("The keepers wound the clockwork every four hours.");
    const third = stepSentence(stepSentence(first, LOG, 1), LOG, 1)!;
    expect(third.quote).toBe("Wet rope is harder to untie than dry rope.");
    expect(stepSentence(third, LOG, -1)!.blockId).toBe("b1");
  });
  it("stays at the ends", () => {
    const first = stepSentence(undefined, LOG, 1);
    expect(stepSentence(first, LOG, -1)).toEqual(first);
    const last = stepSentence(undefined, LOG, -1);
    expect(stepSentence(last, LOG, 1)).toEqual(last);
    expect(stepSentence(undefined, [], 1)).toBeUndefined();
  });
});

describe("what is decided fast", () => {
  it("keeps what is sound and undecided, and nothing that is marked", () => {
    expect(isToKeep(slip("a"), "sound")).toBe(true);
    expect(isToKeep(slip("a"), "look")).toBe(false);
    expect(isToKeep(slip("a", undefined, { lookAgain: true }), "sound")).toBe(false);
    expect(isToKeep(slip("a", undefined, { status: "aside" }), "sound")).toBe(false);
  });
  it("looks at doubts that nothing was decided about, at what is marked, and at what is wrong", () => {
    expect(needsALook(slip("a"), "look")).toBe(true);
    expect(needsALook(slip("a"), "sound")).toBe(false);
    expect(needsALook(slip("a", undefined, { status: "kept" }), "look")).toBe(false);
    expect(needsALook(slip("a", undefined, { status: "kept" }), "wrong")).toBe(true);
    expect(needsALook(slip("a", undefined, { status: "aside", lookAgain: true }), "wrong")).toBe(false);
  });
  it.each([
    ["", true],
    ["kind:short-answer", true],
    ["kind:match", false],
    ["depth:recall", true],
    ["verdict:wrong", false],
    ["rule:key-in-evidence", true],
    ["rule:options-in-order", false],
    ["block:b99", false],
    ["slips:b,a", true],
    ["slips:b", false],
    ["outcome:Explain how: the lens", true],
    ["outcome:Explain", false],
  ])("narrowed to “%s”: %s", (narrowing, shown) => {
    const open = [{ rule: "key-in-evidence", verdict: "look" as const, reason: "", place: { part: "key" as const } }];
    const asked = slip("a");
    const withOutcome = { ...asked, question: { ...asked.question, outcome: "Explain how: the lens" } };
    expect(passesNarrowing(withOutcome, { verdict: "look", open, answered: [], carried: [] }, narrowing)).toBe(shown);
  });
  it("has one key for each reason to set aside", () => {
    expect(actionForKey({ key: "2" } as KeyboardEvent)?.id).toBe("aside:too-easy");
    expect(new Set(MARGIN_ACTIONS.flatMap((action) => action.keys)).size).toBe(MARGIN_ACTIONS.flatMap((action) => action.keys).length);
  });
});
