import type { Question } from "../question";

/** What a kind of question knows of itself; drafting, editors and exporters have files of their own. */
export type KindDefinition<Q extends Question> = {
  kind: Q["kind"];
  /** As it is written on screen and paper. */
  name: string;
  /** An empty question of the kind. */
  createBlank(id: string): Q;
  /** The right answer in words. */
  keyText(question: Q): string;
  /** Further right answers. */
  accepted(question: Q): readonly string[];
  /** Expected working time in minutes for a reader of the grade. */
  minutes(question: Q, grade: number): number;
};

/** Silent reading of test questions is slow and careful: about 60 % of the norms for prose (Hasbrouck and Tindal 2017). */
export function readingMinutes(text: string, grade: number): number {
  return text.split(/\s+/).length / (45 + 12 * grade);
}

/** Words a minute in writing by hand at each grade, 1 to 12: from about 5 to 20 (Graham and others 1998). */
export function writingMinutes(words: number, grade: number): number {
  return words / (4 + grade * 1.3);
}
