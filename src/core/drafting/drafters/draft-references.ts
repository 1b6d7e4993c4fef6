import type { Antecedent, Sentence } from "../../language/analysis";
import { positionKey } from "../../language/analysis";
import { TIME_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { midSentence, nodeText } from "../../language/node-text";
import { pronounOf } from "../../language/subject-pronoun";
import { coreOf, headTerminal, type Node, walkTree } from "../../language/tree";
import { createRandom, seedFrom } from "../../lib/random";
import type { Candidate } from "../candidate";
import type { SourceStock } from "../source-stock";

const WRONG = 3;
const LONGEST = 36;

/** What a pronoun stands for, where only one noun phrase can be meant; the others near it are the wrong options. */
export function draftReferences({ analysis }: SourceStock, seed: number): Candidate[] {
  return analysis.sentences.flatMap((sentence, index) => {
    const before = analysis.sentences[index - 1];
    const near = before?.block === sentence.block ? [before, sentence] : [sentence];
    return sentence.clauses.flatMap((clause) => {
      const pronoun = pronounOf(clause.subject);
      const antecedent = pronoun && analysis.antecedents.get(positionKey(sentence, clause.subject.start));
      if (
        antecedent &&
        (antecedent.node.role === "number" || /^ones?$/.test(headTerminal(antecedent.node).lemma ?? "") || /\b(?:its|their|his|her)\b/i.test(antecedent.text))
      )
        return [];
      if (!pronoun || !antecedent || clause.rank !== "main" || !near.includes(antecedent.sentence)) return [];
      const sentences = antecedent.sentence === sentence ? [sentence] : [antecedent.sentence, sentence];
      const quoted = sentences.map((one) => one.text).join(" ");
      const alone = new RegExp(`\\b${pronoun}\\b`, "gi");
      if (quoted.split(" ").length > LONGEST || (quoted.match(alone) ?? []).length !== 1) return [];
      // Beside one person, things are ruled out without reading.
      const isPerson = (text: string) => analysis.persons.has(text) || isPersonNoun(text.split(" ").at(-1)!, analysis.lexicon);
      // "it is called *lava*": what it is called, or is, it is.
      const told = clause.complements.filter(({ role }) => role === "predicate" || role === "object2").map(({ node }) => node);
      // "*A leaf* is *a small factory*": both are meant.
      const sameAs = antecedent.sentence.clauses
        .filter(({ subject, verb }) => verb.cat === "be" && coreOf(subject).start === coreOf(antecedent.node).start)
        .flatMap(({ complements }) => complements.filter(({ role }) => role === "predicate").map(({ node }) => node));
      // "*The result* was *Big Ben*"
      const sameTo = antecedent.sentence.clauses
        .filter(({ verb, complements }) => verb.cat === "be" && complements.some(({ role, node }) => role === "predicate" && saysKey(node, antecedent)))
        .map(({ subject }) => subject);
      const found = otherNouns(sentences, antecedent, pronoun, seed, [...told, ...sameAs, ...sameTo]);
      const wrong = pronoun === "he" || pronoun === "she" ? found.filter(isPerson) : found.filter((text) => !isPerson(text) || pronoun === "they");
      if (wrong.length < 2) return [];
      return [
        {
          kind: "multiple-choice" as const,
          stem: `Read: “${quoted}” What does “${pronoun}” stand for?`,
          key: antecedent.text,
          accepted: [],
          distractors: wrong,
          optionOrder: "shuffled" as const,
          evidence: sentences,
          factId: `${sentence.index}:reference:${clause.subject.start}`,
          factType: "statement" as const,
          pattern: "what-it-stands-for",
          depth: "understanding" as const,
          worth: 1.3,
        },
      ];
    });
  });
}

function saysKey(predicate: Node, { text, sentence }: Antecedent): boolean {
  return nodeText(sentence, predicate).toLowerCase().startsWith(text.toLowerCase());
}

function otherNouns(
  sentences: readonly Sentence[],
  { text: key, node: named, sentence: home }: Antecedent,
  pronoun: string,
  seed: number,
  told: readonly Node[],
): string[] {
  const taken = new Set(words(key));
  const found: string[] = [];
  // "a mite *called Varroa*": another name of the same thing is no wrong answer.
  const around = home.tree ? walkTree(home.tree).filter((node) => node.cat === "np" && node.start <= named.start && coreOf(node) === coreOf(named)) : [];
  const phrases = sentences.flatMap((sentence) => (sentence.tree ? walkTree(sentence.tree).map((node) => ({ sentence, node })) : []));
  for (const { sentence, node } of createRandom(seedFrom(key, seed)).shuffle(phrases)) {
    if (
      !isPlainPhrase(node) ||
      told.some((other) => other.kids.length > 0 && headTerminal(other) === headTerminal(node)) ||
      (sentence === home && around.some(({ start, end }) => node.start >= start && node.end <= end))
    )
      continue;
    const text = midSentence(sentence, node, nodeText(sentence, node));
    const own = words(text);
    if (found.length === WRONG || own.some((word) => taken.has(word)) || node.f.num === (pronoun === "they" ? "sg" : "pl")) continue;
    for (const word of own) taken.add(word);
    found.push(text);
  }
  return found;
}

function isPlainPhrase(node: Node): boolean {
  if (node.cat !== "np" || node.role === "coordination" || node.end - node.start > 4 || coreOf(node) !== node || node.f.time) return false;
  const head = headTerminal(node);
  if (TIME_NOUNS.has((head.lemma ?? "").toLowerCase())) return false;
  if (walkTree(node).some(({ flags }) => flags?.includes("neg"))) return false;
  return (head.cat === "n" || head.cat === "pn") && node.f.det !== "poss" && node.f.det !== "clause" && node.f.det !== "num";
}

function words(text: string): string[] {
  return (
    text
      .toLowerCase()
      .match(/[a-z]{3,}/g)
      ?.filter((word) => word !== "the") ?? []
  );
}
