import { countText } from "@/core/source/readability/count-text";
import { fleschKincaid } from "@/core/source/readability/reading-grade";

/** A whole grade for the kept stems together; single stems are too short for a formula. */
export function questionsGrade(stems: string[]): string {
  const counts = countText(stems);
  return counts.words < 20 ? "" : String(Math.max(1, Math.round(fleschKincaid(counts))));
}
