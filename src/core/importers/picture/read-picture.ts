import { fail, ok, type Result } from "../../lib/result";
import { numberBlocks } from "../../source/number-blocks";
import type { Imported, Importer, ImportProblem, ImportTools } from "../importer";
import { titleOf } from "../title-of";
import { blocksFromWords, countLowConfidence } from "./blocks-from-words";

/** A photographed or scanned page; its text is read off, and every word keeps its place. */
export async function readPicture(bytes: Uint8Array, name: string, tools: ImportTools): Promise<Result<Imported, ImportProblem>> {
  tools.progress("reading the picture", 0, 100);
  const words = await tools.readPicture(bytes, (share) => tools.progress("reading the picture", Math.round(share * 100), 100));
  if (!words.ok) return words;
  const blocks = numberBlocks(blocksFromWords(words.value, 1));
  if (blocks.length === 0) return fail({ type: "picture-without-text" });
  const low = countLowConfidence(blocks);
  return ok({ kind: "picture", title: titleOf(blocks, name), blocks, warnings: low > 0 ? [{ type: "low-confidence", count: low }] : [], pages: 1 });
}

export function pictureType(bytes: Uint8Array): "image/png" | "image/jpeg" | "image/webp" | undefined {
  const head = new TextDecoder("latin1").decode(bytes.subarray(0, 12));
  if (head.startsWith("\u0089PNG")) return "image/png";
  if (bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff) return "image/jpeg";
  return head.startsWith("RIFF") && head.endsWith("WEBP") ? "image/webp" : undefined;
}

export const pictureImporter: Importer = {
  id: "picture",
  recognises: ({ bytes, name }) => pictureType(bytes) !== undefined || /\.(?:png|jpe?g|webp)$/i.test(name),
  read: ({ bytes, name }, tools) => (pictureType(bytes) ? readPicture(bytes, name, tools) : Promise.resolve(fail({ type: "picture-broken" }))),
};
