import { readFileSync } from "node:fs";
import path from "node:path";
import { DEMO_PASSAGES } from "../demo/passages";
import type { App } from "../tests/support/app";
import { makePdf } from "../tests/support/make-pdf";
import { makeZip } from "../tests/support/make-zip";
import type { Row } from "./bench";

const root = path.resolve(import.meta.dirname, "..");
const sentences = DEMO_PASSAGES.flatMap(({ file }) => readFileSync(path.join(root, "demo/passages", file), "utf8").split(/(?<=[.!?])\s+/)).filter((text) =>
  /^[A-Z][^#\n]{20,}$/.test(text),
);
const sentence = (index: number) => sentences[index % sentences.length]!;

/** Lines of at most 90 characters, `count` of them. */
function linesOf(count: number, from: number): string[] {
  const lines: string[] = [];
  let line = "";
  for (let at = from; lines.length < count; at++) {
    for (const word of sentence(at).split(" ")) {
      if (line.length + word.length > 88) {
        lines.push(line);
        line = "";
      }
      line += `${line ? " " : ""}${word.replace(/[^\x20-\x7e]/g, "'")}`;
    }
  }
  return lines.slice(0, count);
}

const pdfOf = (pages: number) =>
  makePdf(Array.from({ length: pages }, (_, page) => ["Harbour Museum of Skerry Bay", "", ...linesOf(42, page * 31), "", String(page + 1)]));

function deckOf(slides: number): Uint8Array {
  const shape = (type: string, texts: string[]) =>
    `<p:sp><p:nvSpPr><p:nvPr><p:ph type="${type}"/></p:nvPr></p:nvSpPr><p:txBody>${texts.map((text) => `<a:p><a:r><a:t>${text}</a:t></a:r></a:p>`).join("")}</p:txBody></p:sp>`;
  const numbers = Array.from({ length: slides }, (_, index) => index + 1);
  return makeZip([
    {
      name: "ppt/presentation.xml",
      content: `<p:presentation><p:sldIdLst>${numbers.map((n) => `<p:sldId id="${n}" r:id="r${n}"/>`).join("")}</p:sldIdLst></p:presentation>`,
    },
    {
      name: "ppt/_rels/presentation.xml.rels",
      content: `<Relationships>${numbers.map((n) => `<Relationship Id="r${n}" Type="slide" Target="slides/slide${n}.xml"/>`).join("")}</Relationships>`,
    },
    ...numbers.map((n) => ({
      name: `ppt/slides/slide${n}.xml`,
      content: `<p:sld><p:cSld><p:spTree>${shape("title", [`Slide ${n}`])}${shape(
        "body",
        [1, 2, 3, 4, 5].map((at) => sentence(n * 5 + at)),
      )}</p:spTree></p:cSld></p:sld>`,
    })),
  ]);
}

function hourOfCaptions(): string {
  const stamp = (seconds: number) => new Date(seconds * 1000).toISOString().slice(11, 23);
  return `WEBVTT\n\n${Array.from({ length: 1200 }, (_, index) => `${stamp(index * 3)} --> ${stamp(index * 3 + 2.9)}\n${sentence(index)}\n`).join("\n")}`;
}

function bookOf(chapters: number): Uint8Array {
  const numbers = Array.from({ length: chapters }, (_, index) => index + 1);
  const items = numbers.map((n) => `<item id="c${n}" href="c${n}.xhtml"/>`).join("");
  return makeZip([
    { name: "mimetype", content: "application/epub+zip" },
    { name: "META-INF/container.xml", content: '<container><rootfiles><rootfile full-path="book.opf"/></rootfiles></container>' },
    {
      name: "book.opf",
      content: `<package><metadata><dc:title>A book of the bay</dc:title><dc:language>en</dc:language></metadata><manifest>${items}</manifest><spine>${numbers.map((n) => `<itemref idref="c${n}"/>`).join("")}</spine></package>`,
    },
    ...numbers.map((n) => ({
      name: `c${n}.xhtml`,
      content: `<html><body><h1>Chapter ${n}</h1>${Array.from({ length: 80 }, (_, p) => `<p>${[0, 1, 2, 3, 4].map((at) => sentence(n * 400 + p * 5 + at)).join(" ")}</p>`).join("")}</body></html>`,
    })),
  ]);
}

async function importInto(app: App, bytes: Uint8Array | string, name: string): Promise<{ ms: number; setId: string; sourceId: string }> {
  const start = performance.now();
  const response = await fetch(`${app.url}/api/imports?name=${encodeURIComponent(name)}`, { method: "POST", body: bytes as BodyInit });
  const last = JSON.parse((await response.text()).trim().split("\n").at(-1)!);
  if (last.type !== "created") throw new Error(`${name}: ${JSON.stringify(last)}`);
  return { ms: performance.now() - start, setId: last.setId, sourceId: last.sourceId };
}

const shown = (ms: number) => `${Math.round(ms).toLocaleString("en-US")} ms`;

/** From the first byte sent to the source being stored, each in a worker that starts cold. */
export async function benchImports(app: App, rows: Row[]): Promise<void> {
  const push = (what: string, ms: number, wanted: string) => rows.push({ what, measured: shown(ms), wanted });
  push("PDF of 20 pages", (await importInto(app, pdfOf(20), "twenty.pdf")).ms, "3,000 ms");
  push("Deck of 40 slides", (await importInto(app, deckOf(40), "forty.pptx")).ms, "2,000 ms");
  push("An hour of captions", (await importInto(app, hourOfCaptions(), "hour.vtt")).ms, "1,000 ms");
  const page = await (await fetch(`${app.site}/articles/fog-horn`)).text();
  push(
    "Web page, its bytes at hand",
    (
      await importInto(
        app,
        page.replace(
          "</article>",
          `${linesOf(900, 1)
            .map((line) => `<p>${line}</p>`)
            .join("")}</article>`,
        ),
        "page.html",
      )
    ).ms,
    "1,000 ms",
  );
  push("Printed page at 200 dpi", (await importInto(app, readFileSync(path.join(root, "quality/files/rope-report-scan.jpg")), "scan.jpg")).ms, "10,000 ms");
  for (const [name, bytes] of [
    ["Book of 300 pages (EPUB)", bookOf(24)],
    ["Book of 300 pages (PDF)", pdfOf(300)],
  ] as const) {
    let slowest = 0;
    let done = false;
    const watch = (async () => {
      while (!done) {
        const start = performance.now();
        await fetch(`${app.url}/sources`).then((response) => response.text());
        slowest = Math.max(slowest, performance.now() - start);
        await new Promise((resolve) => setTimeout(resolve, 40));
      }
    })();
    const { ms, setId, sourceId } = await importInto(app, bytes, name.includes("PDF") ? "book.pdf" : "book.epub");
    done = true;
    await watch;
    push(name, ms, "–");
    push("  slowest answer to another page meanwhile", slowest, "–");
    let start = performance.now();
    const html = await (await fetch(`${app.url}/sets/${setId}/prepare`)).text();
    push(`  Prepare opens (${Math.round(html.length / 1e5) / 10} MB)`, performance.now() - start, "–");
    start = performance.now();
    const edits = [{ type: "set-choice", from: null, to: { unit: "page", from: 3, to: 9 } }];
    await fetch(`${app.url}/api/sources/${sourceId}/edits`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ edits }),
    }).then((response) => response.text());
    push("  choosing a part of it is saved", performance.now() - start, "–");
  }
}
