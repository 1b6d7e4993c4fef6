import type { Result } from "../lib/result";
import type { Block, Box, SourceKind } from "../source/schema";

/** What is known of some bytes besides the bytes. */
export type ImportHint = { name: string; contentType?: string; url?: string };
export type ImportInput = ImportHint & { bytes: Uint8Array };

/** A word as the picture reader gives it, on a picture of the given size in pixels. */
export type ReadWord = { text: string; box: Omit<Box, "page">; confidence: number; line: number; paragraph: number };

/** What importers cannot do by themselves, passed in. */
export type ImportTools = {
  /** `what` is a few words for the line that shows how far it is. */
  progress(what: string, done: number, total: number): void;
  /** Folder of the PDF reader's own fonts and character maps, with a slash at its end. */
  pdfAssets: string;
  /** Reads the words of a PNG, JPEG or WebP picture. */
  readPicture(picture: Uint8Array, onProgress: (share: number) => void): Promise<Result<ReadWord[], ImportProblem>>;
  /** True once the teacher wants no more; what was read so far is kept. */
  isStopped?(): boolean;
  /** Set where the teacher asked for the text of a scanned PDF to be read off its pictures. */
  drawPage?(bytes: Uint8Array, page: number): Promise<Uint8Array>;
};

export type ImportWarning =
  | { type: "cues-repaired"; count: number }
  | { type: "cues-merged"; count: number }
  | { type: "punctuation-restored"; count: number }
  | { type: "pages-without-text"; count: number }
  | { type: "low-confidence"; count: number }
  | { type: "notes-left-out"; count: number }
  | { type: "page-text-left"; words: number }
  | { type: "pictures-not-fetched"; count: number }
  | { type: "media-not-fetched" }
  | { type: "stopped-early"; done: number; total: number };

export type Imported = {
  kind: SourceKind;
  title: string;
  byline?: string;
  published?: string;
  /** As the document itself says; else it is found out from the text. */
  language?: string;
  blocks: Block[];
  warnings: ImportWarning[];
  pages?: number;
  slides?: number;
  durationMs?: number;
  /** The document as a sanitised page, where it has no better likeness. */
  view?: string;
  /** A page's video or sound with the addresses of its captions. */
  media?: { address: string; isVideo: boolean; tracks: { address: string; language?: string }[] };
};

export type ImportProblem =
  | { type: "passage-empty" }
  | { type: "passage-too-long"; characters: number; limit: number }
  | { type: "passage-not-text" }
  | { type: "file-kind-unknown"; name: string }
  | { type: "old-word-file" }
  | { type: "pdf-encrypted" }
  | { type: "pdf-broken" }
  | { type: "pdf-of-pictures"; pages: number }
  | { type: "not-a-zip"; format: string }
  | { type: "zip-broken"; format: string }
  | { type: "zip-too-large"; megabytes: number }
  | { type: "document-broken"; format: string }
  | { type: "html-too-deep" }
  | { type: "page-without-article" }
  | { type: "page-needs-scripts" }
  | { type: "captions-empty" }
  | { type: "media-without-captions"; isVideo: boolean }
  | { type: "picture-too-large"; megapixels: number; limit: number }
  | { type: "picture-broken" }
  | { type: "picture-without-text" }
  | { type: "import-too-slow"; seconds: number }
  | { type: "import-too-hungry" }
  | { type: "import-stopped" };

export type Importer = {
  id: string;
  /** By content first, then by name. */
  recognises(input: ImportInput): boolean;
  read(input: ImportInput, tools: ImportTools): Promise<Result<Imported, ImportProblem>>;
};
