import { ok } from "../lib/result";
import { MAX_IMPORTED_CHARACTERS } from "../source/schema";
import { decodeText } from "./decode-text";
import type { Importer } from "./importer";
import { readPassage } from "./read-passage";

const TEXT_NAME = /\.(?:txt|text|md|markdown|asc|log)$/i;

/** Plain text and Markdown in any common encoding. */
export const textImporter: Importer = {
  id: "text",
  recognises: ({ name, contentType }) => TEXT_NAME.test(name) || /^text\/(?:plain|markdown)/.test(contentType ?? ""),
  read: async ({ bytes, name }) => {
    const text = decodeText(bytes);
    // Headings written with # are the one sign that plain text never has by chance.
    const isMarkdown = /\.(?:md|markdown)$/i.test(name) || /^#{1,6} \S/m.test(text);
    const passage = readPassage(text, isMarkdown ? "markdown" : "text", name, MAX_IMPORTED_CHARACTERS);
    return passage.ok ? ok({ ...passage.value, warnings: [] }) : passage;
  },
};
