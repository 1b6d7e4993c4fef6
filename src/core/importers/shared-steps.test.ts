import { describe, expect, it } from "vitest";
import { blocksOf } from "../../../tests/support/language-tools";
import { unrollCues } from "./captions/unroll-cues";
import { reasonFor } from "./html/left-out-reason";
import { parsePage } from "./html/parse-page";
import { markCaptions } from "./mark-captions";
import { joinLines } from "./pdf/blocks-of-lines";
import { findFurniture } from "./pdf/find-furniture";
import { type Line, linesOfPage } from "./pdf/lines-of-page";
import type { Item } from "./pdf/page-items";
import { blocksFromWords } from "./picture/blocks-from-words";
import { looksLikeHeadings, rowText } from "./row-text";
import { nameAsTitle, titleOf } from "./title-of";

describe("a table row as one line", () => {
  it("weaves the headings in", () => {
    expect(rowText(["First", "2.6 m", "6 t"], ["Order", "Height", "Weight"])).toBe("First: Height 2.6 m; Weight 6 t.");
    expect(rowText(["First", "", ""], ["Order", "Height", "Weight"])).toBe("First");
    expect(rowText(["a", "b"], [])).toBe("a · b");
    expect(rowText(["", ""], [])).toBe("");
  });
  it("takes a first row without numbers over rows with numbers for headings", () => {
    expect(
      looksLikeHeadings([
        ["Year", "Calls"],
        ["2021", "34"],
      ]),
    ).toBe(true);
    expect(
      looksLikeHeadings([
        ["Bowline", "mooring"],
        ["Reef knot", "parcels"],
      ]),
    ).toBe(false);
    expect(
      looksLikeHeadings([
        ["2021", "34"],
        ["2022", "29"],
      ]),
    ).toBe(false);
  });
});

describe("titles", () => {
  it("come from a heading near the top, even under a line or two", () => {
    expect(titleOf(blocksOf("Skerry Bay School\n\n# Why the sea rises\n\nTwice a day.", "markdown"))).toBe("Why the sea rises");
    expect(titleOf(blocksOf("A long sentence stands here, as long as the first one of a text without a title.\n\n# Later", "markdown"), "tides.md")).toBe(
      "Tides",
    );
  });
  it("are made of a file's name", () => {
    expect([nameAsTitle("folder/harbour-light_2.docx"), nameAsTitle(".txt"), nameAsTitle("")]).toEqual(["Harbour light 2", "", ""]);
  });
});

it("paragraphs that open like a caption become captions; sentences that only begin with such a word do not", () => {
  const kinds = markCaptions(
    blocksOf("Figure 3: The lens room.\n\nTable 2. Heights of the tide.\n\nPicture a lamp that never goes out.\n\nPhoto: harbour office."),
  ).map((block) => block.kind);
  expect(kinds).toEqual(["caption", "caption", "paragraph", "caption"]);
});

describe("why an element is no part of the passage", () => {
  const first = (html: string) => {
    const page = parsePage(html);
    if (!page.ok) throw new Error(page.problem.type);
    return reasonFor(page.value.body.firstElementChild!);
  };
  it.each([
    ['<header class="x"><p>Menu</p></header>', "page furniture"],
    ['<div class="postComments"></div>', "comment"],
    ['<p class="byline"></p>', "byline"],
    ['<div role="navigation"></div>', "page furniture"],
    ['<div class="article-body"></div>', undefined],
    ['<div class="readers"></div>', undefined],
  ])("%s: %s", (html, reason) => expect(first(html)).toBe(reason));
  it("a header inside the article that holds its title belongs to it", () => {
    const page = parsePage("<article><header><h1>Tides</h1></header></article>");
    expect(page.ok && reasonFor(page.value.querySelector("header")!)).toBeUndefined();
  });
});

it("captions that roll are taken once, and a pause begins anew", () => {
  const cue = (startMs: number, endMs: number, line: string) => ({ startMs, endMs, lines: [line] });
  const { cues, merged } = unrollCues([
    cue(0, 2000, "the lens turns"),
    cue(2000, 2010, "the lens turns"),
    cue(2010, 4000, "the lens turns slowly"),
    cue(60_000, 62_000, "the lens turns"),
  ]);
  expect(cues.map((one) => one.lines[0])).toEqual(["the lens turns", "slowly", "the lens turns"]);
  expect(merged).toBe(2);
});

