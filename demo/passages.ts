/** The demo scenario: the harbour town of Skerry Bay. The first one opens with drafts in its margin. */
export const DEMO_PASSAGES = [
  { id: "lens", file: "the-lens-that-saved-ships.md", grade: 5, drafts: true },
  { id: "tide", file: "why-the-tide-turns.md", grade: 5, drafts: true },
  { id: "ida", file: "ida-marrow-keeper.md", grade: 6, drafts: false },
  { id: "council", file: "the-harbour-council.md", grade: 6, drafts: false },
  { id: "horn", file: "keep-the-horn.md", grade: 7, drafts: false },
  { id: "bowline", file: "how-to-tie-a-bowline.md", grade: 4, drafts: false },
  { id: "bell", file: "the-night-bell.md", grade: 4, drafts: false },
] as const;

export type DemoFile = { id: string; file: string; captions?: string; folder: string | null };

/** One source of each further sort; the film and the report are those of the stand-in site. */
export const DEMO_FILES: DemoFile[] = [
  { id: "pilot", file: "files/a-walk-with-the-pilot.srt", folder: "Museum" },
  { id: "glance", file: "files/knots-at-a-glance.html", folder: "Science" },
  { id: "book", file: "files/rope-report.epub", folder: "Museum" },
  { id: "guide-rtf", file: "files/museum-guide.rtf", folder: "Museum" },
  { id: "guide", file: "files/museum-guide.docx", folder: "Museum" },
  { id: "lesson", file: "files/tide-lesson.odt", folder: "Science" },
  { id: "scan", file: "files/tide-lesson-scan.webp", folder: "Science" },
  { id: "fog-slides", file: "files/fog-deck.odp", folder: "Science" },
  { id: "slides", file: "files/lifeboat-deck.pptx", folder: null },
  { id: "report", file: "../standins/web-site/files/rope-report.pdf", folder: null },
  { id: "sound", file: "../standins/web-site/files/harbour-light.mp3", captions: "../standins/web-site/files/harbour-light.vtt", folder: null },
  { id: "film", file: "../standins/web-site/files/harbour-light.webm", captions: "../standins/web-site/files/harbour-light.vtt", folder: null },
];
