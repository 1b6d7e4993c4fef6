import { readFileSync } from "node:fs";
import path from "node:path";
import sharp from "sharp";
import { afterAll, describe, expect, it } from "vitest";
import { createImportTools } from "@/server/importing/import-tools";
import { closeReader, readPictureWords } from "@/server/importing/read-picture-words";
import { importBytes, importSample } from "../support/import-tools";
import { root } from "../support/language-tools";

const tools = createImportTools(root, () => {}, true);
afterAll(closeReader);

describe("text read off a picture", () => {
  it("keeps headings, the place of every word, and how sure the reader was", async () => {
    const { kind, title, blocks } = await importSample("tests/files/harbour-leaflet-scan.png", tools);
    expect([kind, title]).toEqual(["picture", "How a harbour light works"]);
    const block = blocks.find((one) => one.text.startsWith("A harbour light tells sailors"))!;
    expect(block.text).toBe("A harbour light tells sailors where the safe water lies. It burns from dusk until dawn, and each light has a rhythm of its own.");
    expect(block.confidence).toBeGreaterThan(70);
    for (const word of block.words!) expect(block.text.slice(word.start, word.end)).toMatch(/^\S+$/);
    const tells = block.words!.find((word) => block.text.slice(word.start, word.end) === "tells")!;
    expect(tells.box.left).toBeGreaterThan(0.1);
    expect(tells.box.top).toBeGreaterThan(0.15);
    expect(tells.box.top).toBeLessThan(0.3);
    expect(blocks.filter((one) => one.kind === "heading").map((one) => one.text)).toContain("What the keepers did");
  });
  it("of a scanned PDF stands on its page", async () => {
    const { kind, pages, blocks } = await importSample("tests/files/scanned.pdf", tools);
    expect([kind, pages]).toEqual(["pdf", 1]);
    expect(blocks.find((one) => one.text.includes("They trimmed the wick before midnight."))).toMatchObject({
      locator: { type: "page", page: 1 },
      box: { page: 1 },
    });
  });
  it("that is stopped before its first page brings nothing in, and says so", async () => {
    const bytes = readFileSync(path.join(root, "tests/files/scanned.pdf"));
    expect(await importBytes(bytes, "scanned.pdf", { ...tools, isStopped: () => true })).toEqual({ ok: false, problem: { type: "import-stopped" } });
  });
});

describe("pictures that cannot be read", () => {
  const read = (picture: Uint8Array) => readPictureWords(picture, root, () => {});
  it("of a hundred megapixels are refused before they are opened", async () => {
    const large = await sharp({ create: { width: 10_000, height: 10_000, channels: 3, background: "white" } })
      .png()
      .toBuffer();
    expect(await read(large)).toEqual({ ok: false, problem: { type: "picture-too-large", megapixels: 100, limit: 50 } });
  });
  it("that are cut off or none at all are called broken", async () => {
    const whole = readFileSync(path.join(root, "tests/files/harbour-leaflet-scan.png"));
    expect(await read(whole.subarray(0, 3000))).toEqual({ ok: false, problem: { type: "picture-broken" } });
    expect(await read(Buffer.from("no picture"))).toEqual({ ok: false, problem: { type: "picture-broken" } });
  });
  it("without words say so", async () => {
    const blank = await sharp({ create: { width: 400, height: 300, channels: 3, background: "white" } })
      .png()
      .toBuffer();
    await expect(importBytes(blank, "blank.png", tools)).resolves.toMatchObject({ ok: false, problem: { type: "picture-without-text" } });
  });
});
