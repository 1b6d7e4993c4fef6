import { fail, ok, type Result } from "../../lib/result";
import { numberBlocks, type RawBlock } from "../../source/number-blocks";
import type { Imported, Importer, ImportProblem, ImportTools, ImportWarning } from "../importer";
import { blocksFromWords, countLowConfidence } from "../picture/blocks-from-words";
import { titleOf } from "../title-of";
import { blocksOfLines } from "./blocks-of-lines";
import { findFurniture } from "./find-furniture";
import { type Line, linesOfPage } from "./lines-of-page";
import { openPdf } from "./page-items";

type ReadPage = { number: number; width: number; height: number; lines: Line[]; hasPictures: boolean };

/**
 *   pages → items → lines in reading order → furniture left out → blocks
 *
 * Pages without text are pictures of pages; they are read off the picture where `drawPage` is given.
 */
export async function readPdf(bytes: Uint8Array, name: string, tools: ImportTools): Promise<Result<Imported, ImportProblem>> {
  const opened = await openPdf(bytes, tools.pdfAssets);
  if (!opened.ok) return opened;
  const pdf = opened.value;
  const pages: ReadPage[] = [];
  try {
    for (let number = 1; number <= pdf.pageCount; number++) {
      tools.progress("pages", number - 1, pdf.pageCount);
      const { items, ...page } = await pdf.page(number);
      pages.push({ ...page, lines: linesOfPage({ items, ...page }) });
    }
  } catch {
    return fail({ type: "pdf-broken" });
  } finally {
    await pdf.close();
  }
  const bare = pages.filter((page) => page.lines.reduce((sum, line) => sum + line.text.length, 0) < 25 && page.hasPictures);
  if (bare.length === pages.length && !tools.drawPage) return fail({ type: "pdf-of-pictures", pages: pages.length });
  const raw = textBlocks(pages);
  const warnings: ImportWarning[] = [];
  if (bare.length > 0 && tools.drawPage) raw.push(...(await readPictures(bytes, bare, { ...tools, drawPage: tools.drawPage }, warnings)));
  else if (bare.length > 0) warnings.push({ type: "pages-without-text", count: bare.length });
  const blocks = numberBlocks(raw.sort((a, b) => pageOf(a) - pageOf(b)));
  if (!blocks.some((block) => !block.leftOut && /\p{L}/u.test(block.text))) return fail({ type: tools.isStopped?.() ? "import-stopped" : "passage-empty" });
  const low = countLowConfidence(blocks);
  if (low > 0) warnings.push({ type: "low-confidence", count: low });
  return ok({ kind: "pdf", title: titleOf(blocks, name), blocks, warnings, pages: pages.length });
}

function textBlocks(pages: readonly ReadPage[]): RawBlock[] {
  const body = bodySize(pages.flatMap((page) => page.lines));
  const furniture = findFurniture(pages, body);
  const sizes = new Map(pages.map(({ number, width, height }) => [number, { width, height }]));
  const blocks = blocksOfLines(
    pages.flatMap((page) => page.lines.filter((line) => !furniture.has(line))),
    sizes,
    body,
  );
  const left = [...furniture].map((line): RawBlock => ({ kind: "paragraph", text: line.text, leftOut: "page furniture", at: { page: line.page } }));
  return [...left, ...blocks];
}

/** The size in which most of the text is set. */
function bodySize(lines: readonly Line[]): number {
  const letters = new Map<number, number>();
  for (const line of lines) letters.set(line.size, (letters.get(line.size) ?? 0) + line.text.length);
  return [...letters].reduce((best, entry) => (entry[1] > best[1] ? entry : best), [10, 0])[0];
}

function pageOf(block: RawBlock): number {
  return block.at && "page" in block.at ? block.at.page : 0;
}

async function readPictures(
  bytes: Uint8Array,
  pages: readonly ReadPage[],
  tools: ImportTools & Required<Pick<ImportTools, "drawPage">>,
  warnings: ImportWarning[],
): Promise<RawBlock[]> {
  const blocks: RawBlock[] = [];
  for (const [index, { number }] of pages.entries()) {
    if (tools.isStopped?.()) {
      warnings.push({ type: "stopped-early", done: index, total: pages.length });
      break;
    }
    const show = (share: number) => tools.progress("pages read off their pictures", index + share, pages.length);
    show(0);
    const words = await tools.readPicture(await tools.drawPage(bytes, number), show);
    if (words.ok) blocks.push(...blocksFromWords(words.value, number, { page: number }));
    else warnings.push({ type: "pages-without-text", count: 1 });
  }
  return blocks;
}

export const pdfImporter: Importer = {
  id: "pdf",
  recognises: ({ bytes, name }) => new TextDecoder("latin1").decode(bytes.subarray(0, 1024)).includes("%PDF-") || /\.pdf$/i.test(name),
  read: ({ bytes, name }, tools) => readPdf(bytes, name, tools),
};
