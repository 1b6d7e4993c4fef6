import { readCaptions } from "@/core/importers/captions/read-captions";
import type { ImportProblem } from "@/core/importers/importer";
import { readPassage } from "@/core/importers/read-passage";
import { ok, type Result } from "@/core/lib/result";
import { storeBytes } from "../files/file-store";
import { bringIn } from "../importing/bring-in";
import { detectLanguage } from "../importing/detect-language";
import { type CreatedSource, storeImported } from "./create-source";

type Pasted = { text: string; title?: string | undefined; media?: { hash: string; name: string } | undefined };

/** Pasted text into a source: a passage, or captions where they have times; captions may belong to a film that waits for them. */
export async function pasteSource({ text, title, media }: Pasted): Promise<Result<CreatedSource, ImportProblem | { type: "file-gone" }>> {
  if (media) {
    const captions = storeBytes(Buffer.from(text), "captions.vtt", "text/vtt");
    const brought = await bringIn({ hash: captions.hash, name: "captions.vtt", media }, () => {});
    return brought.ok ? ok({ sourceId: brought.value.sourceId, setId: brought.value.setId }) : brought;
  }
  const looksTimed = /^(?:\ufeff)?WEBVTT\b|^\s*\d+\s*\n\d\d:\d\d:\d\d,\d{3} -->/.test(text);
  const read = looksTimed ? readCaptions(text, "") : readPassage(text, looksLikeMarkdown(text) ? "markdown" : "text");
  if (!read.ok) return read;
  const imported = { warnings: [], ...read.value };
  const language = await detectLanguage(imported.blocks, undefined);
  return ok(storeImported({ ...imported, title: title?.trim() || imported.title, language }, { original: text }));
}

/** Headings written with # are the one sign that plain text never has by chance. */
function looksLikeMarkdown(text: string): boolean {
  return /^#{1,6} \S/m.test(text);
}
