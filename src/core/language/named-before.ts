import type { Antecedent, Sentence } from "./analysis";
import { midSentence } from "./node-text";
import { pronounOf } from "./subject-pronoun";
import { coreOf, headTerminal, type Node } from "./tree";

/**
 * "This is called *an override*. *It* seldom happens", "A magazine named it *the Crystal Palace*. Six million came to
 * see *it*": where the sentence before only points to something and gives it its name, the name goes on.
 */
export function namedBefore(before: Sentence | undefined): Antecedent | undefined {
  const [clause, ...more] = (before?.clauses ?? []).filter(({ rank }) => rank === "main");
  if (!before || !clause || clause.negated || !/^(?:call|know|name|term)$/.test(clause.verb.lemma ?? "")) return undefined;
  // "…, and *the name* stuck"
  if (more.some(({ subject }) => headTerminal(subject).lemma !== "name")) return undefined;
  const objects = clause.complements.filter(({ node }) => node.cat === "np").map(({ node }) => node);
  const pointed = clause.passive ? clause.subject : objects[0];
  const as = clause.adjuncts.find(({ node }) => node.cat === "pp" && node.kids[0]?.lemma === "as")?.node.kids[1];
  const term = clause.verb.lemma === "know" ? as : clause.passive ? objects[0] : objects[1];
  if (!pointed || !pointsOnly(pointed) || term?.cat !== "np" || term.f.num === "pl" || term.role === "coordination") return undefined;
  const core = coreOf(term);
  // "called it *a disgrace*": what was thought of it.
  if (!/^(?:n|pn)$/.test(headTerminal(core).cat) || (clause.verb.lemma === "call" && !clause.passive && core.f.det !== "proper" && !isName(core, before)))
    return undefined;
  return { text: midSentence(before, core).replace(/^["“‘]|["”’]$/g, ""), node: core, sentence: before };
}

/** "this", "it" */
function pointsOnly(np: Node): boolean {
  return pronounOf(np) === "it" || (np.end - np.start === 1 && /^(?:this|that)$/.test(headTerminal(np).lemma ?? ""));
}

function isName({ start, end }: Node, { words }: Sentence): boolean {
  return words.slice(start, end).some(({ text }, at) => at > 0 && /^\p{Lu}/u.test(text));
}
