import type { Analysis, Sentence } from "../language/analysis";
import { standsAlone } from "../spanish/read-spanish";

/** Whether a sentence may be asked about: parsed in English, whole and clear by itself in Spanish. */
export function isUnderstood(sentence: Sentence, { language }: Pick<Analysis, "language">): boolean {
  return language === "es" ? standsAlone(sentence) : sentence.tree !== undefined;
}
