import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";

/** A PDF in the reader's hands; `assets` is the folder of its fonts and character maps. End it with `destroy`. */
export function openDocument(bytes: Uint8Array, assets: string): ReturnType<typeof getDocument> {
  return getDocument({
    // The reader takes the bytes for itself.
    data: new Uint8Array(bytes),
    isEvalSupported: false,
    disableFontFace: true,
    standardFontDataUrl: `${assets}standard_fonts/`,
    cMapUrl: `${assets}cmaps/`,
    cMapPacked: true,
    wasmUrl: `${assets}wasm/`,
    verbosity: 0,
  });
}
