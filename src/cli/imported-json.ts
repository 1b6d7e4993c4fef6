import { z } from "zod";
import type { Imported } from "@/core/importers/importer";
import { locatorLabel } from "@/core/source/locator-label";
import { blockSchema, sourceKindSchema } from "@/core/source/schema";
import { importWarningText } from "@/messages/import-warnings";

/** The shape that `vumo import --json` prints; docs/json.md explains it. It stays stable. */
export const importedJsonSchema = z.object({
  title: z.string(),
  kind: sourceKindSchema,
  language: z.string(),
  blocks: z.array(blockSchema.pick({ id: true, kind: true, level: true, text: true, locator: true, leftOut: true, confidence: true, speaker: true })),
  warnings: z.array(z.object({ type: z.string(), text: z.string() })),
});
export type ImportedJson = z.infer<typeof importedJsonSchema>;

export function toImportedJson({ title, kind, language, blocks, warnings }: Imported & { language: string }): ImportedJson {
  return importedJsonSchema.parse({
    title,
    kind,
    language,
    blocks,
    warnings: warnings.map((warning) => ({ type: warning.type, text: importWarningText(warning) })),
  });
}

export function importedAsText({ title, blocks, warnings }: Imported): string {
  const lines = blocks.map((block) => `${locatorLabel(block.locator).padEnd(14)}${block.leftOut ? `[left out: ${block.leftOut}] ` : ""}${block.text}`);
  return `${[title, "", ...lines, "", ...warnings.map(importWarningText)].join("\n").trimEnd()}\n`;
}
