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
