import { describe, expect, it } from "vitest";
import { blocksOf } from "../../../../tests/support/language-tools";
import type { Block } from "../schema";
import { applySourceEdit } from "./apply-source-edit";
import { bringBack, mergeWithNext, setKind, setText, splitAt, strikeOut, strikePart } from "./change-blocks";
import { invertSourceEdit } from "./invert-source-edit";
import { mergeSourceEdits } from "./merge-source-edits";
import { moveStretches } from "./move-stretches";
import { readingBlocks } from "./reading-blocks";
import type { SourceEdit, SourceState } from "./source-edit";

const state = (text: string): SourceState => ({ title: "Log", language: "en", blocks: blocksOf(text), choice: null });
const LOG = "The lamp was lit in 1871. It still burns.\n\nThe keeper wound it.\n\nThe author lives on the quay.";
const edited = (before: SourceState, edit: SourceEdit | undefined): SourceState => {
  const applied = applySourceEdit(before, edit!);
  if (!applied.ok) throw new Error(applied.problem.type);
  return applied.value;
};
const read = (source: SourceState) =>
  readingBlocks(source.blocks, source.choice)
    .filter((block) => !block.leftOut)
    .map((block) => block.text);
const spoken: Block = {
  id: "b1",
  kind: "cue",
  text: "The tide rises. Boats float. The tide falls.",
  locator: { type: "time", startMs: 0, endMs: 9000 },
  timings: [
    { start: 0, end: 15, startMs: 0, endMs: 3000 },
    { start: 16, end: 28, startMs: 3000, endMs: 6000 },
    { start: 29, end: 44, startMs: 6000, endMs: 9000 },
  ],
};

describe("striking out", () => {
  it("leaves a block out with its reason and brings it back", () => {
    const before = state(LOG);
    const edit = strikeOut([before.blocks[2]!])!;
    const struck = edited(before, edit);
    expect(struck.blocks[2]!.leftOut).toBe("by hand");
    expect(read(struck)).toHaveLength(2);
    expect(edited(struck, bringBack(struck.blocks))).toEqual(before);
    expect(edited(struck, invertSourceEdit(edit))).toEqual(before);
  });
  it("takes a part out of what is read, without leftover spaces", () => {
    const before = state("The lamp, which was old, burns all night.");
    const struck = edited(before, strikePart(before.blocks[0]!, { start: 8, end: 23 }));
    expect(read(struck)).toEqual(["The lamp, burns all night."]);
    const closer = edited(before, strikePart(before.blocks[0]!, { start: 8, end: 24 }));
    expect(read(closer)).toEqual(["The lamp burns all night."]);
    expect(before.blocks[0]!.text).toContain("which was old");
  });
  it("brings back a part of a struck part", () => {
    const block = { ...state(LOG).blocks[0]!, struck: [{ start: 0, end: 20 }] };
    expect((strikePart(block, { start: 4, end: 8 }) as { to: Block }).to.struck).toEqual([
      { start: 0, end: 4 },
      { start: 8, end: 20 },
    ]);
  });
  it("leaves a block out whose every word is struck", () => {
    const block = { ...state(LOG).blocks[0]!, struck: [{ start: 0, end: 500 }] };
    expect(readingBlocks([block], null)[0]!.leftOut).toBe("struck out");
  });
  it("moves the times of sentences along with what is struck before them", () => {
    const [block] = readingBlocks([{ ...spoken, struck: [{ start: 0, end: 15 }] }], null);
    expect(block!.text).toBe("Boats float. The tide falls.");
    expect(block!.timings!.map(({ start, end }) => block!.text.slice(start, end))).toEqual(["Boats float.", "The tide falls."]);
  });
});

describe("choosing a part", () => {
  it("keeps the sentences that are spoken in the chosen minutes", () => {
    const [block] = readingBlocks([spoken], { unit: "time", from: 2500, to: 6500 });
    expect(block).toMatchObject({ text: "Boats float.", timings: [{ start: 0, end: 12, startMs: 3000 }] });
  });
  it("leaves out pages and slides outside, and says so", () => {
    const page = (number: number): Block => ({ id: `p${number}`, kind: "paragraph", text: "Text.", locator: { type: "page", page: number, paragraph: 1 } });
    expect(readingBlocks([page(1), page(2), page(3)], { unit: "page", from: 2, to: 2 }).map((block) => block.leftOut)).toEqual([
      "outside the chosen pages",
      undefined,
      "outside the chosen pages",
    ]);
  });
});

