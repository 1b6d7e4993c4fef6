import { describe, expect, it } from "vitest";
import type { Imported } from "../importer";
import { parseCues } from "./parse-cues";
import { readCaptions } from "./read-captions";

const read = (text: string, name = "talk.vtt"): Imported => {
  const imported = readCaptions(text, name);
  if (!imported.ok) throw new Error(imported.problem.type);
  return imported.value;
};
const texts = (text: string) => read(text).blocks.map((block) => block.text);
const cue = (from: number, to: number, text: string) =>
  `00:${String(Math.floor(from / 60)).padStart(2, "0")}:${(from % 60).toFixed(3).padStart(6, "0")} --> 00:${String(Math.floor(to / 60)).padStart(2, "0")}:${(to % 60).toFixed(3).padStart(6, "0")}\n${text}\n\n`;

describe("captions become sentences and paragraphs", () => {
  it("joins a sentence that runs over two captions and keeps its times", () => {
    const { blocks } = read(`WEBVTT\n\n${cue(1, 3, "The lamp was lit")}${cue(3, 5, "in 1871. It still")}${cue(5, 6, "burns.")}`);
    expect(blocks).toHaveLength(1);
    expect(blocks[0]!.text).toBe("The lamp was lit in 1871. It still burns.");
    expect(blocks[0]!.locator).toEqual({ type: "time", startMs: 1000, endMs: 6000 });
    const [first, second] = blocks[0]!.timings!;
    expect(blocks[0]!.text.slice(first!.start, first!.end)).toBe("The lamp was lit in 1871.");
    expect(first!.startMs).toBe(1000);
    expect(second!.startMs).toBeGreaterThan(3000);
    expect(second!.endMs).toBe(6000);
  });
  it("keeps the time of every caption where nobody wrote full stops", () => {
    const lines = [
      "the keepers wound the clockwork every four hours and",
      "the lamp was lit at dusk and the lens turned all night",
      "while the ships passed the reef in the dark",
    ];
    const { blocks } = read(`WEBVTT\n\n${lines.map((line, index) => cue(index * 4, index * 4 + 4, line)).join("")}`);
    expect(blocks[0]!.timings!.map(({ start, startMs }) => [blocks[0]!.text.slice(start, start + 9), startMs])).toEqual([
      ["The keepe", 0],
      ["the lamp ", 4000],
      ["while the", 8000],
    ]);
  });
  it("begins a paragraph after a long silence", () => {
    expect(texts(`WEBVTT\n\n${cue(0, 2, "The tide rises.")}${cue(5, 7, "The boats float.")}`)).toEqual(["The tide rises.", "The boats float."]);
  });
  it("takes away what rolling captions repeat", () => {
    const rolling = cue(0, 2, "so today we") + cue(2, 4, "so today we\nlook at the tide") + cue(4, 6, "look at the tide\nand the moon.");
    const { blocks, warnings } = read(`WEBVTT\n\n${rolling}`);
    expect(blocks[0]!.text).toBe("so today we look at the tide and the moon.");
    expect(warnings).toContainEqual({ type: "cues-merged", count: 2 });
  });
  it("takes a caption that grows word by word once", () => {
    expect(texts(`WEBVTT\n\n${cue(0, 1, "The lens")}${cue(0.5, 2, "The lens turns")}${cue(1.5, 3, "The lens turns slowly.")}`)).toEqual([
      "The lens turns slowly.",
    ]);
  });
  it("keeps a word that is really said twice", () => {
    expect(texts(`WEBVTT\n\n${cue(0, 2, "Heave, heave")}${cue(2, 4, "heave, and rest.")}`)).toEqual(["Heave, heave heave, and rest."]);
  });
});

