import { createHash } from "node:crypto";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import Database from "better-sqlite3";
import { afterAll, beforeEach, describe, expect, it } from "vitest";
import { pairCaptions } from "@/components/sources/pair-captions";
import { isMediaName, mediaType } from "@/core/importers/media-type";
import { kindOf } from "@/core/questions/kinds";
import { createSpan } from "@/core/source/create-span";
import { strikeOut, strikePart } from "@/core/source/prepare/change-blocks";
import { type Db, openDatabase } from "@/server/db/client";
import { filePath, fileSize, hasFile, readFile, storeBytes, storeStream } from "@/server/files/file-store";
import { readRange, serveFile } from "@/server/files/serve-file";
import { detectLanguage } from "@/server/importing/detect-language";
import { editSet } from "@/server/sets/edit-set";
import { loadSet } from "@/server/sets/load-set";
import { addSourceToSet, createSet, removeSourceFromSet } from "@/server/sets/set-sources";
import { createExcerpts } from "@/server/sources/create-excerpts";
import { createSource } from "@/server/sources/create-source";
import { editSource, stepSourceHistory } from "@/server/sources/edit-source";
import { countShelves, listSources } from "@/server/sources/list-sources";
import { questionsOfSource, setsOfSource } from "@/server/sources/load-source";
import { manageSources } from "@/server/sources/manage-sources";
import { searchSources, searchWords } from "@/server/sources/search-passages";
import { blocksOf, root } from "../support/language-tools";

const holder = globalThis as { vumoDb?: Db };
const folders: string[] = [];
beforeEach(() => {
  const folder = mkdtempSync(path.join(tmpdir(), "vumo-sources-"));
  folders.push(folder);
  process.env.VUMO_DATA = folder;
  delete holder.vumoDb;
});
afterAll(() => {
  for (const folder of folders) rmSync(folder, { recursive: true, force: true });
});

const bringIn = (text: string, title?: string) => {
  const created = createSource({ text, kind: "text", name: "", ...(title ? { title } : {}) });
  if (!created.ok) throw new Error(created.problem.type);
  return created.value;
};
const LENS =
  "The lens\n\nThe lens held a thousand prisms, and a child could turn it with one hand.\n\nThe keepers wound the clockwork every four hours, day and night.";
const TIDE = "The tide rises twice a day because the Moon pulls on the water of the sea.\n\nAt spring tide the water stands highest at the harbour wall.";
const titles = (lines = listSources()) => lines.map((line) => line.title);

