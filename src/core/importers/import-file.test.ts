import { readFileSync } from "node:fs";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { importBytes, importSample } from "../../../tests/support/import-tools";
import { root } from "../../../tests/support/language-tools";
import { makeZip } from "../../../tests/support/make-zip";
import { findImporter } from "./import-file";
import { parseRtf } from "./rtf/parse-rtf";

const HEADINGS = ["How a harbour light works", "The lens", "What the keepers did", "The light today"];
const ITEMS = ["They wound the clockwork every four hours.", "They trimmed the wick before midnight.", "They wrote down every ship that passed."];
const leftOutAs = (blocks: { text: string; leftOut?: string | undefined }[], reason: string) =>
  blocks.filter((block) => block.leftOut === reason).map((block) => block.text);

describe.each(["odt", "docx", "rtf", "pdf"])("a document as LibreOffice writes it, %s", (format) => {
  it("keeps headings, paragraphs, list and table, and sets caption and note apart", async () => {
    const { kind, title, blocks } = await importSample(`tests/files/harbour-leaflet.${format}`);
    expect([kind, title]).toEqual([format, HEADINGS[0]]);
    const shown = blocks.filter((block) => !block.leftOut);
    const of = (kind: string) => shown.filter((block) => block.kind === kind).map((block) => block.text);
    expect(of("heading")).toEqual(HEADINGS);
    expect(of("list-item")).toEqual(ITEMS);
    expect(of("table-row")).toEqual(["First: Height 2.6 m; Weight 6 tonnes.", "Third: Height 1.6 m; Weight 1 tonne.", "Sixth: Height 0.4 m; Weight 80 kg."]);
    expect(of("paragraph")).toHaveLength(6);
    expect(leftOutAs(blocks, "picture caption")).toEqual(["Figure 1: The lens room in 1903. Photograph: museum archive."]);
    expect(leftOutAs(blocks, "footnote").map((text) => text.replace(" ↑", ""))).toEqual(["The rhythm of a light is called its character."]);
    expect(shown.some((block) => /Leaflet 7|Skerry Bay Harbour Museum/.test(block.text))).toBe(false);
  });
});

describe("a book", () => {
  it("gets headings from the looks that a word processor gave its paragraphs", async () => {
    const { kind, title, language, blocks } = await importSample("tests/files/harbour-leaflet.epub");
    expect([kind, title, language]).toEqual(["epub", HEADINGS[0], "en"]);
    expect(blocks.filter((block) => block.kind === "heading").map((block) => block.text)).toEqual(HEADINGS);
    expect(leftOutAs(blocks, "footnote")).toEqual(["The rhythm of a light is called its character."]);
  });
  it("is read along its spine, without contents and cover", async () => {
    const chapter = (title: string, text: string) => `<html xmlns="http://www.w3.org/1999/xhtml"><body><h1>${title}</h1><p>${text}</p></body></html>`;
    const opf = `<package><metadata><dc:title>The long light</dc:title><dc:creator>Nell Rowe</dc:creator><dc:language>en-GB</dc:language></metadata><manifest><item id="n" href="nav.xhtml" properties="nav"/><item id="b" href="two%20b.xhtml"/><item id="a" href="one.xhtml"/></manifest><spine><itemref idref="n"/><itemref idref="a"/><itemref idref="b"/></spine></package>`;
    const book = makeZip([
      { name: "mimetype", content: "application/epub+zip" },
      { name: "META-INF/container.xml", content: '<container><rootfiles><rootfile full-path="OPS/book.opf"/></rootfiles></container>' },
      { name: "OPS/book.opf", content: opf },
      { name: "OPS/nav.xhtml", content: chapter("Contents", "1 2 3") },
      { name: "OPS/one.xhtml", content: chapter("One", "The lamp was lit.") },
      { name: "OPS/two b.xhtml", content: chapter("Two", "It went out.") },
    ]);
    const imported = await importBytes(book, "book.epub");
    expect(imported).toMatchObject({ ok: true, value: { title: "The long light", byline: "Nell Rowe", language: "en" } });
    expect(imported.ok && imported.value.blocks.map((block) => block.text)).toEqual(["One", "The lamp was lit.", "Two", "It went out."]);
  });
});