describe("speakers and sounds", () => {
  it("parts speakers, by voice marks and by labels", () => {
    const { blocks } = read(`WEBVTT\n\n${cue(0, 2, "<v Oda>How heavy is it?")}${cue(2, 4, "<v Nell>Six tonnes.")}`);
    expect(blocks.map((block) => [block.speaker, block.text])).toEqual([
      ["Oda", "How heavy is it?"],
      ["Nell", "Six tonnes."],
    ]);
    const labelled = read(`WEBVTT\n\n${cue(0, 2, "PILOT: Steer by the light.")}${cue(2, 4, "It never moves.")}${cue(4, 6, ">> Why not?")}`);
    expect(labelled.blocks.map((block) => [block.speaker, block.text])).toEqual([
      ["Pilot", "Steer by the light. It never moves."],
      [undefined, "Why not?"],
    ]);
  });
  it("leaves a single word before a colon where it is", () => {
    expect(texts(`WEBVTT\n\n${cue(0, 4, "Remember: the tide turns twice a day.")}`)).toEqual(["Remember: the tide turns twice a day."]);
  });
  it("sets sounds apart, left out with the reason", () => {
    const { blocks } = read(`WEBVTT\n\n${cue(0, 2, "[music]")}${cue(2, 5, "The bell [bell rings] hangs here.")}${cue(5, 7, "(gulls cry)")}`);
    expect(blocks.filter((block) => !block.leftOut).map((block) => block.text)).toEqual(["The bell hangs here."]);
    expect(blocks.filter((block) => block.leftOut).map((block) => [block.text, block.leftOut])).toEqual([
      ["[music]", "sound description"],
      ["[bell rings]", "sound description"],
      ["(gulls cry)", "sound description"],
    ]);
  });
  it("keeps round brackets that are part of what is said", () => {
    expect(texts(`WEBVTT\n\n${cue(0, 4, "The lens (made in 1871) still turns.")}`)).toEqual(["The lens (made in 1871) still turns."]);
  });
});

describe("captions without full stops", () => {
  const bare = cue(0, 3, "the lamp burns all night and the keeper winds the clock") + cue(4, 7, "the ships see it from far away and turn in time");
  it("restores them at pauses and marks them as ours", () => {
    const { blocks, warnings } = read(`WEBVTT\n\n${bare}`);
    expect(blocks[0]!.text).toBe("The lamp burns all night and the keeper winds the clock. The ships see it from far away and turn in time.");
    expect(blocks[0]!.restored!.map(({ start, end }) => blocks[0]!.text.slice(start, end))).toEqual(["T", ".", "T", "."]);
    expect(warnings).toContainEqual({ type: "punctuation-restored", count: 2 });
  });
});

describe("odd and hostile caption files", () => {
  it("reads SubRip with commas, dots, positions, fonts, and no last line end", () => {
    const srt = "1\r\n00:00:01,000 --> 00:00:02,500\r\n{\\an8}<font color=red>The light</font>\r\n\r\n2\r\n00:00:02.500 --> 00:00:04.000\r\nturns &amp; turns.";
    expect(read(srt, "talk.en.srt")).toMatchObject({ title: "Talk", blocks: [{ text: "The light turns & turns." }] });
  });
  it("passes over styles, notes, regions and cue names", () => {
    const vtt = `\ufeffWEBVTT - The harbour light\nKind: captions\n\nSTYLE\n::cue { color: red }\n\nNOTE nothing here\n\nintro\n00:01.000 --> 00:02.000 line:0\nHello.\n`;
    expect(read(vtt)).toMatchObject({ title: "The harbour light", blocks: [{ text: "Hello." }] });
  });
  it("repairs times that run backwards, are negative or cross, and says how many", () => {
    const { warnings, blocks } = read(
      `WEBVTT\n\n${cue(8, 5, "Last here.")}-00:02.000 --> 00:01.000\nFirst here.\n\n${cue(2, 9, "Second here.")}${cue(3, 4, "Third here.")}`,
    );
    expect(warnings).toContainEqual({ type: "cues-repaired", count: 2 });
    expect(blocks.map((block) => block.text).join(" ")).toBe("First here. Second here. Third here. Last here.");
    for (const { locator } of blocks) expect(locator.type === "time" && locator.startMs >= 0 && locator.endMs > locator.startMs).toBe(true);
  });
  it("reads more than ninety-nine hours", () => {
    expect(parseCues("WEBVTT\n\n100:00:01.000 --> 100:00:02.000\nStill here.").cues[0]!.startMs).toBe(360_001_000);
  });
  it.each(["WEBVTT\n\n", "WEBVTT\n\n00:00.000 --> 00:01.000\n\n", `WEBVTT\n\n${cue(0, 2, "[music]")}`, "no captions at all"])("refuses %j as empty", (text) => {
    expect(readCaptions(text, "x.vtt")).toEqual({ ok: false, problem: { type: "captions-empty" } });
  });
});
