import { readFileSync } from "node:fs";
import path from "node:path";
import { importFile } from "@/core/importers/import-file";
import type { Imported, ImportProblem, ImportTools } from "@/core/importers/importer";
import type { Result } from "@/core/lib/result";
import { root } from "./language-tools";

/** Importing without a picture reader, for formats that need none. */
export const bareTools: ImportTools = {
  progress: () => {},
  pdfAssets: `${path.join(root, "node_modules/pdfjs-dist")}/`,
  readPicture: async () => ({ ok: false, problem: { type: "picture-broken" } }),
};

export function importBytes(bytes: Uint8Array, name: string, tools: Partial<ImportTools> = {}): Promise<Result<Imported, ImportProblem>> {
  return importFile({ bytes, name }, { ...bareTools, ...tools });
}

export async function importSample(file: string, tools: Partial<ImportTools> = {}): Promise<Imported> {
  const imported = await importBytes(readFileSync(path.join(root, file)), path.basename(file), tools);
  if (!imported.ok) throw new Error(`${file}: ${imported.problem.type}`);
  return imported.value;
}
