import { mayBe, nounPhrases } from "./agrees-with";
import type { Antecedent, Sentence } from "./analysis";
import type { Clause } from "./clause";
import type { Known } from "./clause-before";
import { MASS_NOUNS } from "./data/irregular-nouns";
import { isPersonNoun } from "./find-persons";
import { nodeText } from "./node-text";
import { pronounOf } from "./subject-pronoun";
import { coreOf, headTerminal, type Node, walkTree } from "./tree";

/** What *it* is said of that may be a deed or a whole event: "It was a disaster", "It took a year", "It meant that …". */
export const OF_EVENTS =
  /^(?:take|mean|make|help|show|happen|cost|last|end|begin|start|become|prove|cause|lead|work|come|go|turn|seem|feel|look|sound|save|allow|let|give)$/;

/**
 * "Ida built *a clock*. *It* struck every hour", "Ida made *candles*. *They* were sold": where the sentence before
 * tells of somebody, or of things of another number, the one thing in it that agrees.
 */
export function onlyThing(clause: Clause, pronoun: string, { sentences, persons, lexicon }: Known): Antecedent | undefined {
  const { sentence, subject, rank } = clause;
  const before = sentences[sentence.index - 1];
  if ((pronoun !== "it" && pronoun !== "they") || rank !== "main" || subject.start > 0 || !before?.tree || before.block !== sentence.block) return undefined;
  if (clause.verb.cat === "be" ? !clause.passive && !isMeasured(clause) : !clause.passive && pronoun === "it" && OF_EVENTS.test(clause.verb.lemma ?? ""))
    return undefined;
  // "takes notes. *They* shake hands": several things are told from people only by what is done to them.
  if (pronoun === "they" && sentence.clauses.some((other) => other.rank === "main" && other.subject === subject && !other.passive)) return undefined;
  const main = before.clauses.filter((other) => other.rank === "main");
  // Whoever did it is no thing, and is told by a noun or a name that cannot be meant.
  const isOther = ({ subject: doer, imperative }: Clause) =>
    !imperative &&
    (/^(?:i|we)$/.test(headTerminal(doer).lemma ?? "") ||
      pronounOf(doer) === "he" ||
      pronounOf(doer) === "she" ||
      (pronounOf(doer) === undefined && doer.cat === "np" && !mayBe(pronoun, coreOf(doer), before, persons, lexicon)));
  if (main.length === 0 || !main.every(isOther) || holdsSame(before, pronoun)) return undefined;
  const may = nounPhrases(before.tree).filter((np) => isCounted(np, before) && mayBe(pronoun, np, before, persons, lexicon));
  const [thing, ...more] = [...new Map(may.map((np) => [headTerminal(np), np])).values()];
  if (!thing || more.length > 0) return undefined;
  const object = main.flatMap(({ complements }) => complements).find(({ role, node }) => role === "object" && coreOf(node) === coreOf(thing));
  // A person, or people, in what was done may do more than is known of them.
  const isHuman = isPersonNoun(headTerminal(thing).lemma ?? "", lexicon);
  if (!object || isHuman || (pronoun === "they" && holdsPeople(before.tree, lexicon)) || thing.f.det === "pron" || thing.f.det === "quant") return undefined;
  const node = coreOf(object.node);
  const isPast = main.some(({ verb }) => verb.flags?.includes("past"));
  const text = nodeText(before, node);
  return { text: node.f.det === "indef" && isPast ? text.replace(/^an? /i, "the ") : text, node, sentence: before };
}

/** "was 363 miles long" */
function isMeasured({ complements }: Clause): boolean {
  return complements.some(({ role, node }) => role === "predicate" && node.role === "measure");
}

/** *It* or *them* in the sentence itself: whatever that is may go on. */
function holdsSame({ words }: Sentence, pronoun: string): boolean {
  const forms = pronoun === "it" ? /^(?:it|its)$/ : /^(?:they|them|their)$/;
  return words.some(({ lower }) => forms.test(lower));
}

/** One thing of its sort, or several; a mass without an article ("from hard wood") is none. */
function isCounted(np: Node, { words }: Sentence): boolean {
  const lemma = headTerminal(np).lemma ?? "";
  return !(np.f.det === "bare" && np.f.num !== "pl" && (MASS_NOUNS.has(lemma) || words[np.start]!.lower === words[np.start]!.text));
}

function holdsPeople(tree: Node, lexicon: Known["lexicon"]): boolean {
  return walkTree(tree).some((node) => node.cat === "np" && node.f.num === "pl" && isPersonNoun(headTerminal(node).lemma ?? "", lexicon));
}
