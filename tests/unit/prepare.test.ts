import { describe, expect, it } from "vitest";
import { spokenTime } from "@/components/player/use-player";
import { cutText } from "@/components/prepare/cut-text";
import { editFor } from "@/components/prepare/edit-for";
import { originalOf } from "@/components/prepare/original";
import { lengthText } from "@/components/sources/length-text";
import { draftableBlocks, joinSources } from "@/core/source/join-sources";
import { edgeLabel, placeLabel, timeCode } from "@/core/source/locator-label";
import { applySourceEdit } from "@/core/source/prepare/apply-source-edit";
import type { Block } from "@/core/source/schema";
import { languageName } from "@/messages/languages";
import { blocksOf } from "../support/language-tools";

const BLOCKS = blocksOf("# Light\n\nFirst here.\n\n## Lens\n\nSecond here.\n\nThird here.\n\n## Keepers\n\nFourth here.", "markdown");
const idOf = (text: string) => BLOCKS.find((block) => block.text === text)!.id;
const done = (task: Parameters<typeof editFor>[2], text: string, value?: string | number) => {
  const { edit, next } = editFor(BLOCKS, idOf(text), task, value);
  const applied = edit ? applySourceEdit({ title: "Light", language: "en", blocks: BLOCKS, choice: null }, edit) : undefined;
  if (applied && !applied.ok) throw new Error(applied.problem.type);
  return { blocks: applied?.value.blocks ?? BLOCKS, next };
};
const leftOut = (blocks: readonly Block[]) => blocks.filter((block) => block.leftOut).map((block) => block.text);

describe("what can be done with a block in hand", () => {
  it("strikes out everything after it", () => {
    expect(leftOut(done("after", "Second here.").blocks)).toEqual(["Third here.", "Keepers", "Fourth here."]);
  });
  it("leaves only its section, up to the next heading of its level", () => {
    expect(leftOut(done("only-section", "Lens").blocks)).toEqual(["Light", "First here.", "Keepers", "Fourth here."]);
  });
  it("splits, and goes on with the new half", () => {
    const { blocks, next } = done("split", "Second here.", 6);
    expect(blocks.map((block) => block.text)).toContain("Second");
    expect(blocks.find((block) => block.id === next)!.text).toBe("here.");
  });
  it("merges with the one before, and goes on with that", () => {
    const { blocks, next } = done("merge-before", "Third here.");
    expect(blocks.find((block) => block.id === next)!.text).toBe("Second here. Third here.");
  });
  it("does nothing where nothing can be done", () => {
    expect(editFor(BLOCKS, idOf("Light"), "merge-before")).toEqual({ edit: undefined });
    expect(editFor(BLOCKS, idOf("Fourth here."), "merge").edit).toBeUndefined();
    expect(editFor(BLOCKS, idOf("Fourth here."), "write", "").edit).toBeUndefined();
    expect(editFor(BLOCKS, idOf("Fourth here."), "after").edit).toBeUndefined();
  });
});

describe("the parts of a text that look different", () => {
  it("are cut wherever one begins or ends, and know where they lie", () => {
    const parts = cutText("The old lamp burns.", { struck: [{ start: 4, end: 8 }], spoken: [{ start: 0, end: 12 }] });
    expect(parts.map((part) => [part.start, part.text, [...part.sorts].sort()])).toEqual([
      [0, "The ", ["spoken"]],
      [4, "old ", ["spoken", "struck"]],
      [8, "lamp", ["spoken"]],
      [12, " burns.", []],
    ]);
  });
  it("never reach beyond the text", () => {
    expect(cutText("Lamp", { struck: [{ start: 0, end: 99 }] }).map((part) => part.text)).toEqual(["Lamp"]);
  });
});

