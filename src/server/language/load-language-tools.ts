import { readFileSync } from "node:fs";
import path from "node:path";
import { gunzipSync } from "node:zlib";
import type { LanguageTools } from "@/core/language/analyse-text";
import { createLanguageTools } from "@/core/language/create-language-tools";

let tools: LanguageTools | undefined;

/** Reads the dictionary once for each process or worker (about a third of a second). */
export function loadLanguageTools(root: string = process.cwd()): LanguageTools {
  if (tools) return tools;
  const read = (name: string) => gunzipSync(readFileSync(path.join(/* turbopackIgnore: true */ root, "data", "lexicon", `${name}.tsv.gz`))).toString("utf8");
  tools = createLanguageTools({
    words: read("words"),
    forms: read("forms"),
    synsets: read("synsets"),
    names: read("names"),
    given: read("given"),
    meanings: read("meanings"),
  });
  return tools;
}
