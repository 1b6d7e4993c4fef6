import type { Clause } from "../../language/clause";

/** A verb that wants an object, with *of* or *by* in its place: a participle that was read as a past. */
export function isReducedPassive({ verb, auxiliaries, complements, sentence }: Clause): boolean {
  if (verb.flags?.[0] !== "past" || auxiliaries.length > 0 || complements.length > 0) return false;
  const next = sentence.words[verb.end]?.lower ?? "";
  return (verb.lemma === "make" && next === "of") || (next === "by" && /^(?:make|build|call|name|write|own|use|paint)$/.test(verb.lemma ?? ""));
}
