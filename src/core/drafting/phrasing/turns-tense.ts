import type { Clause } from "../../language/clause";

/**
 * "had to get off, *loosen* the wheel and turn it": what they had to do, and nothing that they do today.
 * "turn pale and *wrinkled*": how they look, and nothing that they once did.
 */
export function turnsTense(clause: Clause): boolean {
  if (!clause.shared || clause.auxiliaries.length > 0) return false;
  const before = clause.sentence.clauses.filter((other) => other.subject === clause.subject && other.verb.start < clause.verb.start);
  const [form] = clause.verb.flags ?? [];
  if (form === "plain") return before.some((other) => [other.verb, ...other.auxiliaries].some(({ flags }) => flags?.includes("past")));
  const isLook = ({ verb, auxiliaries, complements }: Clause) =>
    auxiliaries.length === 0 &&
    /^(?:plain|third)$/.test(verb.flags?.[0] ?? "") &&
    !verb.flags?.includes("past") &&
    complements.some(({ role, node }) => role === "predicate" && node.cat === "ap");
  return form === "past" && clause.verb.cat === "v" && before.some(isLook);
}
