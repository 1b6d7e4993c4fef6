import { type Analysis, narratorOf } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { inflectVerb } from "../../language/inflect";
import type { Phrasing, Unaskable } from "./ask-clause";
import { phraseVerb } from "./phrase-verb";

/** "I start both engines": told of whoever says it, as the verb of a third person asks. */
export function phraseNarrator(clause: Clause, analysis: Analysis): Phrasing | Unaskable {
  const narrator = narratorOf(clause.sentence, analysis);
  const verb = narrator ? phraseVerb(clause) : undefined;
  if (!narrator || !verb) return "first-person";
  const third = (word: string) => ({ am: "is", have: "has", do: "does", shall: "will" })[word] ?? word;
  const [first = "", ...more] = verb.finite.split(" ");
  const bare = clause.auxiliaries.length === 0 && clause.verb.cat === "v" && clause.verb.flags?.[0] === "plain";
  const finite = [bare ? inflectVerb(clause.verb.lemma ?? first, "third") : third(first), ...more].join(" ");
  // "I put on *his* boots": never my own.
  return { clause, subject: narrator, binder: { num: "sg", human: true, first: true }, inverted: third(verb.inverted), verbPhrase: verb.verbPhrase, finite };
}

/** "*We* once built a cast out of a drinking straw": whoever says it and others, where it was done and is no habit of mankind. */
export function phraseUs(clause: Clause, analysis: Analysis): Phrasing | undefined {
  const narrator = narratorOf(clause.sentence, analysis);
  const isDone = clause.verb.flags?.[0] === "past" && clause.auxiliaries.length === 0 && clause.verb.cat === "v";
  const isNamed = narrator !== undefined && /^\p{Lu}/u.test(narrator);
  const verb = isDone && isNamed && analysis.sort === "expository" ? phraseVerb(clause) : undefined;
  return verb ? { clause, subject: `${narrator} and others`, binder: { num: "pl", human: true }, ...verb } : undefined;
}
