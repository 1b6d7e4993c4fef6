import { agrees, mayBe, nounPhrases } from "./agrees-with";
import type { Antecedent, Sentence } from "./analysis";
import type { Clause } from "./clause";
import type { Known } from "./clause-before";
import { nodeText } from "./node-text";
import { OF_EVENTS } from "./only-thing";
import { isTopic } from "./resolve-pronouns";
import { pronounOf } from "./subject-pronoun";
import { coreOf, headTerminal, type Node } from "./tree";

/** "When you heat *wax*, it melts", "If nobody claims *a thing*, it is sold": what the condition in front does something to, where nothing else in it can be meant. */
export function objectAhead(earlier: Clause, clause: Clause, pronoun: string, { sentences, persons, lexicon, found }: Known): Antecedent | undefined {
  const { sentence, subject, rank } = clause;
  const [object, ...more] = earlier.complements.filter(({ role }) => role !== "particle" && role !== "object2");
  if (pronoun !== "it" || rank !== "main" || earlier.end > subject.start || object?.role !== "object" || more.length > 0) return undefined;
  if (earlier.rank === "main" && !goesOnWithObject(earlier, clause)) return undefined;
  // "If *it* picks up a paper clip, *it* is magnetized": the first of the two may be meant again.
  if (pronounOf(earlier.subject) === pronoun) return undefined;
  const told = nodeText(sentence, object.node);
  const isOnce = earlier.rank === "main" && earlier.verb.flags?.includes("past");
  const antecedent = { text: isOnce ? told.replace(/^an? /, "the ") : told, node: object.node, sentence };
  // What something is called is no other thing.
  const name = earlier.complements.find(({ role }) => role === "object2")?.node;
  const isOther = (np: Node) =>
    headTerminal(np) !== headTerminal(object.node) &&
    np.end <= subject.start &&
    !(name && np.start >= name.start && np.end <= name.end) &&
    !np.f.time &&
    mayBe("it", np, sentence, persons, lexicon);
  if (object.node.f.det === "pron" || object.node.f.det === "quant" || !agrees("it", antecedent, persons, lexicon)) return undefined;
  if (!sentence.tree || nounPhrases(sentence.tree).some(isOther)) return undefined;
  return isTopic(sentences[sentence.index - 1], sentence, antecedent, "it", found, persons, lexicon) ? undefined : antecedent;
}

/** "Ida built *a clock*, and *it* struck every hour", "called *blushing* human, and *it* puzzled him"; "lost the race, and it upset her" tells of the loss. */
function goesOnWithObject(earlier: Clause, { verb, passive, linkedBy }: Clause): boolean {
  if (earlier.shared || earlier.negated || !/^(?:and|but)$/.test(linkedBy ?? "")) return false;
  const isNamed = earlier.complements.some(({ role }) => role === "object2") && earlier.verb.lemma === "call";
  if (isNamed) return true;
  return verb.cat === "be" ? passive : !OF_EVENTS.test(verb.lemma ?? "") && !MOVING.test(verb.lemma ?? "");
}

/** What upsets or pleases somebody may be what was done as well. */
const MOVING =
  /^(?:please|upset|annoy|puzzle|surprise|frighten|scare|worry|anger|amuse|delight|shock|hurt|bother|comfort|console|interest|excite|teach|remind|change|kill|ruin|convince|win|earn|bring|put|force)$/;

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
