import { fail, ok, type Result } from "../lib/result";
import { MAX_IMPORTED_CHARACTERS } from "../source/schema";
import { captionsImporter } from "./captions/read-captions";
import { epubImporter } from "./epub/read-epub";
import { htmlImporter } from "./html/read-html";
import type { Imported, Importer, ImportInput, ImportProblem, ImportTools } from "./importer";
import { markCaptions } from "./mark-captions";
import { mediaImporter } from "./media-type";
import { docxImporter } from "./office/read-docx";
import { odpImporter, odtImporter } from "./office/read-open-document";
import { pptxImporter } from "./office/read-pptx";
import { pdfImporter } from "./pdf/read-pdf";
import { pictureImporter } from "./picture/read-picture";
import { rtfImporter } from "./rtf/read-rtf";
import { textImporter } from "./text-importer";

/** Every format, the surest signs first; plain text takes what is left. */
export const IMPORTERS: readonly Importer[] = [
  pdfImporter,
  pictureImporter,
  epubImporter,
  odtImporter,
  odpImporter,
  docxImporter,
  pptxImporter,
  rtfImporter,
  mediaImporter,
  captionsImporter,
  htmlImporter,
  textImporter,
];

const OLD_OFFICE = [0xd0, 0xcf, 0x11, 0xe0];

export function findImporter(input: ImportInput): Importer | undefined {
  // What the content shows counts before what the name says.
  return IMPORTERS.find((importer) => importer.recognises({ ...input, name: "" })) ?? IMPORTERS.find((importer) => importer.recognises(input));
}

/** Bytes of any known format into a titled list of blocks, or one problem that says what to do. */
export async function importFile(input: ImportInput, tools: ImportTools): Promise<Result<Imported, ImportProblem>> {
  if (OLD_OFFICE.every((byte, index) => input.bytes[index] === byte)) return fail({ type: "old-word-file" });
  const importer = findImporter(input);
  if (!importer) return fail({ type: "file-kind-unknown", name: input.name });
  const imported = await importer.read(input, tools);
  if (!imported.ok) return imported;
  const characters = imported.value.blocks.reduce((sum, block) => sum + block.text.length, 0);
  if (characters > MAX_IMPORTED_CHARACTERS) return fail({ type: "passage-too-long", characters, limit: MAX_IMPORTED_CHARACTERS });
  return ok({ ...imported.value, blocks: markCaptions(imported.value.blocks) });
}
