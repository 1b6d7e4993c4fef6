import type { Clause } from "../../language/clause";
import { wordsText } from "../../language/node-text";

/** A verb that wants an object, with *of* or *by* in its place: a participle that was read as a past. */
export function isReducedPassive({ verb, auxiliaries, complements, sentence }: Clause): boolean {
  if (verb.flags?.[0] !== "past" || auxiliaries.length > 0) return false;
  if (/^(?:name|call)$/.test(verb.lemma ?? "")) return NAMED.test(wordsText(sentence, 0, sentence.words.length));
  if (complements.length > 0) return false;
  const next = sentence.words[verb.end]?.lower ?? "";
  return (verb.lemma === "make" && next === "of") || (next === "by" && /^(?:make|build|call|name|write|own|use|paint)$/.test(verb.lemma ?? ""));
}

/** "*Gutenberg's* press, built around 1450, could print": what is owned was read as what somebody does. */
export function isOwnerAlone({ subject, sentence }: Clause): boolean {
  const next = sentence.words[subject.end];
  return subject.role === "possession" && next !== undefined && next.candidates.some(({ cat }) => cat === "n");
}

/** "A gorilla *named Kito* who needed surgery.": whom somebody tells of, and nobody gave a name. */
const NAMED = /^(?:an?|one) (?:\p{L}+ ){1,3}(?:named|called) \p{Lu}\p{L}+ (?:who|that|which|from|in|with)\b/iu;