describe("how the original is looked at", () => {
  const row = { id: "s1", title: "Light", kind: "text", original: "", pages: null, slides: null, fileHash: null, mediaHash: null, viewHash: null };
  it.each([
    ["the player, where there is a film", { kind: "video", mediaHash: "m", fileHash: "f" }, { sort: "media", address: "/api/files/m", isVideo: true }],
    ["its pages", { kind: "pdf", fileHash: "f", pages: 3 }, { sort: "pages", sourceId: "s1", pages: 3 }],
    ["the picture", { kind: "picture", fileHash: "f", pages: 1 }, { sort: "picture", address: "/api/files/f" }],
    ["its slides", { kind: "pptx", fileHash: "f", slides: 9 }, { sort: "slides", slides: 9 }],
    ["the sanitised page", { kind: "web-page", viewHash: "v" }, { sort: "page", address: "/api/sources/s1/view" }],
    ["the pasted text", { original: "Hello." }, { sort: "text", text: "Hello." }],
  ])("%s", (_, more, original) => {
    expect(originalOf({ ...row, ...more })).toMatchObject(original);
  });
  it("not at all, where the blocks are all there is", () => {
    expect(originalOf({ ...row, kind: "odt", fileHash: "f" })).toBeUndefined();
  });
});

describe("places and times", () => {
  const cue: Block = {
    id: "b1",
    kind: "cue",
    text: "The tide rises. Boats float.",
    locator: { type: "time", startMs: 65_000, endMs: 70_000 },
    timings: [
      { start: 0, end: 15, startMs: 65_000, endMs: 67_000 },
      { start: 16, end: 28, startMs: 67_000, endMs: 70_000 },
    ],
  };
  it("are those of the sentence that is meant", () => {
    expect([placeLabel(cue, 0), placeLabel(cue, 20)]).toEqual(["1:05", "1:07"]);
    expect(spokenTime(cue, 18, 22)).toEqual({ startMs: 67_000, endMs: 70_000 });
    expect(spokenTime(cue, 10, 20)).toEqual({ startMs: 65_000, endMs: 70_000 });
    expect(spokenTime(BLOCKS[1]!, 0, 3)).toBeUndefined();
  });
  it("are short in the edge of a block", () => {
    expect([edgeLabel(cue.locator), edgeLabel({ type: "page", page: 3, paragraph: 2 }), edgeLabel({ type: "slide", slide: 4, part: "notes" })]).toEqual([
      "1:05",
      "2",
      "",
    ]);
    expect([timeCode(0), timeCode(3_725_000)]).toEqual(["0:00", "1:02:05"]);
  });
  it("say how long a source is", () => {
    const nothing = { pages: null, slides: null, durationMs: null };
    expect([
      lengthText({ ...nothing, durationMs: 245_000 }),
      lengthText({ ...nothing, slides: 1 }),
      lengthText({ ...nothing, pages: 20 }),
      lengthText(nothing),
    ]).toEqual(["4:05", "1 slide", "20 pages", ""]);
  });
});

describe("sources that are read as one", () => {
  const english = { id: "s1", title: "Light", language: "en", blocks: BLOCKS };
  const spanish = { id: "s2", title: "Faro", language: "es", blocks: blocksOf("El faro se encendió en 1871.") };
  it("keep their order, and a second one gets its title as a heading", () => {
    const joined = joinSources([english, spanish]);
    expect(joined.slice(-2).map((block) => [block.id, block.kind, block.text, block.sourceId])).toEqual([
      ["s2:title", "heading", "Faro", "s2"],
      ["s2:b1", "paragraph", "El faro se encendió en 1871.", "s2"],
    ]);
  });
  it("are drafted from in one language, English before Spanish", () => {
    const blocks = draftableBlocks(
      joinSources([english, spanish]),
      new Map([
        ["s1", "en"],
        ["s2", "es"],
      ]),
    );
    expect(blocks.filter((block) => block.leftOut).map((block) => block.leftOut)).toEqual(["in another language", "in another language"]);
    expect(languageName("es")).toBe("Spanish");
    expect(languageName("not a code!")).toBe("not a code!");
  });
});
