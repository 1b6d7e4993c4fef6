import path from "node:path";
import { createCanvas } from "@napi-rs/canvas";
import { openDocument } from "@/core/importers/pdf/open-document";

/** A page of a PDF as a PNG of the given width in pixels. */
export async function drawPdfPage(bytes: Uint8Array, number: number, width: number, root: string): Promise<Uint8Array> {
  const task = openDocument(bytes, `${path.join(root, "node_modules/pdfjs-dist")}/`);
  try {
    const page = await (await task.promise).getPage(number);
    const scale = width / page.getViewport({ scale: 1 }).width;
    const viewport = page.getViewport({ scale });
    const canvas = createCanvas(Math.ceil(viewport.width), Math.ceil(viewport.height));
    await page.render({ canvas: canvas as unknown as HTMLCanvasElement, viewport }).promise;
    return canvas.toBuffer("image/png");
  } finally {
    await task.destroy();
  }
}
