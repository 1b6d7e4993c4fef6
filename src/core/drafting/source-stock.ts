import type { Analysis, Sentence } from "../language/analysis";
import { midSentence, nodeText } from "../language/node-text";
import { coreOf } from "../language/resolve-pronouns";
import { headTerminal, type Node, walkTree } from "../language/tree";
import type { Fact } from "./facts/fact";
import { isUnclear, reasonsOf } from "./facts/find-cause";
import { findFacts, phrasings } from "./facts/find-facts";
import { type Phrasing, phraseRest, stateClause } from "./phrasing/ask-clause";
import { findUnclear } from "./phrasing/clear-reference";

export type Statement = { phrasing: Phrasing; sentence: Sentence; rest: string; text: string; words: number };
export type NounPhrase = { text: string; node: Node; sentence: Sentence };

/** What the whole source offers to every drafter: its facts, statements, noun phrases and numbers. */
export type SourceStock = {
  analysis: Analysis;
  facts: Fact[];
  statements: Statement[];
  nounPhrases: NounPhrase[];
  /** Every word form of each sentence's content, for asking whether the source also says something else. */
  contentBySentence: ReadonlyMap<Sentence, ReadonlySet<string>>;
};

const LONGEST_NOUN_PHRASE = 6;

export function stockSource(analysis: Analysis): SourceStock {
  const found: Fact[] = [];
  const statements: Statement[] = [];
  const nounPhrases: NounPhrase[] = [];
  for (const sentence of analysis.sentences) {
    if (!sentence.tree) continue;
    found.push(...findFacts(sentence, analysis));
    statements.push(...stateAll(sentence, analysis));
    nounPhrases.push(...collectNounPhrases(sentence, analysis));
  }
  const facts = found.filter((fact) => !hasTwin(fact, found) && !(fact.type === "time" && isDatedElsewhere(fact, analysis)));
  const contentBySentence = new Map(analysis.sentences.map((sentence) => [sentence, contentOf(sentence)]));
  return { analysis, facts, statements, nounPhrases, contentBySentence };
}

/** "A cable was laid in 1850" beside "a stronger cable was laid in 1851": each year would answer the other's question. */
function hasTwin(fact: Fact, all: readonly Fact[]): boolean {
  if (fact.type !== "time" && fact.type !== "quantity" && fact.type !== "occasion" && fact.pattern !== "what-object") return false;
  const verb = fact.clause.verb.lemma;
  const head = headTerminal(fact.clause.subject).lemma;
  return all.some(
    (other) =>
      other.type === fact.type &&
      other.sentence !== fact.sentence &&
      other.answer !== fact.answer &&
      other.clause.verb.lemma === verb &&
      headTerminal(other.clause.subject).lemma === head &&
      (fact.type !== "quantity" || other.unit === fact.unit),
  );
}

/** Another sentence with another year says the same deed of the same noun, even where no fact could be made of it. */
function isDatedElsewhere(fact: Fact, analysis: Analysis): boolean {
  const verb = fact.clause.verb.lemma ?? "";
  const noun = (headTerminal(fact.clause.subject).lemma ?? "").toLowerCase();
  if (fact.clause.verb.cat !== "v" || !noun) return false;
  return analysis.sentences.some((other) => {
    if (other === fact.sentence || other.block.kind === "heading") return false;
    const year = /\b(?:1\d{3}|20\d\d)\b/.exec(other.text)?.[0];
    const has = (cat: string, lemma: string) =>
      other.words.some((word) => word.candidates.some((tag) => tag.cat === cat && (tag.lemma ?? "").toLowerCase() === lemma));
    return year !== undefined && year !== fact.answer && has("v", verb) && has("n", noun);
  });
}

function stateAll(sentence: Sentence, analysis: Analysis): Statement[] {
  return phrasings(sentence, analysis).flatMap((phrasing) => {
    if (phrasing.clause.imperative) return [];
    // One claim to a statement: its reason and purpose are facts of their own.
    const reasons = reasonsOf(phrasing.clause);
    const rest = phraseRest(phrasing, analysis, reasons);
    if (isUnclear(rest)) return [];
    const text = stateClause(phrasing, rest);
    return [{ phrasing, sentence, rest, text, words: text.split(" ").length }];
  });
}

function collectNounPhrases(sentence: Sentence, analysis: Analysis): NounPhrase[] {
  const found: NounPhrase[] = [];
  for (const node of walkTree(sentence.tree!)) {
    if (node.cat !== "np" || node.role === "coordination" || node.end - node.start > LONGEST_NOUN_PHRASE) continue;
    const core = coreOf(node);
    const head = headTerminal(core);
    // "if it is stored wet": an adjective that the dictionary also has as a noun.
    const entry = analysis.lexicon.findWord(head.lemma ?? "");
    if (entry && head.cat === "n" && entry.adjective > entry.noun * 2) continue;
    if (core !== node || (head.cat !== "n" && head.cat !== "pn") || findUnclear(core, sentence, analysis)) continue;
    found.push({ text: midSentence(sentence, core, nodeText(sentence, core)), node: core, sentence });
  }
  return found;
}

function contentOf(sentence: Sentence): Set<string> {
  const content = new Set<string>();
  for (const word of sentence.words) {
    for (const tag of word.candidates)
      if (["n", "v", "adj", "pn", "num"].includes(tag.cat) && tag.cost < 4) content.add((tag.lemma ?? word.lower).toLowerCase());
  }
  return content;
}