describe("preparing a source", () => {
  it("is kept, counted anew, and undone step by step after a restart", () => {
    const { sourceId, setId } = bringIn(LENS);
    const blocks = () => loadSet(setId)!.sources[0]!.prepared!;
    const edited = editSource(sourceId, [strikeOut([blocks()[2]!])!]);
    expect(edited).toMatchObject({ ok: true, value: { canUndo: true, description: { counts: { words: 15 } } } });
    editSource(sourceId, [strikePart(blocks()[1]!, { start: 31, end: blocks()[1]!.text.length - 1 })]);
    delete holder.vumoDb;
    expect(loadSet(setId)!.blocks[1]!.text).toBe("The lens held a thousand prisms.");
    stepSourceHistory(sourceId, "undo");
    stepSourceHistory(sourceId, "undo");
    expect(loadSet(setId)!.blocks.map((block) => block.leftOut)).toEqual([undefined, undefined, undefined]);
    expect(stepSourceHistory(sourceId, "undo")).toMatchObject({ ok: false, problem: { type: "nothing-to-undo" } });
    stepSourceHistory(sourceId, "redo");
    expect(loadSet(setId)!.blocks[2]!.leftOut).toBe("by hand");
  });
  it("is made all or none, and of a source that is not there refused", () => {
    const { sourceId, setId } = bringIn(LENS);
    const [block] = loadSet(setId)!.sources[0]!.prepared!;
    expect(editSource(sourceId, [strikeOut([block!])!, { type: "replace-blocks", index: 5, from: [block!], to: [] }])).toMatchObject({ ok: false });
    expect(loadSet(setId)!.blocks[0]!.leftOut).toBeUndefined();
    expect(editSource("nowhere", [])).toMatchObject({ ok: false, problem: { type: "source-not-found" } });
  });
  it("of data from the first version begins with the blocks it had", () => {
    const folder = mkdtempSync(path.join(tmpdir(), "vumo-old-"));
    folders.push(folder);
    const old = new Database(path.join(folder, "vumo.sqlite"));
    for (const statement of readFileSync(path.join(root, "src/server/db/migrations/0000_first.sql"), "utf8").split("--> statement-breakpoint"))
      old.exec(statement);
    const blocks = JSON.stringify(blocksOf(LENS));
    old
      .prepare(
        "INSERT INTO sources (id, title, kind, language, original, blocks, description, created_at, updated_at) VALUES ('s1', 'Old', 'text', 'en', ?, ?, '{\"counts\":{\"words\":1}}', 1, 1)",
      )
      .run(LENS, blocks);
    // As the first version left it: its own migration is on record.
    old.exec("CREATE TABLE __drizzle_migrations (id SERIAL PRIMARY KEY, hash text NOT NULL, created_at numeric)");
    const journal = JSON.parse(readFileSync(path.join(root, "src/server/db/migrations/meta/_journal.json"), "utf8")) as { entries: { when: number }[] };
    old.prepare("INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('first', ?)").run(journal.entries[0]!.when);
    old.close();
    holder.vumoDb = openDatabase(folder);
    expect(searchSources("clockwork").map((found) => found.title)).toEqual(["Old"]);
    expect(editSource("s1", [{ type: "set-source-title", from: "Old", to: "New" }])).toMatchObject({
      ok: true,
      value: { state: { title: "New", blocks: JSON.parse(blocks) } },
    });
  });
});

describe("several sources in one set", () => {
  it("follow one another, each under its title, with blocks of unique names", () => {
    const lens = bringIn(LENS);
    const tide = bringIn(TIDE, "Tides");
    addSourceToSet(lens.setId, tide.sourceId);
    const { blocks } = loadSet(lens.setId)!;
    expect(blocks.map((block) => [block.kind, block.text.slice(0, 12)])).toEqual([
      ["heading", "The lens"],
      ["paragraph", "The lens hel"],
      ["paragraph", "The keepers "],
      ["heading", "Tides"],
      ["paragraph", "The tide ris"],
      ["paragraph", "At spring ti"],
    ]);
    expect(new Set(blocks.map((block) => block.id)).size).toBe(6);
    expect(setsOfSource(tide.sourceId)).toHaveLength(2);
  });
  it("keep evidence with its words when the first one is taken out", () => {
    const lens = bringIn(LENS);
    const tide = bringIn(TIDE, "Tides");
    addSourceToSet(lens.setId, tide.sourceId);
    const block = loadSet(lens.setId)!.blocks.find((one) => one.text.startsWith("At spring"))!;
    const question = { ...kindOf("short-answer").createBlank("q1"), stem: "When?", evidence: [createSpan(block, 0, block.text.length)] };
    editSet(lens.setId, [{ type: "add-question", index: 0, slip: { question, status: "draft", lookAgain: false, answered: {} } }]);
    expect(questionsOfSource(tide.sourceId).map((one) => one.stem)).toEqual(["When?"]);
    expect(questionsOfSource(lens.sourceId)).toEqual([]);
    removeSourceFromSet(lens.setId, lens.sourceId);
    const set = loadSet(lens.setId)!;
    const [span] = set.state.slips[0]!.question.evidence;
    expect(set.blocks.find((one) => one.id === span!.blockId)!.text).toBe(block.text);
  });
  it("the last one cannot be taken out, and what is not there cannot be added", () => {
    const { setId, sourceId } = bringIn(LENS);
    expect(removeSourceFromSet(setId, sourceId)).toMatchObject({ ok: false, problem: { type: "last-source" } });
    expect(addSourceToSet(setId, "nowhere")).toMatchObject({ ok: false, problem: { type: "source-not-found" } });
    expect(createSet(["nowhere"])).toMatchObject({ ok: false, problem: { type: "source-not-found" } });
  });
});

