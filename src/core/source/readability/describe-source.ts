import type { Block } from "../schema";
import { countedSentences, countText, type TextCounts } from "./count-text";
import { fleschKincaid, type ReadingGrade, readingGrade } from "./reading-grade";

export type HardSentence = { blockId: string; start: number; end: number; text: string; words: number; grade: number };
export type SourceDescription = { counts: TextCounts; grade?: ReadingGrade; hardest: HardSentence[] };

/** Words a minute in silent reading at each grade, 1 to 12 (Hasbrouck and Tindal 2017; above 8 from Taylor 1965). */
const WORDS_A_MINUTE = [60, 100, 120, 140, 150, 165, 180, 195, 205, 215, 225, 240];

export function readingMinutesAt(words: number, grade: number): number {
  return words / WORDS_A_MINUTE[Math.min(12, Math.max(1, grade)) - 1]!;
}

/** What a teacher wants to know of a text before planning. */
export function describeSource(blocks: readonly Block[], hardestCount = 5): SourceDescription {
  const prose = blocks.filter((block) => !block.leftOut && block.kind !== "heading");
  const counts = countText(prose.map((block) => block.text));
  const grade = readingGrade(counts);
  return { counts, ...(grade ? { grade } : {}), hardest: hardestSentences(prose, hardestCount) };
}

/** By Flesch–Kincaid on the sentence alone, with length and unfamiliar words on top: an order, not a grade. */
function hardestSentences(blocks: readonly Block[], count: number): HardSentence[] {
  return blocks
    .flatMap((block) => countedSentences(block.text).map((sentence) => ({ block, ...sentence })))
    .map(({ block, start, end, counts }) => ({
      blockId: block.id,
      start,
      end,
      text: block.text.slice(start, end),
      words: counts.words,
      grade: counts.words ? fleschKincaid(counts) + (counts.unfamiliar / counts.words) * 6 + counts.words * 0.15 : 0,
    }))
    .filter((sentence) => sentence.words >= 8)
    .sort((a, b) => b.grade - a.grade)
    .slice(0, count);
}
