import type { ImportWarning } from "@/core/importers/importer";
import { assertNever } from "@/core/lib/assert-never";

const of = (count: number, one: string, many = `${one}s`) => `${count} ${count === 1 ? one : many}`;

/** What a teacher should know of a source that was read: calm, one sentence each. */
export function importWarningText(warning: ImportWarning): string {
  switch (warning.type) {
    case "cues-repaired":
      return `${of(warning.count, "caption")} had times that run backwards or below zero; they were mended.`;
    case "cues-merged":
      return `${of(warning.count, "caption")} repeated what stood before; the repetition was taken out.`;
    case "punctuation-restored":
      return `The captions have no full stops. ${of(warning.count, "full stop")} put in by Vumo at pauses ${warning.count === 1 ? "is" : "are"} marked.`;
    case "pages-without-text":
      return `${of(warning.count, "page")} ${warning.count === 1 ? "holds" : "hold"} a picture and no text.`;
    case "low-confidence":
      return `${of(warning.count, "paragraph")} could not be read with confidence; ${warning.count === 1 ? "it is" : "they are"} marked.`;
    case "notes-left-out":
      return `${of(warning.count, "speaker note")} left out; bring ${warning.count === 1 ? "it" : "them"} back if you want ${warning.count === 1 ? "it" : "them"} used.`;
    case "page-text-left":
      return `The page also holds ${warning.words} words of text, which were not taken.`;
    case "pictures-not-fetched":
      return `${of(warning.count, "picture")} could not be fetched; the description stands in ${warning.count === 1 ? "its" : "their"} place.`;
    case "media-not-fetched":
      return "The film itself could not be fetched; its captions are here.";
    case "stopped-early":
      return `Reading was stopped after ${warning.done} of ${warning.total} pages.`;
    default:
      return assertNever(warning);
  }
}
