import path from "node:path";
import sharp from "sharp";
import { createWorker, OEM, PSM, type Worker } from "tesseract.js";
import type { ImportProblem, ReadWord } from "@/core/importers/importer";
import { fail, ok, type Result } from "@/core/lib/result";
import { detectLanguage } from "./detect-language";

const MAX_MEGAPIXELS = 50;
/** A page at about 250 dpi; more pixels take longer and read no better. */
const LONGEST_SIDE = 2600;
type Language = "eng" | "fra";

const readers = new Map<Language, Promise<Worker>>();
let onProgress: (share: number) => void = () => {};

function openReader(language: Language, root: string): Promise<Worker> {
  const known = readers.get(language);
  if (known) return known;
  const opened = createWorker(language, OEM.LSTM_ONLY, {
    langPath: path.join(root, `node_modules/@tesseract.js-data/${language}/4.0.0_best_int`),
    gzip: true,
    cacheMethod: "none",
    logger: (message) => {
      if (message.status === "recognizing text") onProgress(message.progress);
    },
  });
  readers.set(language, opened);
  return opened;
}

/** The words of a picture with their boxes in fractions of it and the reader's confidence (Tesseract LSTM). What turns out to be French is read once more as French. */
export async function readPictureWords(picture: Uint8Array, root: string, progress: (share: number) => void): Promise<Result<ReadWord[], ImportProblem>> {
  const prepared = await preparePicture(picture);
  if (!prepared.ok) return prepared;
  onProgress = progress;
  const words = await readAs("eng", prepared.value, root);
  const language = await detectLanguage(
    [{ id: "read", kind: "paragraph", text: words.map((word) => word.text).join(" ") || "-", locator: { type: "paragraph", number: 1 } }],
    "en",
  );
  return ok(language === "fr" ? await readAs("fra", prepared.value, root) : words);
}

type Prepared = { png: Buffer; width: number; height: number };

async function readAs(language: Language, { png, width, height }: Prepared, root: string): Promise<ReadWord[]> {
  const worker = await openReader(language, root);
  await worker.setParameters({ tessedit_pageseg_mode: PSM.AUTO });
  const { data } = await worker.recognize(png, {}, { text: false, blocks: true });
  const words: ReadWord[] = [];
  let [line, paragraph] = [0, 0];
  for (const part of data.blocks ?? []) {
    for (const group of part.paragraphs) {
      paragraph++;
      for (const row of group.lines) {
        line++;
        for (const { text, confidence, bbox } of row.words) {
          const box = { left: bbox.x0 / width, top: bbox.y0 / height, width: (bbox.x1 - bbox.x0) / width, height: (bbox.y1 - bbox.y0) / height };
          if (text.trim() !== "") words.push({ text: text.trim(), confidence, box, line, paragraph });
        }
      }
    }
  }
  return words;
}

export async function closeReader(): Promise<void> {
  for (const reader of readers.values()) await (await reader).terminate();
  readers.clear();
}

/** Upright as the camera meant it, grey, and not larger than reading needs. */
async function preparePicture(picture: Uint8Array): Promise<Result<Prepared, ImportProblem>> {
  try {
    const { width = 0, height = 0 } = await sharp(picture, { limitInputPixels: false }).metadata();
    const megapixels = Math.round((width * height) / 1e6);
    if (megapixels > MAX_MEGAPIXELS) return fail({ type: "picture-too-large", megapixels, limit: MAX_MEGAPIXELS });
    const upright = sharp(picture, { limitInputPixels: MAX_MEGAPIXELS * 1_100_000 })
      .rotate()
      .flatten({ background: "#ffffff" })
      .grayscale()
      .normalise();
    // Small letters are read better when they are enlarged.
    const side = Math.max(width, height) < 1200 ? 2000 : LONGEST_SIDE;
    const { data, info } = await upright
      .resize({ width: side, height: side, fit: "inside", withoutEnlargement: Math.max(width, height) >= 1200 })
      .png()
      .toBuffer({ resolveWithObject: true });
    return ok({ png: data, width: info.width, height: info.height });
  } catch {
    return fail({ type: "picture-broken" });
  }
}
