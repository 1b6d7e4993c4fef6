import { describe, expect, it } from "vitest";
import { readPassage } from "./read-passage";

const read = (text: string, kind: "text" | "markdown" = "text", name = "") => {
  const passage = readPassage(text, kind, name);
  if (!passage.ok) throw new Error(passage.problem.type);
  return passage.value;
};
const shape = (text: string, kind: "text" | "markdown" = "text") => read(text, kind).blocks.map((block) => [block.kind, block.text]);

describe("plain text", () => {
  it("parts paragraphs at blank lines and takes a short first line as the title", () => {
    expect(shape("The harbour light\n\nIt was lit in 1871.\n\nIt still burns.")).toEqual([
      ["heading", "The harbour light"],
      ["paragraph", "It was lit in 1871."],
      ["paragraph", "It still burns."],
    ]);
  });
  it("joins lines that a program wrapped, and a word hyphenated at a line end", () => {
    expect(
      shape("The keepers wound the clockwork every four hours, and the light-\nhouse never went dark in all of those years, not even in the great\nstorm."),
    ).toEqual([
      ["paragraph", "The keepers wound the clockwork every four hours, and the lighthouse never went dark in all of those years, not even in the great storm."],
    ]);
  });
  it("takes each line as a paragraph where lines are not wrapped", () => {
    expect(shape("The first sentence stands here alone.\nThe second one stands here too.")).toEqual([
      ["paragraph", "The first sentence stands here alone."],
      ["paragraph", "The second one stands here too."],
    ]);
  });
  it("takes a short question for a heading, but not one that somebody asks", () => {
    expect(shape("It was lit in 1871 and burns.\n\nWho kept it?\n\nReporter: Who kept it?\n\nIda kept it for years.").map(([kind]) => kind)).toEqual([
      "paragraph",
      "heading",
      "paragraph",
      "paragraph",
    ]);
  });
  it("reads lists with dashes, bullets and numbers", () => {
    expect(shape("You need:\n- a rope\n• a post\n3) a friend")).toEqual([
      ["paragraph", "You need:"],
      ["list-item", "a rope"],
      ["list-item", "a post"],
      ["list-item", "a friend"],
    ]);
  });
  it("reads Windows and old Mac line ends", () => {
    expect(shape("One is here.\r\n\r\nTwo is here.\r\rThree is here.")).toHaveLength(3);
  });
  it("makes white space single spaces", () => {
    expect(shape("The  lamp\t burns\u00a0 bright.")).toEqual([["paragraph", "The lamp burns bright."]]);
  });
});

describe("Markdown", () => {
  it("parts the turns of a talk that no blank line parts, and nothing with one label", () => {
    expect(shape("**Ida:** The lamp is old.\nIt burns oil.\n**Tom:** We clean it.\n\nNote: The lamp\nburns oil.", "markdown")).toEqual([
      ["paragraph", "Ida: The lamp is old. It burns oil."],
      ["paragraph", "Tom: We clean it."],
      ["paragraph", "Note: The lamp burns oil."],
    ]);
  });
  it("keeps headings, paragraphs, lists and quotations, without the marks", () => {
    expect(shape("# Knots\n\nA *bowline* is a [knot](x).\n\n- one\n- two\n\n> Tie it well.\n\n```\ncode\n```", "markdown")).toEqual([
      ["heading", "Knots"],
      ["paragraph", "A bowline is a knot."],
      ["list-item", "one"],
      ["list-item", "two"],
      ["quotation", "Tie it well."],
    ]);
  });
});

describe("numbers and titles", () => {
  it("takes whole sentences with speech for no heading", () => {
    const text = 'The lens\n\nThe case was empty.\n\nMrs Finch laughed. "Then where is it?"\n\nThey found it.';
    expect(shape(text).map(([kind]) => kind)).toEqual(["heading", "paragraph", "paragraph", "paragraph"]);
  });
  it("numbers paragraphs apart from headings", () => {
    expect(read("# A\n\nOne.\n\n## B\n\nTwo.", "markdown").blocks.map((block) => block.locator)).toEqual([
      { type: "heading", number: 1 },
      { type: "paragraph", number: 1 },
      { type: "heading", number: 2 },
      { type: "paragraph", number: 2 },
    ]);
  });
  it("takes the title from the heading, the file's name, or the first words", () => {
    expect(read("# Knots\n\nText.", "markdown").title).toBe("Knots");
    expect(read("The lamp burns all night.", "text", "harbour-light.txt").title).toBe("Harbour light");
    expect(read("The lamp burns all night and the keeper sleeps.").title).toBe("The lamp burns all night and the …");
  });
});

describe("bad input", () => {
  it.each([
    ["passage-empty", ""],
    ["passage-empty", " \n \t\n"],
    ["passage-empty", "--- 12 ---"],
    ["passage-not-text", "PK\u0003\u0004\u0000\u0000\u0001\u0002"],
    ["passage-too-long", "a ".repeat(150_001)],
  ])("is refused as %s", (type, text) => {
    expect(readPassage(text, "text")).toMatchObject({ ok: false, problem: { type } });
  });
  it("reads one line of forty thousand characters", () => {
    expect(read("word ".repeat(8000)).blocks).toHaveLength(1);
  });
});
