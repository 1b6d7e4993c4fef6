import type { Imported, ImportProblem } from "@/core/importers/importer";

/** What an import worker is given and what it answers. */
export type ImportJob =
  | { type: "import"; path: string; name: string; contentType?: string; url?: string; readPictures: boolean; stop: SharedArrayBuffer }
  | { type: "draw-page"; path: string; page: number; width: number };

export type ImportAnswer =
  | { type: "progress"; what: string; done: number; total: number }
  | { type: "imported"; imported: Imported & { language: string } }
  | { type: "drawn"; png: Uint8Array }
  | { type: "failed"; problem: ImportProblem };
