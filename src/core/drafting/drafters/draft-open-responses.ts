import type { Analysis, Sentence } from "../../language/analysis";
import { unlike } from "../../lib/plain-wording";
import type { Block } from "../../source/schema";
import type { Candidate } from "../candidate";
import type { Fact } from "../facts/fact";
import { opensClearly, speaksOfItself } from "../phrasing/opens-clearly";
import type { SourceStock } from "../source-stock";
import { claimOf, sidesOf, titleClaim } from "./find-claim";
import { asPoints, evidenceOfPoints, type Point } from "./point-of-sentence";
import { weightiestPoints } from "./weightiest-sentences";

const FEWEST_POINTS = 3;
const MOST_POINTS = 4;
/** Share of a section's sentences in the first person from which it is not summarised. */
const MOST_OF_ITSELF = 0.35;
/** Facts that a summary should hold. */
const WEIGHTY = new Set<Fact["type"]>(["definition", "naming", "cause", "purpose", "condition", "manner", "quantity", "time", "thing", "person"]);

type Section = { heading?: Block; sentences: Sentence[]; facts: Fact[] };

/** A section summarised, a writer's reasons given back, steps described: with the points to look for, each in the source's own words. */
export function draftOpenResponses(stock: SourceStock): Candidate[] {
  switch (stock.analysis.sort) {
    case "opinion":
      return reasons(stock);
    case "expository":
      return sections(stock).flatMap((section, index, all) => summarise(section, all.length === 1, index === 0, stock.analysis));
    default:
      return [];
  }
}

function sections({ analysis, facts }: SourceStock): Section[] {
  const found: Section[] = [];
  const sectionOf = new Map<string, Section>();
  for (const block of analysis.blocks) {
    if (block.leftOut) continue;
    if (block.kind === "heading") found.push({ heading: block, sentences: [], facts: [] });
    else if (found.length === 0) found.push({ sentences: [], facts: [] });
    if (block.kind !== "heading") sectionOf.set(block.id, found.at(-1)!);
  }
  for (const sentence of analysis.sentences) sectionOf.get(sentence.block.id)?.sentences.push(sentence);
  for (const fact of facts) sectionOf.get(fact.sentence.block.id)?.facts.push(fact);
  return found;
}

function summarise({ heading, sentences, facts }: Section, isAll: boolean, isFirst: boolean, analysis: Analysis): Candidate[] {
  const weighty = facts.filter(({ type }) => WEIGHTY.has(type));
  // An interview has no thread of its own.
  if (sentences.filter(({ speaker }) => speaker).length * 2 > sentences.length) return [];
  // Of a talk, what is not said in the first person is what is said beside the matter.
  if (sentences.filter(speaksOfItself).length > MOST_OF_ITSELF * sentences.length) return [];
  const points = weightiestPoints(sentences, weighty, MOST_POINTS, analysis);
  if (!heading || points.length < FEWEST_POINTS) return [];
  // The title stands over everything; what is under it before the first section is its opening.
  const where = isAll
    ? "the most important things that the passage says"
    : heading.level !== 1 || !isFirst
      ? `what the passage says under “${heading.text}”`
      : "how the passage begins";
  const stem = `In your own words, tell ${where}. Write three or four sentences with at least three details.`;
  return [toCandidate(stem, points, DETAILS, "tell-section", heading.level === 1 && !isAll ? 2.3 : 2.9)];
}

/** What the writer wants, and why: the claim and the reasons that stand in the text. */
function reasons(stock: SourceStock): Candidate[] {
  const { facts } = stock;
  const claim = claimOf(stock);
  const numbered = facts.filter((fact) => fact.type === "reason").map((fact) => fact.sentence);
  const because =
    numbered.length >= 2 ? numbered : pointsOf(facts.filter((fact) => fact.type === "cause" || fact.type === "purpose" || fact.type === "condition"));
  const title = claim ? undefined : titleClaim(stock.analysis);
  // What a title asks, the writer may answer either way.
  if (!(claim || (title && !title.asks))) return [];
  const plain = sidesOf(stock, claim).reasons.filter((sentence) => isClear(sentence) && GIVES_REASON.test(sentence.text));
  const given = because.length >= 2 ? because : unlike([...because, ...plain], ({ text }) => text);
  const points = given.filter((sentence) => sentence !== claim).slice(0, MOST_POINTS - 1);
  if (points.length < FEWEST_POINTS - 1) return [];
  const stem = "What does the writer want, and why? Name at least two of the writer's reasons.";
  const drafted = toCandidate(stem, asPoints(claim ? [claim, ...points] : points, stock.analysis), REASONS, "writers-reasons", 3.2);
  return [title && drafted.parts?.sort === "open" ? { ...drafted, parts: { ...drafted.parts, points: [title.text, ...drafted.parts.points] } } : drafted];
}

/** "The main reason is health": announces one, and gives none. */
const GIVES_REASON = /\b(?:because|since (?!\d|then|last|the )|so that|if)\b|^(?:first|second|third|finally)\b/i;

/** The sentences of the weightiest facts, in the order of the text, each clear by itself. */
function pointsOf(facts: readonly Fact[]): Sentence[] {
  const worthBySentence = new Map<Sentence, number>();
  for (const fact of facts) {
    if (WEIGHTY.has(fact.type) && isClear(fact.sentence) && !speaksOfItself(fact.sentence))
      worthBySentence.set(fact.sentence, Math.max(fact.worth, worthBySentence.get(fact.sentence) ?? 0));
  }
  const byWorth = [...worthBySentence].sort((a, b) => b[1] - a[1]).map(([sentence]) => sentence);
  return unlike(byWorth, ({ text }) => text)
    .slice(0, MOST_POINTS)
    .sort((a, b) => a.index - b.index);
}

/** Clear by itself, and not of the writer. */
function isClear(sentence: Sentence): boolean {
  return sentence.clauses.length > 0 && opensClearly(sentence) && !/^(?:i|we)\b/i.test(sentence.text);
}

type Levels = { share: number; text: string }[];

const DETAILS: Levels = [
  { share: 1, text: "Three or more of these details, or others of the passage that matter as much, in the student's own words" },
  { share: 2 / 3, text: "Two of them" },
  { share: 1 / 3, text: "One of them" },
];
const REASONS: Levels = [
  { share: 1, text: "What the writer wants, with two of the writer's reasons" },
  { share: 2 / 3, text: "What the writer wants, with one reason" },
  { share: 1 / 3, text: "What the writer wants, or a reason alone" },
];

function toCandidate(stem: string, points: readonly Point[], levels: Levels, pattern: string, worth: number): Candidate {
  return {
    kind: "open-response",
    stem,
    key: points.map(({ text }) => text).join(" "),
    accepted: [],
    distractors: [],
    optionOrder: "shuffled",
    evidence: evidenceOfPoints(points),
    factId: `${pattern}:${points.map(({ sentence }) => sentence.index).join("-")}`,
    factType: "statement",
    pattern,
    depth: "understanding",
    worth,
    parts: { sort: "open", points: points.map(({ text }) => text), levels },
  };
}