describe("the list", () => {
  it("has folders, an archive, and what was deleted; every step can be taken back", () => {
    const lens = bringIn(LENS);
    bringIn(TIDE, "Tides");
    const ids = [lens.sourceId];
    manageSources({ action: "move", ids, folder: "Lights" });
    expect(countShelves()).toMatchObject({ all: 2, folders: [{ name: "Lights", count: 1 }] });
    expect(titles(listSources({ sort: "folder", name: "Lights" }))).toEqual(["The lens"]);
    manageSources({ action: "delete", ids });
    expect(titles()).toEqual(["Tides"]);
    expect(searchSources("clockwork")).toEqual([]);
    expect(titles(listSources({ sort: "deleted" }))).toEqual(["The lens"]);
    manageSources({ action: "bring-back", ids });
    manageSources({ action: "archive", ids });
    expect([titles(), titles(listSources({ sort: "archived" }))]).toEqual([["Tides"], ["The lens"]]);
    manageSources({ action: "unarchive", ids });
    manageSources({ action: "move", ids, folder: null });
    expect(countShelves()).toEqual({ all: 2, archived: 0, deleted: 0, folders: [] });
  });
});

describe("passages on a topic", () => {
  it("are found by any form of the word, best first, with the words marked", () => {
    bringIn(LENS);
    bringIn(TIDE, "Tides");
    const [first] = searchSources("What do keepers do with clocks?");
    expect(first!.title).toBe("The lens");
    expect(first!.marks.map(({ start, end }) => first!.text.slice(start, end))).toEqual(["keepers", "clockwork"]);
    expect(searchSources("tides")[0]!.text).toContain("tide");
  });
  it("never take the words of a search for commands", () => {
    bringIn(LENS);
    for (const query of ['"', "lens OR", "text:lens", "NEAR(lens)", "*", "lens^2", "';--"]) expect(() => searchSources(query)).not.toThrow();
    expect(searchWords("the of a")).toEqual(["the", "of", "a"]);
  });
  it("that are chosen become a source, each under its title", async () => {
    const { sourceId } = bringIn(LENS);
    const passage = searchSources("clockwork")[0]!;
    const created = await createExcerpts({
      topic: "keepers",
      passages: [passage.from as { sourceId: string; blockId: string }, { url: "/shelf/x", title: "Shelf", text: "Keepers lived in towers by the sea." }],
    });
    if (!created.ok) throw new Error(created.problem.type);
    expect(loadSet(created.value.setId)!.blocks.map((block) => block.text)).toEqual([
      "Keepers",
      "The lens",
      passage.text,
      "Shelf",
      "Keepers lived in towers by the sea.",
    ]);
    expect(await createExcerpts({ topic: "x", passages: [{ sourceId, blockId: "b99" }] })).toMatchObject({ ok: false });
  });
});

