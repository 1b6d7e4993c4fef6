import { existsSync, readdirSync } from "node:fs";
import path from "node:path";
import { importSource } from "../../src/cli/import-source";
import { analyseText } from "../../src/core/language/analyse-text";
import type { Analysis } from "../../src/core/language/analysis";
import { readingBlocks } from "../../src/core/source/prepare/reading-blocks";
import { loadLanguageTools } from "../../src/server/language/load-language-tools";

const root = path.resolve(import.meta.dirname, "../..");
export type Passage = { name: string; analysis: Analysis };

/** The file of a passage of the demo or of the corpus. */
export function openPassageFile(folder: string, name: string): string {
  const found = ["demo/passages", "quality/passages"].map((part) => path.join(folder, part, `${name}.md`)).find(existsSync);
  if (!found) throw new Error(`There is no passage ${name}`);
  return found;
}

/** All English passages of the demo and of the quality corpus, analysed. */
export async function openPassages(): Promise<Passage[]> {
  const tools = loadLanguageTools(root);
  const files = ["demo/passages", "quality/passages"].flatMap((folder) => readdirSync(path.join(root, folder)).map((name) => path.join(root, folder, name)));
  const passages: Passage[] = [];
  for (const file of files.sort()) {
    const { blocks } = await importSource(file, false);
    passages.push({ name: path.basename(file).replace(/\.\w+$/, ""), analysis: analyseText(readingBlocks(blocks, null), tools) });
  }
  return passages;
}
