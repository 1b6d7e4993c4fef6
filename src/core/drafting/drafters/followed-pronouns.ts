import { type Analysis, positionKey, type Sentence } from "../../language/analysis";
import { TIME_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { nodeText } from "../../language/node-text";
import { nounGender } from "../../language/noun-gender";
import { isExpletive, pronounOf } from "../../language/subject-pronoun";
import { headTerminal, type Node, walkTree } from "../../language/tree";

type Pronoun = "it" | "they" | "he" | "she";

const FORMS: Readonly<Record<string, Pronoun>> = {
  it: "it",
  its: "it",
  itself: "it",
  they: "they",
  them: "they",
  their: "they",
  themselves: "they",
  he: "he",
  him: "he",
  his: "he",
  himself: "he",
  she: "she",
  her: "she",
  herself: "she",
};

/**
 * Whether whoever reads a sentence by itself can follow its pronouns: each has a noun that agrees ahead of
 * it in the sentence ("*a farmer* who wanted to sell *his* wheat"), or is replaced by its noun. Which noun
 * it is need not be known, since the sentence is shown as it stands.
 */
export function followsPronouns(sentence: Sentence, analysis: Analysis): boolean {
  const { tree } = sentence;
  if (!tree) return false;
  const nodes = walkTree(tree);
  const [first] = [...sentence.clauses].sort((a, b) => a.start - b.start);
  const opening = first && pronounOf(first.subject) ? analysis.antecedents.get(positionKey(sentence, first.subject.start)) : undefined;
  return nodes.every((node) => {
    const pronoun = (node.cat === "pro" || node.cat === "poss") && node.kids.length === 0 ? FORMS[node.lemma?.toLowerCase() ?? ""] : undefined;
    if (pronoun === undefined || sentence.resolved?.has(node.start)) return true;
    const clause = sentence.clauses.find(({ subject }) => subject.start === node.start);
    if (clause && isExpletive(pronoun, clause)) return true;
    const known = analysis.antecedents.get(positionKey(sentence, node.start));
    if (known && known.sentence !== sentence) return known.text === opening?.text;
    // "about a thousand of *them*", "pushes *it*": never the subject of its own clause.
    const from = node.cat === "poss" || clause || /^(?:he|she|they)$|sel(?:f|ves)$/.test(sentence.words[node.start]!.lower) ? node.start : clauseStart(node);
    return known !== undefined || isOpening(pronoun) || nodes.some((np) => np.cat === "np" && np.end <= from && agrees(np, pronoun, sentence, analysis));
  });

  function clauseStart({ start }: Node): number {
    return Math.max(0, ...sentence.clauses.filter((clause) => clause.start <= start && start < clause.end).map((clause) => clause.start));
  }

  function isOpening(pronoun: Pronoun): boolean {
    return opening !== undefined && headTerminal(first!.subject).lemma === pronoun;
  }
}

function agrees(np: Node, pronoun: Pronoun, sentence: Sentence, { persons, lexicon }: Analysis): boolean {
  const head = headTerminal(np);
  const lemma = head.lemma ?? "";
  if (!/^(?:n|pn)$/.test(head.cat) || TIME_NOUNS.has(lemma)) return false;
  const isMany = np.f.num === "pl" || np.role === "coordination";
  if (pronoun === "they") return isMany;
  const person = persons.get(nodeText(sentence, np));
  const isName = head.cat === "pn" && lexicon.nameKind(lemma) !== "place";
  const isPerson = person !== undefined || isName || nounGender(lemma) !== undefined || isPersonNoun(lemma, lexicon);
  if (pronoun === "it") return !isMany && (!isPerson || (isName && person === undefined));
  const gender = person?.gender ?? nounGender(lemma);
  return !isMany && isPerson && (gender === undefined || gender === pronoun);
}
