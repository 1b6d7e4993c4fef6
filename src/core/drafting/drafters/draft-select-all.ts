import { THIN_NOUNS } from "../../language/data/noun-classes";
import { nodeText } from "../../language/node-text";
import { headTerminal, type Node } from "../../language/tree";
import { unlike } from "../../lib/plain-wording";
import { createRandom, seedFrom } from "../../lib/random";
import type { Candidate } from "../candidate";
import { overlaps, wuPalmer } from "../distractors/noun-kind";
import { isUnclear, reasonsOf } from "../facts/find-cause";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { conjunctsOf } from "../phrasing/conjuncts";
import { phraseRest } from "../phrasing/phrase-rest";
import { near, type SourceStock } from "../source-stock";
import { draftTrueFalse } from "./draft-true-false";
import { sectionsOf, titleOf } from "./sections";

const CHOOSE = "Choose all that are right.";
const MOST_STATEMENTS = 5;
const LONGEST_STATEMENT = 17;

/** Enumerations of the source beside nouns that it does not list there, and statements that are each true or denied. */
export function draftSelectAll(stock: SourceStock, seed: number): Candidate[] {
  const lists = stock.analysis.sort === "story" ? [] : stock.statements.flatMap(({ phrasing }) => fromList(phrasing, stock, seed));
  return [...lists, ...fromStatements(stock, seed)];
}

function fromList(phrasing: Phrasing, stock: SourceStock, seed: number): Candidate[] {
  const { clause } = phrasing;
  const { analysis } = stock;
  const object = clause.complements.find((part) => part.role === "object")?.node;
  if (!object || clause.rank !== "main" || clause.negated || clause.imperative || clause.shared || clause.complements.length > 1) return [];
  const items = conjunctsOf(object);
  if (items.length < 3 || items.length > 5 || items.some((item) => !isListed(item, clause.sentence, stock, phrasing))) return [];
  const rest = phraseRest(phrasing, analysis, [object, ...reasonsOf(clause)]);
  if (isUnclear(rest)) return [];
  const right = items.map((item) => nodeText(clause.sentence, item));
  const wrong = wrongItems(items, phrasing, stock, seed);
  if (wrong.length < 2) return [];
  return [
    {
      ...base(`${askClause(phrasing, "Which of these", rest)} ${CHOOSE}`, right, wrong.slice(0, right.length > 3 ? 2 : 3)),
      evidence: [clause.sentence],
      factId: `${clause.sentence.index}:list:${object.start}`,
      pattern: "all-of-a-list",
      depth: "recall",
      worth: 1.9,
    },
  ];
}

function isListed(item: Node, sentence: Parameters<typeof nodeText>[0], { analysis }: SourceStock, phrasing: Phrasing): boolean {
  const head = headTerminal(item);
  return head.cat === "n" && item.end - item.start <= 5 && !THIN_NOUNS.has(head.lemma ?? "") && !findUnclear(item, sentence, analysis, phrasing.binder);
}

