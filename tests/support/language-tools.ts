import path from "node:path";
import { readPassage } from "@/core/importers/read-passage";
import { analyseText, type LanguageTools } from "@/core/language/analyse-text";
import type { Analysis } from "@/core/language/analysis";
import type { Block } from "@/core/source/schema";
import { loadLanguageTools } from "@/server/language/load-language-tools";

export const root = path.resolve(import.meta.dirname, "../..");

export function tools(): LanguageTools {
  return loadLanguageTools(root);
}

export function blocksOf(text: string, kind: "text" | "markdown" = "text"): Block[] {
  const passage = readPassage(text, kind);
  if (!passage.ok) throw new Error(passage.problem.type);
  return passage.value.blocks;
}

export function analyse(text: string, kind: "text" | "markdown" = "text"): Analysis {
  return analyseText(blocksOf(text, kind), tools());
}