describe("a page of a PDF", () => {
  const item = (text: string, left: number, bottom: number, more: Partial<Item> = {}): Item => ({
    text,
    left,
    right: left + text.length * 5,
    bottom,
    size: 10,
    bold: false,
    ...more,
  });
  const page = (items: Item[]) => linesOfPage({ number: 1, width: 400, height: 600, items, hasPictures: false });
  it("with two columns is read down the left and then down the right, across at a wide line", () => {
    const rows = [100, 115, 130, 145, 160, 175].flatMap((bottom, index) => [
      item(`left line number ${index} here`, 40, bottom),
      item(`right line number ${index} here`, 220, bottom),
    ]);
    const texts = page([item("A heading that runs across the whole width of the page here ok", 40, 70, { size: 12 }), ...rows]).map((line) => line.text);
    expect(texts[0]).toMatch(/^A heading/);
    expect(texts.slice(1, 7).every((text) => text.startsWith("left"))).toBe(true);
    expect(texts.slice(7).every((text) => text.startsWith("right"))).toBe(true);
  });
  it("drops the small raised number of a note and keeps other numbers", () => {
    const [line] = page([item("two coats.", 40, 100), item("1", 90, 96, { size: 6 }), item("In 1871", 110, 100)]);
    expect(line!.text).toBe("two coats. In 1871");
  });
  it("joins words broken at a line end, and keeps compounds before capitals", () => {
    expect(joinLines(["the light-", "house of Skerry-", "Bay stands"])).toBe("the lighthouse of Skerry-Bay stands");
    expect(joinLines(["one", "two"])).toBe("one two");
  });
  it("has its running header found by repetition, with other numbers on each page", () => {
    const line = (text: string, bottom: number, number: number): Line => ({
      page: number,
      text,
      cells: [text],
      cellEdges: [],
      left: 40,
      right: 200,
      bottom,
      size: 10,
      bold: false,
      column: { left: 40, right: 360 },
    });
    const pages = [1, 2, 3, 4].map((number) => ({
      number,
      height: 600,
      lines: [line(`Chapter ${number} · The lens`, 40, number), line(`Body of page ${number}.`, 300, number), line(`${number}`, 580, number)],
    }));
    expect([...findFurniture(pages, 10)].map((one) => one.text).sort()).toEqual(
      ["1", "2", "3", "4", ...[1, 2, 3, 4].map((number) => `Chapter ${number} · The lens`)].sort(),
    );
  });
});

describe("words read off a picture", () => {
  const word = (text: string, line: number, paragraph: number, left: number, height = 0.02, confidence = 92) => ({
    text,
    confidence,
    line,
    paragraph,
    box: { left, top: line * 0.05, width: 0.1, height },
  });
  it("become headings by their height, paragraphs, and nothing where there is only noise", () => {
    const words = [
      word("Hold", 3, 1, 0.1, 0.04),
      word("Fast", 3, 1, 0.3, 0.04),
      word("The", 5, 2, 0.1),
      word("lamp", 5, 2, 0.2),
      word("burns.", 5, 2, 0.3),
      word("~", 9, 3, 0.5, 0.02, 12),
    ];
    const body = Array.from({ length: 12 }, (_, index) => word("Tied", 10 + index, 4, 0.1));
    const blocks = blocksFromWords([...words, ...body], 1);
    expect(blocks.slice(0, 2).map((block) => [block.kind, block.text])).toEqual([
      ["heading", "Hold Fast"],
      ["paragraph", "The lamp burns."],
    ]);
    expect(blocks.some((block) => block.text.includes("~"))).toBe(false);
  });
  it("keep their boxes when a word is joined at a line end", () => {
    const [block] = blocksFromWords([word("light-", 1, 1, 0.7), word("house", 2, 1, 0.1)], 1);
    expect(block!.text).toBe("lighthouse");
    expect(block!.words!.map(({ start, end }) => [start, end])).toEqual([
      [0, 5],
      [5, 10],
    ]);
  });
});
