import type { Imported, ImportProblem } from "@/core/importers/importer";
import type { SourceDescription } from "@/core/source/readability/describe-source";

/** With what is found out of the text; figures are counted in the worker, since a book takes a while. */
export type ImportedSource = Imported & { language: string; description?: SourceDescription };

/** What an import worker is given and what it answers. */
export type ImportJob =
  | { type: "import"; path: string; name: string; contentType?: string; url?: string; readPictures: boolean; stop: SharedArrayBuffer }
  | { type: "draw-page"; path: string; page: number; width: number };

export type ImportAnswer =
  | { type: "progress"; what: string; done: number; total: number }
  | { type: "imported"; imported: ImportedSource }
  | { type: "drawn"; png: Uint8Array }
  | { type: "failed"; problem: ImportProblem };
