import type { Antecedent, Sentence } from "./analysis";
import type { Clause } from "./clause";
import { nodeText } from "./node-text";
import { agrees, isTopic, type Known, mayBe, nounPhrases } from "./resolve-pronouns";
import { pronounOf } from "./subject-pronoun";
import { coreOf, headTerminal, type Node } from "./tree";

/** "When you heat *wax*, it melts", "If nobody claims *a thing*, it is sold": what the condition in front does something to, where nothing else in it can be meant. */
export function objectAhead(
  earlier: Clause,
  { sentence, subject, rank }: Clause,
  pronoun: string,
  { sentences, persons, lexicon, found }: Known,
): Antecedent | undefined {
  const [object, ...more] = earlier.complements.filter(({ role }) => role !== "particle");
  if (pronoun !== "it" || earlier.rank !== "adverbial" || rank !== "main" || earlier.end > subject.start || object?.role !== "object" || more.length > 0)
    return undefined;
  // "If *it* picks up a paper clip, *it* is magnetized": the first of the two may be meant again.
  if (pronounOf(earlier.subject) === pronoun) return undefined;
  const antecedent = { text: nodeText(sentence, object.node), node: object.node, sentence };
  const isOther = (np: Node) =>
    headTerminal(np) !== headTerminal(object.node) && np.end <= subject.start && !np.f.time && mayBe("it", np, sentence, persons, lexicon);
  if (object.node.f.det === "pron" || object.node.f.det === "quant" || !agrees("it", antecedent, persons, lexicon)) return undefined;
  if (!sentence.tree || nounPhrases(sentence.tree).some(isOther)) return undefined;
  return isTopic(sentences[sentence.index - 1], sentence, antecedent, "it", found, persons, lexicon) ? undefined : antecedent;
}

/**
 * "Hang *the box* above the ground. If *it* faces south, …": what a command tells the reader to do something
 * to goes on in a condition, and where nothing else was named in any clause: "Stir in *the gum*. *It* thickens …".
 */
export function objectOfCommand(
  before: Sentence | undefined,
  { sentence, start, adjuncts, rank }: Clause,
  { persons, lexicon }: Known,
): Antecedent | undefined {
  const [first, ...more] = before?.clauses.filter(({ rank }) => rank === "main") ?? [];
  if (!before || before.block !== sentence.block || !first?.imperative || more.length > 0 || start > 2 || adjuncts.some(({ node }) => node.end <= start))
    return undefined;
  const [object, ...others] = first.complements.filter(({ role }) => role !== "particle");
  const node = object?.role === "object" && others.length === 0 ? object.node : undefined;
  if (!node || coreOf(node) !== node || node.f.det !== "def" || node.f.num !== "sg") return undefined;
  const isNamedBeside = nounPhrases(before.tree!).some((np) => headTerminal(np) !== headTerminal(node) && mayBe("it", np, before, persons, lexicon));
  if (rank !== "adverbial" && isNamedBeside) return undefined;
  const found = { text: nodeText(before, node), node, sentence: before };
  return agrees("it", found, persons, lexicon) ? found : undefined;
}
