import type { Antecedent, Person, Sentence } from "./analysis";
import { positionKey } from "./analysis";
import type { Clause } from "./clause";
import { isPersonNoun } from "./find-persons";
import type { Lexicon } from "./lexicon";
import { midSentence, nodeText } from "./node-text";
import { headTerminal, type Node } from "./tree";

/**
 * Two patterns only, since only they are safe: a subject pronoun that opens a sentence stands for the
 * subject of the main clause before it, in the same paragraph; inside a sentence it stands for the
 * subject before it when nothing else there agrees. Everything else stays open, and is not asked.
 */
export function resolvePronouns(sentences: readonly Sentence[], persons: ReadonlyMap<string, Person>, lexicon: Lexicon): Map<string, Antecedent> {
  const found = new Map<string, Antecedent>();
  sentences.forEach((sentence, index) => {
    const before = sentences[index - 1];
    const clauses = [...sentence.clauses].sort((a, b) => a.subject.start - b.subject.start);
    clauses.forEach((clause, position) => {
      const pronoun = pronounOf(clause.subject);
      if (!pronoun) return;
      const earlier = clauses.slice(0, position).find((other) => other.subject.start < clause.subject.start);
      const candidate = earlier ?? (before?.block === sentence.block ? mainClause(before) : undefined);
      if (!candidate || (earlier && rivals(sentence, clause, earlier, pronoun, persons, lexicon))) return;
      if (
        !earlier &&
        clause.subject.start > 0 &&
        clause.linkedBy === undefined &&
        clause.adjuncts.some((part) => part.node.end <= clause.subject.start && mentions(part.node))
      )
        return;
      const antecedent = antecedentOf(candidate, found);
      if (antecedent && agrees(pronoun, antecedent, persons, lexicon)) found.set(positionKey(sentence, clause.subject.start), antecedent);
    });
  });
  return found;
}

function mainClause(sentence: Sentence): Clause | undefined {
  const main = sentence.clauses.filter((clause) => clause.rank === "main");
  const subjects = new Set(main.map((clause) => clause.subject.start));
  return subjects.size === 1 ? main[0] : undefined;
}

function antecedentOf(clause: Clause, found: ReadonlyMap<string, Antecedent>): Antecedent | undefined {
  const key = positionKey(clause.sentence, clause.subject.start);
  if (found.has(key)) return found.get(key);
  const node = coreOf(clause.subject);
  if (node.f.det === "pron" || node.f.det === "clause" || node.f.det === "dem") return undefined;
  const text = midSentence(clause.sentence, node, nodeText(clause.sentence, node));
  const past = clause.verb.flags?.includes("past");
  const known = node.f.det === "indef" && past ? text.replace(/^an? /, "the ") : text;
  return { text: known, node, sentence: clause.sentence };
}

/** The noun phrase without apposition and relative clause: what one would say the second time. */
export function coreOf(np: Node): Node {
  if (np.cat === "np" && np.kids.length === 2 && ["apposition", "relative", "reduced"].includes(np.role)) return coreOf(np.kids[0]!);
  return np;
}

function mentions(node: Node): boolean {
  return node.cat === "np" || node.kids.some(mentions);
}

export function pronounOf(np: Node): string | undefined {
  const head = headTerminal(np);
  if (head.cat !== "pro") return undefined;
  return /^(?:he|she|it|they)$/.test(head.lemma ?? "") ? head.lemma : undefined;
}

/** Another noun phrase of the same sentence, between subject and pronoun, that would agree too. */
function rivals(sentence: Sentence, clause: Clause, earlier: Clause, pronoun: string, persons: ReadonlyMap<string, Person>, lexicon: Lexicon): boolean {
  if (!sentence.tree) return true;
  return nounPhrases(sentence.tree).some((np) => {
    if (np.start < earlier.subject.end || np.end > clause.subject.start || np.f.det === "pron" || np.f.det === "clause") return false;
    return agrees(pronoun, { text: nodeText(sentence, np), node: np, sentence }, persons, lexicon);
  });
}

function nounPhrases(node: Node): Node[] {
  return [...(node.cat === "np" ? [node] : []), ...node.kids.flatMap(nounPhrases)];
}

function agrees(pronoun: string, { text, node }: Antecedent, persons: ReadonlyMap<string, Person>, lexicon: Lexicon): boolean {
  const num = node.f.num ?? "any";
  const head = headTerminal(node);
  if (pronoun === "they") return num !== "sg";
  if (num === "pl") return false;
  const person = persons.get(text) ?? persons.get(text.split(" ").at(-1)!);
  const human = Boolean(person) || (head.cat === "n" && isPersonNoun(head.lemma ?? "", lexicon));
  if (pronoun === "it") return !human && !node.f.time;
  return human && (!person?.gender || person.gender === pronoun) && node.f.det !== "quant";
}
