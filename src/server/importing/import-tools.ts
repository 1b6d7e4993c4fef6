import path from "node:path";
import type { ImportTools } from "@/core/importers/importer";
import { drawPdfPage } from "./draw-pdf-page";
import { readPictureWords } from "./read-picture-words";

/** A page for reading is drawn at about 200 dpi (A4). */
const READING_WIDTH = 1650;

/** The real tools of importers: the picture reader and the PDF reader's files lie among the project's packages. */
export function createImportTools(root: string, progress: ImportTools["progress"], readPictures: boolean): ImportTools {
  return {
    progress,
    pdfAssets: `${path.join(root, "node_modules/pdfjs-dist")}/`,
    readPicture: (picture, onProgress) => readPictureWords(picture, root, onProgress),
    ...(readPictures ? { drawPage: (bytes: Uint8Array, page: number) => drawPdfPage(bytes, page, READING_WIDTH, root) } : {}),
  };
}