describe("correcting blocks", () => {
  it("keeps struck parts and times in their places when a word before them is corrected", () => {
    const edit = setText({ ...spoken, struck: [{ start: 16, end: 28 }] }, "The tides rises. Boats float. The tide falls.") as { to: Block };
    expect(edit.to.text.slice(edit.to.struck![0]!.start, edit.to.struck![0]!.end)).toBe("Boats float.");
    expect(edit.to.timings!.map(({ start, end }) => edit.to.text.slice(start, end))).toEqual(["The tides rises.", "Boats float.", "The tide falls."]);
  });
  it("keeps the place of a word that is itself corrected", () => {
    expect(moveStretches([{ start: 4, end: 8 }], "The lcns shone", "The lens shone")).toEqual([{ start: 4, end: 8 }]);
  });
  it("merges two blocks, joins a broken word, and numbers anew", () => {
    const before = state("One is here.\n\nTwo is here.\n\ner wound it.");
    before.blocks[1] = { ...before.blocks[1]!, text: "The keep-" };
    const merged = edited(before, mergeWithNext(before.blocks, 1));
    expect(merged.blocks.map((block) => block.text)).toEqual(["One is here.", "The keeper wound it."]);
    expect(merged.blocks.map((block) => block.locator)).toEqual([
      { type: "paragraph", number: 1 },
      { type: "paragraph", number: 2 },
    ]);
  });
  it("splits a block at an offset; undoing merges it again", () => {
    const before = state(LOG);
    const edit = splitAt(before.blocks, 0, 25, "n1")!;
    const split = edited(before, edit);
    expect(split.blocks.map((block) => block.text).slice(0, 2)).toEqual(["The lamp was lit in 1871.", "It still burns."]);
    expect(edited(split, invertSourceEdit(edit)).blocks.map((block) => block.text)).toEqual(before.blocks.map((block) => block.text));
    expect(splitAt(before.blocks, 0, 0, "n1")).toBeUndefined();
  });
  it("gives each part of a split cue its own time", () => {
    const edit = splitAt([spoken], 0, 28, "n1") as { to: Block[] };
    expect(edit.to.map((block) => block.locator)).toEqual([
      { type: "time", startMs: 0, endMs: 6000 },
      { type: "time", startMs: 6000, endMs: 9000 },
    ]);
  });
  it("makes a paragraph a heading, which counts apart", () => {
    const before = state(LOG);
    const headed = edited(before, setKind(before.blocks[0]!, "heading"));
    expect(headed.blocks.map((block) => block.locator)).toEqual([
      { type: "heading", number: 1 },
      { type: "paragraph", number: 1 },
      { type: "paragraph", number: 2 },
    ]);
    expect(headed.blocks[0]).toMatchObject({ kind: "heading", level: 2 });
  });
});

describe("edits that do not fit", () => {
  const before = state(LOG);
  it.each<[string, SourceEdit]>([
    ["a block that is gone", { type: "set-block", blockId: "b9", from: before.blocks[0]!, to: { ...before.blocks[0]!, id: "b9" } }],
    ["a block that would change its name", { type: "set-block", blockId: "b1", from: before.blocks[0]!, to: before.blocks[1]! }],
    ["blocks that are not there any more", { type: "replace-blocks", index: 1, from: [before.blocks[0]!], to: [] }],
    ["nothing left at all", { type: "replace-blocks", index: 0, from: before.blocks, to: [] }],
    ["two blocks of one name", { type: "replace-blocks", index: 0, from: [before.blocks[0]!], to: [before.blocks[1]!] }],
  ])("are refused: %s", (_, edit) => {
    expect(applySourceEdit(before, edit).ok).toBe(false);
  });
});

describe("steps of the history", () => {
  const before = state(LOG);
  const [block] = before.blocks;
  it("takes typing on in a block as one step, and a strike as another", () => {
    const first = setText(block!, "The lamps");
    const second = setText((first as { to: Block }).to, "The lamps burn");
    expect(mergeSourceEdits(first, second)).toMatchObject({ from: block, to: { text: "The lamps burn" } });
    expect(mergeSourceEdits(first, strikePart((first as { to: Block }).to, { start: 0, end: 3 }))).toBeUndefined();
    expect(mergeSourceEdits(first, setText(before.blocks[1]!, "x"))).toBeUndefined();
  });
  it("takes a dragged range as one step", () => {
    const choose = (from: number, to: number): SourceEdit => ({
      type: "set-choice",
      from: { unit: "page", from, to: 9 },
      to: { unit: "page", from: to, to: 9 },
    });
    expect(mergeSourceEdits(choose(1, 2), choose(2, 3))).toEqual(choose(1, 3));
  });
});