describe.each(["odp", "pptx"])("slides, %s", (format) => {
  it("keep titles, points, tables and slide numbers; notes are left out until wanted", async () => {
    const { title, slides, blocks, warnings } = await importSample(`tests/files/knots-deck.${format}`);
    expect([title, slides]).toEqual(["Three knots for the quay", 4]);
    expect(blocks.filter((block) => block.kind === "heading").map((block) => block.text)).toEqual([
      "Three knots for the quay",
      "The bowline",
      "The reef knot",
      "Which knot for what",
    ]);
    expect(blocks.find((block) => block.text.startsWith("It makes a loop"))).toMatchObject({
      kind: "list-item",
      locator: { type: "slide", slide: 2, part: "text" },
    });
    expect(leftOutAs(blocks, "speaker notes")).toEqual(["Bring six lengths of rope for the class.", "Show the knot slowly, twice."]);
    expect(warnings).toEqual([{ type: "notes-left-out", count: 2 }]);
  });
});

describe("a PDF", () => {
  it("keeps its pages, and the place of each block on them", async () => {
    const { pages, blocks } = await importSample("tests/files/harbour-leaflet.pdf");
    expect(pages).toBe(2);
    expect(blocks.find((block) => block.text === "The light today")).toMatchObject({ locator: { type: "page", page: 2 }, box: { page: 2 } });
    const { box } = blocks.find((block) => block.text === HEADINGS[0])!;
    expect(box!.top).toBeGreaterThan(0);
    expect(box!.top + box!.height).toBeLessThan(0.3);
    expect(leftOutAs(blocks, "page furniture")).toEqual(["Skerry Bay Harbour Museum", "Leaflet 7 · 1", "Skerry Bay Harbour Museum", "Leaflet 7 · 2"]);
  });
  it("in two columns is read down the one and then down the other, with broken words joined", async () => {
    const { blocks } = await importSample("tests/files/harbour-leaflet-printed.pdf");
    const shown = blocks.filter((block) => !block.leftOut);
    expect(shown.slice(0, 5).map((block) => block.text.slice(0, 34))).toEqual([
      HEADINGS[0],
      "A harbour light tells sailors wher",
      "The lens",
      "A lamp alone throws its light in a",
      "The lens of Skerry Bay has eight p",
    ]);
    expect(shown[1]!.text).toBe(
      "A harbour light tells sailors where the safe water lies. It burns from dusk until dawn, and each light has a rhythm of its own.",
    );
  });
  it("of pictures is recognised as such", async () => {
    expect(await importBytes(readFileSync(path.join(root, "tests/files/scanned.pdf")), "scanned.pdf")).toEqual({
      ok: false,
      problem: { type: "pdf-of-pictures", pages: 1 },
    });
  });
});

describe("recognising a format", () => {
  it.each([
    ["%PDF-1.7", "letter.docx", "pdf"],
    ["{\\rtf1 hello}", "letter.doc", "rtf"],
    ["WEBVTT\n\n", "talk.txt", "captions"],
    ["<!doctype html><p>Hi", "page", "html"],
    ["Just text.", "notes.txt", "text"],
    ["1\n00:00:01,000 --> 00:00:02,000\nHi", "talk.srt", "captions"],
    ["\u0089PNG\r\n", "photo.txt", "picture"],
  ])("goes by the content %j before the name %s", (content, name, id) => {
    expect(findImporter({ bytes: Buffer.from(content, "latin1"), name })?.id).toBe(id);
  });
  it("says so where there is none", async () => {
    expect(await importBytes(Buffer.from("hello"), "slides.xyz")).toEqual({ ok: false, problem: { type: "file-kind-unknown", name: "slides.xyz" } });
  });
});

