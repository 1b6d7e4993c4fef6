import type { Sentence } from "./analysis";
import type { Clause } from "./clause";
import { inflectVerb } from "./inflect";

/**
 * "set, put, cut, hit": the form does not say whether it is past. Where the sentence names a past time,
 * or what stands around it is told in the past, it is.
 */
export function settleTenses(sentences: readonly Sentence[]): void {
  const pastByBlock = new Map<string, number>();
  const surePasts = new Set<string>();
  const presentIn = new Set<string>();
  for (const { block, clauses } of sentences) {
    for (const clause of clauses) {
      const tense = tenseOf(clause);
      if (tense < 0) presentIn.add(block.id);
      if (tense > 0 && !mayBeOfToday(clause)) surePasts.add(block.id);
      if (tense !== 0) pastByBlock.set(block.id, (pastByBlock.get(block.id) ?? 0) + tense);
    }
  }
  for (const sentence of sentences) {
    // "Each month I *put* three dishes on trial": again and again, and no past.
    // "Every morning the doctors *cut* open bodies", among what is told of the past: it was so then.
    const recurs = RECURRING.test(sentence.text) && (presentIn.has(sentence.block.id) || !surePasts.has(sentence.block.id));
    for (const clause of sentence.clauses) {
      // "Bubbles of soap *burst* after a few seconds. Two things kill them": no other verb around it is past.
      const isAmongPresents = presentIn.has(sentence.block.id) && !surePasts.has(sentence.block.id) && !DATED.test(sentence.text) && !PAST.test(sentence.text);
      // "Some builders *now* put bricks under the roof"
      const isNow = /\b(?:now|nowadays)\b/i.test(sentence.text) && !PAST.test(sentence.text);
      const isOfToday = recurs || isNow || isBesidePresents(clause) || isAmongPresents;
      if (isOfToday && mayBeOfToday(clause)) clause.verb.flags = ["plain"];
      if (isOfToday || !isOpen(clause)) continue;
      // "Long before yeast *was sold*, bakers *let* their bread rise"
      if (isBesidePasts(clause)) clause.verb.flags = ["past"];
      const dated = DATED.test(sentence.text);
      // Beside a present the past has to be told more than once.
      const least = presentIn.has(sentence.block.id) ? 2 : 1;
      if (dated || (pastByBlock.get(sentence.block.id) ?? 0) >= least) clause.verb.flags = ["past"];
    }
  }
}

const DATED = /\b(?:in|since|on|by|until) (?:\p{Lu}\p{Ll}+ )?(?:1\d{3}|20[0-2]\d)\b|\bago\b|\byesterday\b/u;
const PAST = /\b(?:was|were|had|did)\b/i;
const RECURRING = /\b(?:each|every) (?:day|night|week|month|year|morning|evening|spring|summer|autumn|fall|winter|time)\b/i;

/** "I *put*", "they *set*": read as a past, and just as well of today; "she put" is past. */
function mayBeOfToday({ verb, auxiliaries, subject, imperative }: Clause): boolean {
  const isPast =
    !imperative && auxiliaries.length === 0 && verb.cat === "v" && verb.flags?.[0] === "past" && inflectVerb(verb.lemma ?? "", "past") === verb.lemma;
  return isPast && (subject.f.num === "pl" || subject.f.sub === "first");
}

/** "Plants *put* nitrogen back, because bacteria capture it": the sentence's other verbs say when. */
function isBesidePresents({ sentence, verb }: Clause): boolean {
  const tenses = sentence.clauses.filter((other) => other.verb !== verb).map(tenseOf);
  return tenses.includes(-1) && !tenses.includes(1);
}

function isBesidePasts({ sentence, verb }: Clause): boolean {
  const tenses = sentence.clauses.filter((other) => other.verb !== verb).map(tenseOf);
  return (tenses.includes(1) || PAST.test(sentence.text)) && !tenses.includes(-1);
}

/** 1 for a past, −1 for a present, 0 where the form does not say. */
function tenseOf(clause: Clause): number {
  const first = clause.auxiliaries[0] ?? clause.verb;
  if (clause.imperative || isOpen(clause) || first.cat === "modal") return 0;
  return first.flags?.includes("past") ? 1 : ["third", "plain"].includes(first.flags?.[0] ?? "") ? -1 : 0;
}

function isOpen({ verb, auxiliaries, imperative }: Clause): boolean {
  return !imperative && auxiliaries.length === 0 && verb.cat === "v" && verb.flags?.[0] === "plain" && inflectVerb(verb.lemma ?? "", "past") === verb.lemma;
}
