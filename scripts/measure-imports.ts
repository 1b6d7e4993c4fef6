/** How much of the wanted text comes through, and how much unwanted, on files that no importer was built with: `npm run measure:imports`. */
import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { diffArrays } from "diff";
import { importFile } from "@/core/importers/import-file";
import type { Block } from "@/core/source/schema";
import { createImportTools } from "@/server/importing/import-tools";
import { closeReader } from "@/server/importing/read-picture-words";
import { WANTED_CAPTIONS, WANTED_PAGES } from "../quality/expected";
import { DECKS, DOCUMENTS, type Part } from "../tools/samples/documents";

const root = path.resolve(import.meta.dirname, "..");
const folder = path.join(root, "quality/files");
type Wanted = { texts: string[]; rows: string[][]; headings: string[] };
type Score = {
  wanted: number;
  found: number;
  shown: number;
  extra: number;
  rows: number;
  rowsFound: number;
  headings: number;
  headingsFound: number;
  files: number;
};

const words = (text: string) => text.toLowerCase().match(/[\p{L}\d]+/gu) ?? [];

function wantedOfParts(parts: readonly Part[]): Wanted {
  const rows = parts.flatMap((part) => ("table" in part ? part.table.slice(1) : []));
  const texts = parts.flatMap((part) => ("h" in part ? [part.text] : "p" in part ? [part.p] : "items" in part ? part.items : []));
  return { texts, rows, headings: parts.flatMap((part) => ("h" in part ? [part.text] : [])) };
}

function wantedOf(file: string): Wanted | undefined {
  const name = path.basename(file);
  const page = WANTED_PAGES[name] ?? WANTED_CAPTIONS[name];
  if (page) return { texts: page, rows: [], headings: [] };
  const document = DOCUMENTS.find(({ id }) => name.startsWith(id));
  if (document && /scan/.test(name)) {
    // The first page only; what stands on it is known from the PDF it was drawn from.
    const { texts, headings } = wantedOfParts(document.parts);
    return { texts, rows: [], headings };
  }
  if (document) return wantedOfParts(document.parts);
  const deck = DECKS.find(({ id }) => name.startsWith(id));
  if (!deck) return undefined;
  return {
    texts: deck.slides.flatMap(({ title, points }) => [title, ...points]),
    rows: deck.slides.flatMap(({ table }) => table?.slice(1) ?? []),
    headings: deck.slides.map(({ title }) => title),
  };
}

function score(wanted: Wanted, blocks: readonly Block[]): Score {
  const shown = blocks.filter((block) => !block.leftOut);
  const tables = shown.filter((block) => block.kind === "table-row").map((block) => block.text);
  const [a, b] = [wanted.texts.flatMap(words), shown.filter((block) => block.kind !== "table-row").flatMap((block) => words(block.text))];
  const parts = diffArrays(a, b);
  const count = (pick: (part: (typeof parts)[number]) => boolean) => parts.filter(pick).reduce((sum, part) => sum + part.value.length, 0);
  const headings = shown.filter((block) => block.kind === "heading").map((block) => block.text);
  return {
    wanted: a.length,
    found: count((part) => !part.added && !part.removed),
    shown: b.length,
    extra: count((part) => part.added === true),
    rows: wanted.rows.length,
    rowsFound: wanted.rows.filter((row) => tables.some((text) => row.every((cell) => text.includes(cell)))).length,
    headings: wanted.headings.length,
    headingsFound: wanted.headings.filter((heading) => headings.includes(heading)).length,
    files: 1,
  };
}

function add(a: Score | undefined, b: Score): Score {
  return a ? (Object.fromEntries(Object.entries(a).map(([key, value]) => [key, value + b[key as keyof Score]])) as Score) : b;
}

const files = [folder, path.join(folder, "pages"), path.join(folder, "captions")].flatMap((one) =>
  readdirSync(one)
    .filter((name) => /\.\w+$/.test(name))
    .map((name) => path.join(one, name)),
);
const scores = new Map<string, Score>();
for (const file of files) {
  const wanted = wantedOf(file);
  if (!wanted) continue;
  const name = path.basename(file);
  const isPage = name in WANTED_PAGES;
  const imported = await importFile(
    { bytes: readFileSync(file), name, ...(isPage ? { url: "http://quay.test/page" } : {}) },
    createImportTools(root, () => {}, false),
  );
  if (!imported.ok) {
    console.log(`${name}: ${imported.problem.type}`);
    continue;
  }
  const format = /scan/.test(name)
    ? "picture"
    : /printed/.test(name)
      ? "PDF, two columns (Chromium)"
      : isPage
        ? "web page"
        : path.extname(name).slice(1).toUpperCase();
  const one = score(wanted, imported.value.blocks);
  if (process.argv.includes("--each")) console.log(name, one);
  scores.set(format, add(scores.get(format), one));
}
await closeReader();
const percent = (part: number, all: number) => (all === 0 ? "–" : `${((part / all) * 100).toFixed(1)} %`);
console.log(
  "| format | files | wanted words that came through | shown words that are unwanted | headings | table rows |\n| --- | --- | --- | --- | --- | --- |",
);
for (const [format, s] of scores)
  console.log(
    `| ${format} | ${s.files} | ${percent(s.found, s.wanted)} | ${percent(s.extra, s.shown)} | ${s.headings ? `${s.headingsFound} of ${s.headings}` : "–"} | ${s.rows ? `${s.rowsFound} of ${s.rows}` : "–"} |`,
  );