describe("broken and hostile files", () => {
  const bomb = (name: string, claimedSize?: number) => ({ name, content: Buffer.alloc(60_000_000, 32), ...(claimedSize ? { claimedSize } : {}) });
  it.each<[string, Uint8Array, string, string]>([
    ["an encrypted PDF", readFileSync(path.join(root, "tests/files/locked.pdf")), "locked.pdf", "pdf-encrypted"],
    ["half a PDF's header", Buffer.from("%PDF-1.7 and then nothing"), "half.pdf", "pdf-broken"],
    ["a document that is no zip", Buffer.from("hello"), "letter.docx", "not-a-zip"],
    ["a zip without a document in it", makeZip([{ name: "word/other.xml", content: "<a/>" }]), "letter.docx", "document-broken"],
    ["a zip cut off in the middle", readFileSync(path.join(root, "tests/files/harbour-leaflet.odt")).subarray(0, 9000), "cut.odt", "zip-broken"],
    ["a document of the old binary sort", Buffer.from([0xd0, 0xcf, 0x11, 0xe0, 0, 0]), "old.doc", "old-word-file"],
    [
      "an office file that unpacks without end",
      makeZip([{ name: "word/document.xml", content: "<w/>" }, bomb("word/media/a.xml")]),
      "bomb.docx",
      "zip-too-large",
    ],
    [
      "one whose directory lies about it",
      makeZip([{ name: "word/document.xml", content: "<w/>" }, bomb("word/media/a.xml", 1000)]),
      "bomb.docx",
      "zip-too-large",
    ],
    [
      "slides whose XML is not XML",
      makeZip([
        { name: "ppt/presentation.xml", content: "<p:presentation><<" },
        { name: "ppt/slides/slide1.xml", content: "x" },
      ]),
      "a.pptx",
      "document-broken",
    ],
    ["a film without its captions", Buffer.from([0x1a, 0x45, 0xdf, 0xa3, 1, 2]), "tide.webm", "media-without-captions"],
    ["a text file of bytes", Buffer.from([1, 2, 3, 0, 0, 5, 6, 7, 8]), "a.txt", "passage-not-text"],
    ["a picture that is none", Buffer.from("no picture"), "a.png", "picture-broken"],
    ["a broken RTF", Buffer.from("{\\rtf1\\ansi}"), "a.rtf", "passage-empty"],
  ])("refuses %s", async (_, bytes, name, problem) => {
    expect(await importBytes(bytes, name)).toMatchObject({ ok: false, problem: { type: problem } });
  });
  it("never expands the entities that a document declares", async () => {
    const lol = '<!DOCTYPE x [<!ENTITY a "harbour harbour"><!ENTITY b "&a;&a;&a;&a;">]>';
    const content = `<?xml version="1.0"?>${lol}<office:document-content><office:body><office:text><text:p>Quay &b; wall</text:p></office:text></office:body></office:document-content>`;
    const imported = await importBytes(
      makeZip([
        { name: "mimetype", content: "application/vnd.oasis.opendocument.text" },
        { name: "content.xml", content },
      ]),
      "x.odt",
    );
    expect(imported.ok && imported.value.blocks[0]!.text).not.toContain("harbour");
  });
});

describe("Rich Text Format", () => {
  const texts = (rtf: string) => parseRtf(rtf)?.map((paragraph) => paragraph.text);
  it("reads code pages, Unicode with its stand-in, dashes and quotes", () => {
    expect(texts("{\\rtf1\\ansi\\ansicpg1252 caf\\'e9 \\u8211 ? quay\\emdash \\ldblquote so\\rdblquote\\par two}")).toEqual(["café – quay—“so”", "two"]);
  });
  it("reads the code page of the font", () => {
    expect(texts("{\\rtf1\\ansi{\\fonttbl{\\f0\\fcharset0 A;}{\\f1\\fcharset204 B;}}\\f1 \\'cc\\'ee\\'f0\\'e5}")).toEqual(["Море"]);
  });
  it("passes over pictures, fields' codes and hidden text", () => {
    expect(texts("{\\rtf1 a{\\pict 89504e47}{\\field{\\*\\fldinst HYPERLINK x}{\\fldrslt link}}{\\v hidden}z}")).toEqual(["alinkz"]);
  });
});