describe("stored files", () => {
  it("lie under their SHA-256, once", () => {
    const { hash } = storeBytes(Buffer.from("lamp"), "a.txt", "text/plain");
    expect(hash).toBe(createHash("sha256").update("lamp").digest("hex"));
    expect(storeBytes(Buffer.from("lamp"), "b.txt", "text/plain").hash).toBe(hash);
    expect([hasFile(hash), fileSize(hash), Buffer.from(readFile(hash)).toString()]).toEqual([true, 4, "lamp"]);
    expect(() => filePath("../../etc/passwd")).toThrow();
  });
  it("are refused while they stream in, and leave nothing behind", async () => {
    async function* endless() {
      for (;;) yield new Uint8Array(1000);
    }
    expect(await storeStream(endless(), "big.pdf", "application/pdf", 50_000)).toMatchObject({
      ok: false,
      problem: { type: "file-too-large", name: "big.pdf" },
    });
  });
  it("are served in parts, as players ask for them", async () => {
    const webm = Buffer.concat([Buffer.from([0x1a, 0x45, 0xdf, 0xa3]), Buffer.alloc(96, 7)]);
    const { hash } = storeBytes(webm, "a.webm", "video/webm");
    const part = serveFile(hash, "bytes=4-7")!;
    expect([part.status, part.headers.get("content-range"), part.headers.get("content-type")]).toEqual([206, "bytes 4-7/100", "video/webm"]);
    expect(new Uint8Array(await part.arrayBuffer())).toEqual(new Uint8Array(4).fill(7));
    expect(serveFile(hash, "bytes=200-")!.status).toBe(416);
    expect(serveFile("0".repeat(64), null)).toBeUndefined();
  });
  it.each([
    ["bytes=0-", { start: 0, end: 99 }],
    ["bytes=-10", { start: 90, end: 99 }],
    ["bytes=90-500", { start: 90, end: 99 }],
    ["bytes=5-4", "unsatisfiable"],
    ["pages=1-2", undefined],
  ])("read the range %s", (header, range) => expect(readRange(header, 100)).toEqual(range));
  it("that are no picture or film are only ever downloads", () => {
    const { hash } = storeBytes(Buffer.from("<script>alert(1)</script>"), "a.png", "image/png");
    const { headers } = serveFile(hash, null)!;
    expect([headers.get("content-type"), headers.get("content-disposition")]).toEqual(["application/octet-stream", "attachment"]);
  });
});

describe("films and sound", () => {
  it.each([
    ["video/mp4", "\u0000\u0000\u0000\u0018ftypisom", "a.mp4"],
    ["audio/mp4", "\u0000\u0000\u0000\u0018ftypM4A ", "a.m4a"],
    ["audio/mpeg", "ID3\u0004", "a.mp3"],
    ["audio/ogg", "OggS\u0000", "a.ogg"],
    [undefined, "%PDF-1.7", "a.mp4"],
  ])("are known as %s by their first bytes", (type, head, name) => expect(mediaType(Buffer.from(head, "latin1"), name)).toBe(type));
  it("find their captions among what was dropped", () => {
    const files = ["tide.webm", "tide.en.vtt", "notes.pdf", "other.srt", ".DS_Store"].map((name) => ({ name }));
    expect(pairCaptions(files)).toEqual([
      { file: { name: "tide.webm" }, captions: { name: "tide.en.vtt" } },
      { file: { name: "notes.pdf" } },
      { file: { name: "other.srt" } },
    ]);
    expect(pairCaptions([{ name: "a.mp3" }, { name: "words.srt" }])).toEqual([{ file: { name: "a.mp3" }, captions: { name: "words.srt" } }]);
    expect(isMediaName("a.MP4")).toBe(true);
  });
});

describe("the language", () => {
  it.each([
    ["en", "The keepers wound the clockwork every four hours and wrote down every ship that passed in the night."],
    ["es", "Los guardianes daban cuerda al reloj cada cuatro horas y apuntaban todos los barcos que pasaban por la noche."],
    ["fr", "Les gardiens remontaient l’horloge toutes les quatre heures et notaient chaque bateau qui passait dans la nuit."],
    ["de", "Die Wärter zogen alle vier Stunden das Uhrwerk auf und schrieben jedes Schiff auf, das in der Nacht vorbeifuhr."],
  ])("is recognised: %s", async (language, text) => expect(await detectLanguage(blocksOf(text), undefined)).toBe(language));
  it("is what the document says where the text is too short to tell", async () => {
    expect(await detectLanguage(blocksOf("Hola."), "es")).toBe("es");
  });
});
