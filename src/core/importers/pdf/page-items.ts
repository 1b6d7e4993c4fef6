import { OPS } from "pdfjs-dist/legacy/build/pdf.mjs";
import { fail, ok, type Result } from "../../lib/result";
import type { ImportProblem } from "../importer";
import { openDocument } from "./open-document";

/** A run of text on a page; distances in points from the top left corner, `bottom` is the baseline. */
export type Item = { text: string; left: number; right: number; bottom: number; size: number; bold: boolean };
export type PdfPage = { number: number; width: number; height: number; items: Item[]; hasPictures: boolean };
export type OpenedPdf = { pageCount: number; title: string; page(number: number): Promise<PdfPage>; close(): Promise<void> };

export async function openPdf(bytes: Uint8Array, assets: string): Promise<Result<OpenedPdf, ImportProblem>> {
  const task = openDocument(bytes, assets);
  try {
    const document = await task.promise;
    const { info } = await document.getMetadata().catch(() => ({ info: {} }));
    return ok({
      pageCount: document.numPages,
      title: String((info as { Title?: unknown }).Title ?? "").trim(),
      page: (number) => readPage(document, number),
      close: () => task.destroy(),
    });
  } catch (error) {
    await task.destroy().catch(() => {});
    return fail({ type: (error as Error).name === "PasswordException" ? "pdf-encrypted" : "pdf-broken" });
  }
}

type PdfDocument = Awaited<ReturnType<typeof openDocument>["promise"]>;

async function readPage(document: PdfDocument, number: number): Promise<PdfPage> {
  const page = await document.getPage(number);
  const { width, height, transform } = page.getViewport({ scale: 1 });
  // Fonts get their names, and pictures are seen, only when the page's operators are read.
  const operators = await page.getOperatorList();
  const content = await page.getTextContent();
  const bold = new Map<string, boolean>();
  const isBold = (font: string) => {
    if (!bold.has(font)) bold.set(font, /bold|black|heavy|semibold|demi/i.test(fontName(page, font)));
    return bold.get(font)!;
  };
  const items = content.items.flatMap((item): Item[] => {
    if (!("str" in item) || item.str.trim() === "") return [];
    const [a, b, , , x, y] = item.transform as number[];
    // Text that runs up or down the page is furniture, or belongs to a drawing.
    if (Math.abs(b!) > Math.abs(a!) * 0.2) return [];
    const left = transform[0]! * x! + transform[2]! * y! + transform[4]!;
    const bottom = transform[1]! * x! + transform[3]! * y! + transform[5]!;
    return [{ text: item.str, left, right: left + item.width, bottom, size: item.height || Math.abs(a!), bold: isBold(item.fontName) }];
  });
  const hasPictures = operators.fnArray.some((operator) => operator === OPS.paintImageXObject || operator === OPS.paintInlineImageXObject);
  page.cleanup();
  return { number, width, height, items, hasPictures };
}

function fontName(page: { commonObjs: { has(id: string): boolean; get(id: string): unknown } }, id: string): string {
  return page.commonObjs.has(id) ? String((page.commonObjs.get(id) as { name?: string }).name ?? "") : "";
}
