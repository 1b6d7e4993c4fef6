import type { Edit } from "@/core/questions/edit";
import type { Question } from "@/core/questions/question";

/** What every part of a question's editor is given. */
export type FieldProps<Q extends Question = Question> = { question: Q; change: (...edits: Edit[]) => void };

/** A field that looks like the page until it is in use. */
export const QUIET_FIELD =
  "w-full rounded-xs border border-transparent bg-transparent px-1 -mx-1 hover:border-line focus:border-spruce focus:bg-sheet focus:outline-none resize-none";
