import type { Clause } from "../../language/clause";
import { inflectVerb } from "../../language/inflect";
import type { Phrasing } from "./ask-clause";

/** The verb of a clause in the forms that questions and statements need; undefined where it is contracted. */
export function phraseVerb(clause: Clause): Pick<Phrasing, "inverted" | "verbPhrase" | "finite"> | undefined {
  if (isGranted(clause)) return undefined;
  // "A farmer *alone* could *hardly* bargain": behind the verb the word would say something else.
  const [first] = clause.auxiliaries;
  const around = first && [clause.sentence.words[first.start - 1], clause.sentence.words[first.end]].map((word) => word?.lower);
  if (around?.[0] === "alone" && /^(?:hardly|scarcely|barely)$/.test(around[1] ?? "")) return undefined;
  const emphatic = emphaticDo(clause);
  if (emphatic) return emphatic;
  const words = clause.auxiliaries.map((node) => wholeForm(clause.sentence.words[node.start]!.lower));
  const main = wholeForm(clause.sentence.words[clause.verb.start]!.lower);
  if ([...words, main].some((word) => word.includes("'"))) return undefined;
  const not = clause.negated ? ["not"] : [];
  const finite = [words[0], ...not, ...words.slice(1), main]
    .filter(Boolean)
    .join(" ")
    .replace(/^can not /, "cannot ");
  if (words.length > 0) return { inverted: words[0]!, verbPhrase: [...not, ...words.slice(1), main].join(" "), finite };
  if (clause.verb.cat === "be") return { inverted: main, verbPhrase: not.join(""), finite: [main, ...not].join(" ") };
  // "does not get caught", read with *does* as the verb: without its not it would say the opposite.
  if (clause.negated) return undefined;
  const form = clause.verb.flags?.[0];
  const base = clause.verb.cat === "have" ? "have" : clause.verb.cat === "do" ? "do" : (clause.verb.lemma ?? main);
  const auxiliary = form === "past" ? "did" : form === "third" ? "does" : form === "plain" ? "do" : undefined;
  return auxiliary ? { inverted: auxiliary, verbPhrase: base, finite: main } : undefined;
}

/** "Plants *do need* water, but …": granted, and not all there is to it. */
function isGranted({ auxiliaries, negated, sentence, end }: Clause): boolean {
  const behind = sentence.words.slice(end, end + 2).map(({ lower }) => lower);
  return auxiliaries[0]?.cat === "do" && !negated && behind.includes("but");
}

/** "Mia *did* write to the council": she wrote. */
function emphaticDo({ auxiliaries, verb, negated }: Clause): Pick<Phrasing, "inverted" | "verbPhrase" | "finite"> | undefined {
  const [first, ...more] = auxiliaries;
  if (first?.cat !== "do" || more.length > 0 || negated || verb.cat !== "v" || !verb.lemma) return undefined;
  const form = first.flags?.includes("past") ? "past" : first.flags?.[0] === "third" ? "third" : "base";
  return { inverted: form === "past" ? "did" : form === "third" ? "does" : "do", verbPhrase: verb.lemma, finite: inflectVerb(verb.lemma, form) };
}

/** "ca n't" is *can not*; "'s" may be is or has, and stays. */
function wholeForm(word: string): string {
  return ({ ca: "can", wo: "will", cannot: "can", "'re": "are", "'ve": "have", "'ll": "will", "'m": "am" } as Record<string, string>)[word] ?? word;
}
