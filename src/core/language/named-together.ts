import type { Antecedent } from "./analysis";
import type { Clause } from "./clause";
import { antecedentOf, type Known, mainClause } from "./clause-before";
import { nodeText } from "./node-text";
import { headTerminal } from "./tree";

/** What two people do together, so that *they* are both of them afterwards. */
const TOGETHER = /^(?:marry|meet|join|befriend)$/;

/** "In 1854 Mary married *Henry Ward*. *They* had eight children": the two of them. */
export function namedTogether({ sentence, subject }: Clause, pronoun: string, { sentences, persons, found }: Known): Antecedent | undefined {
  const before = sentences[sentence.index - 1];
  const told = before?.block === sentence.block ? mainClause(before) : undefined;
  const [object, ...more] = told?.complements ?? [];
  if (pronoun !== "they" || !told || !TOGETHER.test(told.verb.lemma ?? "") || told.negated || object?.role !== "object" || more.length > 0) return undefined;
  const one = antecedentOf(told, found)?.text;
  const other = headTerminal(object.node).cat === "pn" ? nodeText(before!, object.node) : undefined;
  if (!one || !other || !persons.has(one) || !persons.has(other) || persons.get(one) === persons.get(other)) return undefined;
  const text = `${one} and ${other}`;
  const name = { ...subject, cat: "pn", kids: [], lemma: text, flags: [] };
  return { text, node: { ...subject, f: { num: "pl", det: "proper" }, kids: [name] }, sentence };
}
