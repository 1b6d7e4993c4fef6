import type { Clause } from "../../language/clause";

/** Behind *but* or *and*, a word that is a thing sooner than a deed, and stands alone. */
function isNounRather({ verb, sentence, complements }: Clause): boolean {
  const cheapest = (cat: string) => Math.min(9, ...(sentence.words[verb.start]?.candidates.filter((tag) => tag.cat === cat).map(({ cost }) => cost) ?? []));
  return complements.length === 0 && sentence.words[verb.start - 1]?.lower === "but" && cheapest("n") < cheapest("v");
}

/**
 * "had to get off, *loosen* the wheel and turn it": what they had to do, and nothing that they do today.
 * "turn pale and *wrinkled*": how they look, and nothing that they once did.
 */
export function turnsTense(clause: Clause): boolean {
  if (!clause.shared || clause.auxiliaries.length > 0) return false;
  const before = clause.sentence.clauses.filter((other) => other.subject === clause.subject && other.verb.start < clause.verb.start);
  const [form] = clause.verb.flags ?? [];
  // "He walked the same miles, with nothing to look at *but fields*": things, and nothing that he does today.
  if (form === "third" && isNounRather(clause)) return true;
  if (form === "plain") return before.some((other) => [other.verb, ...other.auxiliaries].some(({ flags }) => flags?.includes("past")));
  const isLook = ({ verb, auxiliaries, complements }: Clause) =>
    auxiliaries.length === 0 &&
    /^(?:plain|third)$/.test(verb.flags?.[0] ?? "") &&
    !verb.flags?.includes("past") &&
    complements.some(({ role, node }) => role === "predicate" && node.cat === "ap");
  return form === "past" && clause.verb.cat === "v" && before.some(isLook);
}