/** Nouns of the same sort from elsewhere in the source, of which nothing says that they belong to the list. */
function wrongItems(items: readonly Node[], phrasing: Phrasing, stock: SourceStock, seed: number): string[] {
  const { lexicon } = stock.analysis;
  const { clause } = phrasing;
  const heads = items.map((item) => (headTerminal(item).lemma ?? "").toLowerCase());
  const plural = items.filter((item) => item.f.num === "pl").length > items.length / 2;
  const verb = clause.verb.lemma ?? "";
  const taken = [...heads];
  const wrong: string[] = [];
  const alike = createRandom(seedFrom(heads.join(), seed))
    .shuffle(near(stock.nounPhrases, clause.sentence))
    .map((phrase) => ({ phrase, noun: (headTerminal(phrase.node).lemma ?? "").toLowerCase() }))
    .filter(({ phrase, noun }) => {
      const det = phrase.node.f.det;
      const content = stock.contentBySentence.get(phrase.sentence)!;
      return (
        phrase.sentence !== clause.sentence &&
        headTerminal(phrase.node).cat === "n" &&
        (phrase.node.f.num === "pl") === plural &&
        (det === "bare" || det === "indef" || det === "def") &&
        phrase.node.end - phrase.node.start <= 3 &&
        !THIN_NOUNS.has(noun) &&
        !stock.contentBySentence.get(clause.sentence)!.has(noun) &&
        !content.has(verb)
      );
    })
    .map((entry) => ({ ...entry, near: Math.max(...heads.map((head) => wuPalmer(head, entry.noun, lexicon))) }))
    .filter((entry) => entry.near >= 0.5)
    .sort((a, b) => b.near - a.near);
  for (const { phrase, noun } of alike) {
    if (taken.some((other) => overlaps(other, noun, lexicon))) continue;
    taken.push(noun);
    wrong.push(likeTheOthers(phrase.text, items[0]!));
  }
  return wrong;
}

/** With the article that the listed things have. */
function likeTheOthers(text: string, model: Node): string {
  return model.f.det === "bare" ? text.replace(/^(?:the|an?) /i, "") : text;
}

/** Statements of one section, some as the source has them and some that it denies: each by its own sentence. */
function fromStatements(stock: SourceStock, seed: number): Candidate[] {
  const statements = draftTrueFalse(stock, seed).filter(({ stem }) => stem.split(" ").length <= LONGEST_STATEMENT && !stem.includes("“"));
  const sections = sectionsOf(stock);
  const title = titleOf(stock);
  const sets = sections.flatMap(({ heading, sentences }) => {
    const own = new Set(sentences.map((sentence) => sentence.index));
    const inside = statements.filter((statement) => own.has(statement.evidence[0]!.index));
    const where = heading && heading.text !== title ? `the part “${heading.text}”` : title ? `“${title}”` : "the passage";
    return mixed(inside, where, seed);
  });
  return sets.length > 0 || sections.length < 2 ? sets : mixed(statements, title ? `“${title}”` : "the passage", seed);
}

function mixed(statements: readonly Candidate[], where: string, seed: number): Candidate[] {
  const random = createRandom(seedFrom(where, seed));
  const byWorth = unlike(
    [...statements].sort((a, b) => b.worth - a.worth),
    ({ stem }) => stem,
  );
  const used = new Set<number>();
  const pick = (key: "true" | "false", most: number) => {
    const found: Candidate[] = [];
    for (const statement of byWorth) {
      const sentence = statement.evidence.at(-1)!.index;
      if (found.length === most || statement.key !== key || used.has(sentence)) continue;
      used.add(sentence);
      found.push(statement);
    }
    return found;
  };
  const wrong = pick("false", 2);
  const right = pick("true", MOST_STATEMENTS - wrong.length);
  if (wrong.length < 2 || right.length < 2) return [];
  const evidence = [...new Set(random.shuffle([...right, ...wrong]).flatMap((statement) => statement.evidence))];
  return [
    {
      ...base(
        `Which of these statements are true, according to ${where}? ${CHOOSE}`,
        right.map((statement) => statement.stem),
        wrong.map((statement) => statement.stem),
      ),
      evidence: evidence.sort((a, b) => a.index - b.index),
      factId: `statements:${evidence.map((sentence) => sentence.index).join("-")}`,
      pattern: "all-true-statements",
      depth: "understanding",
      worth: 2.3,
      correction: wrong.map((statement) => statement.correction ?? "").join(" "),
    },
  ];
}

function base(stem: string, right: string[], wrong: string[]): Omit<Candidate, "evidence" | "factId" | "pattern" | "depth" | "worth"> {
  return {
    kind: "select-all",
    stem,
    key: right.join("; "),
    accepted: [],
    distractors: wrong,
    optionOrder: "shuffled",
    factType: "statement",
    parts: { sort: "select", right, wrong },
  };
}
