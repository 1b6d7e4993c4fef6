import type { Clause } from "../../language/clause";
import { wordsText } from "../../language/node-text";

const TOLD_ELSEWHERE =
  /\b(?:do|does|did|done|doing) (?:so|the same|likewise)\b|\bin so doing\b|(?<!\b(?:every|each|all|both)\b[^,]*)\bin the same way\b(?! (?:as|that)\b)|\bover the (?:next|following) (?:\p{L}+[ -]){0,3}(?:days|weeks|months|years|decades|centuries)\b|^further \p{L}+ion\b|\bnearly every time\b|\b(?:forward|back|up|down|on|off) and (?:in|on|at)\b|\bboth (?:kinds|sorts|types|ways|methods|languages|countries|cities|towns|books)\b|^according to (?:his|her|its|their|this|that|these|him|them)\b|\bthe whole (?:sum|amount|piece|thing|lot|process)\b|(?<!\bof )\b(?:one|two|three|four|hundred|thousand|most) (?:more |other )?(?:sets?|kinds|sorts|types)\b(?! (?:of|that|which|called|in which))/iu;

const known = new WeakMap<Clause, boolean>();

/** "Small states are not likely to *do so*", "*Further* expansion failed", "worked *nearly every time*": what another sentence told of. */
export function isToldElsewhere(clause: Clause): boolean {
  const told = known.get(clause) ?? TOLD_ELSEWHERE.test(wordsText(clause.sentence, clause.start, clause.end));
  known.set(clause, told);
  return told;
}
