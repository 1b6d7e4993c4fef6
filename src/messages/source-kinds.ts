import type { SourceKind } from "@/core/source/schema";

export const SOURCE_KIND_NAMES: Record<SourceKind, string> = {
  text: "text",
  markdown: "Markdown",
  "web-page": "web page",
  html: "HTML",
  pdf: "PDF",
  docx: "DOCX",
  odt: "ODT",
  rtf: "RTF",
  epub: "book (EPUB)",
  pptx: "slides (PPTX)",
  odp: "slides (ODP)",
  captions: "captions",
  video: "video with captions",
  audio: "sound with captions",
  picture: "picture",
  excerpts: "excerpts",
};
