import type { Analysis } from "../language/analysis";
import { createRandom, seedFrom } from "../lib/random";
import { QUESTION_KINDS } from "../questions/kinds";
import { DEPTHS, type Depth, type QuestionKind } from "../questions/question";
import { draftSpanish } from "../spanish/draft-spanish";
import { draftSpanishGaps } from "../spanish/draft-spanish-gaps";
import { type Candidate, mainSentence } from "./candidate";
import { draftAsked } from "./drafters/draft-asked";
import { draftCorrelatives } from "./drafters/draft-correlatives";
import { draftEssays } from "./drafters/draft-essays";
import { draftGapFills } from "./drafters/draft-gap-fills";
import { draftHeadings } from "./drafters/draft-headings";
import { draftMatches } from "./drafters/draft-matches";
import { draftMultipleChoice } from "./drafters/draft-multiple-choice";
import { draftNextEvents } from "./drafters/draft-next-events";
import { draftNextSteps } from "./drafters/draft-next-steps";
import { draftNumbers } from "./drafters/draft-numbers";
import { draftOpenResponses } from "./drafters/draft-open-responses";
import { draftOrders } from "./drafters/draft-orders";
import { draftPolls } from "./drafters/draft-polls";
import { draftReferences } from "./drafters/draft-references";
import { draftSelectAll } from "./drafters/draft-select-all";
import { draftShortAnswers } from "./drafters/draft-short-answers";
import { draftSpeakers } from "./drafters/draft-speakers";
import { draftTermGaps } from "./drafters/draft-term-gaps";
import { draftTrueFalse } from "./drafters/draft-true-false";
import { draftTrueSteps } from "./drafters/draft-true-steps";
import { draftTwoParts } from "./drafters/draft-two-parts";
import { draftOwnWords, draftWordGaps } from "./drafters/draft-word-gaps";
import { draftWordsInContext } from "./drafters/draft-words-in-context";
import { failedGate, type GateName } from "./gates";
import type { PlanRow } from "./plan";
import { isTooRisky, scoreCandidate } from "./rank";
import { SHOWN_FROM } from "./shown-from";
import { type SourceStock, stockSource } from "./source-stock";
import { inThirdPerson } from "./third-person";

export type Scored = { candidate: Candidate; score: number };

/** No ratings tell good ones from others, and a balanced plan takes the best first: better a plain one than none. */
const SHOWN_ANYWAY: Partial<Record<QuestionKind, number>> = { "word-in-context": -5, poll: -5 };
const shownFrom = (kind: QuestionKind) => SHOWN_ANYWAY[kind] ?? SHOWN_FROM;
const stocks = new WeakMap<Analysis, SourceStock>();
const ranked = new WeakMap<Analysis, Map<string, Scored[]>>();

/** Facts, statements and noun phrases of a source, found once. */
export function stockOf(analysis: Analysis): SourceStock {
  const stock = stocks.get(analysis) ?? stockSource(analysis);
  stocks.set(analysis, stock);
  return stock;
}

/** What passed the gates, best first. Kept with the analysis, so that drafting again starts at once. */
export function rankedCandidates(analysis: Analysis, seed: number): Scored[] {
  return keep(analysis, String(seed), () => rank(allCandidates(analysis, seed), analysis, seed));
}

/** What a row with gaps of its own asks for: a class of words, or the teacher's list. */
export function gapCandidates(analysis: Analysis, row: PlanRow, words: readonly string[], seed: number): Scored[] {
  const sort = row.gapWords ?? "facts";
  const key = `${seed} ${sort} ${sort === "my-words" ? words.join("|") : ""}`;
  return keep(analysis, key, () => {
    if (analysis.language === "es" && sort !== "my-words") return rank(draftSpanishGaps(analysis, sort, seed), analysis, seed);
    const stock = stockOf(analysis);
    return rank(sort === "my-words" ? draftOwnWords(stock, words, seed) : draftWordGaps(stock, sort, seed), analysis, seed);
  });
}

const MOST_KEPT = 24;

function keep(analysis: Analysis, key: string, make: () => Scored[]): Scored[] {
  const known = ranked.get(analysis) ?? new Map<string, Scored[]>();
  ranked.set(analysis, known);
  const found = known.get(key) ?? make();
  known.set(key, found);
  if (known.size > MOST_KEPT) known.delete(known.keys().next().value!);
  return found;
}

function rank(candidates: readonly Candidate[], analysis: Analysis, seed: number): Scored[] {
  return candidates
    .filter((candidate) => failedGate(candidate) === undefined)
    .map((candidate) => ({ candidate, score: scoreOf(candidate, analysis, seed) }))
    .filter(({ candidate, score }) => score >= shownFrom(candidate.kind))
    .sort((a, b) => b.score - a.score);
}

/** All that passes the gates, good or not: what readers rate and the ranker learns from. */
export function overgenerate(analysis: Analysis, seed: number): Candidate[] {
  return allCandidates(analysis, seed).filter((candidate) => failedGate(candidate) === undefined);
}

function allCandidates(analysis: Analysis, seed: number): Candidate[] {
  if (analysis.language === "es") return draftSpanish(analysis, seed);
  const stock = stockOf(analysis);
  const all = [
    ...[...draftMultipleChoice(stock, seed), ...draftHeadings(stock, seed), ...draftReferences(stock, seed), ...draftSelectAll(stock, seed)],
    ...[
      ...draftTrueFalse(stock, seed),
      ...draftTrueSteps(stock, seed),
      ...draftGapFills(stock, seed),
      ...draftTermGaps(stock),
      ...draftShortAnswers(stock),
      ...draftNumbers(stock),
      ...draftOrders(stock),
      ...draftNextSteps(stock),
      ...draftNextEvents(stock),
      ...draftAsked(stock),
      ...draftCorrelatives(stock),
    ],
    ...[...draftMatches(stock), ...draftTwoParts(stock, seed), ...draftOpenResponses(stock), ...draftEssays(stock)],
    ...[...draftWordsInContext(stock, seed), ...draftPolls(stock), ...(stock.analysis.sort === "story" ? draftSpeakers(stock, seed) : [])],
  ];
  return all.map((candidate) => withOneStop(inThirdPerson(candidate, analysis)));
}

/** "left at 6:30 a.m..": the point of the word is the sentence's too. */
function withOneStop(candidate: Candidate): Candidate {
  return candidate.stem.endsWith("..") ? { ...candidate, stem: candidate.stem.slice(0, -1) } : candidate;
}

/** A little chance by seed, so that another seed gives another choice of equals. */
function scoreOf(candidate: Candidate, analysis: Analysis, seed: number): number {
  return scoreCandidate(candidate, analysis) + createRandom(seedFrom(candidate.stem, seed)).next() * 0.6;
}

export type Supply = Record<QuestionKind, number>;
export type DepthSupply = Record<QuestionKind, Record<Depth, number>>;

/** How many drafts of each kind and depth the source can bear when every fact may be used. */
export function countSupply(analysis: Analysis, seed = 1): { supply: Supply; byDepth: DepthSupply } {
  const facts = Object.fromEntries(
    QUESTION_KINDS.map((kind) => [kind, { all: new Set<string>(), recall: new Set<string>(), understanding: new Set<string>(), reasoning: new Set<string>() }]),
  ) as Record<QuestionKind, Record<Depth | "all", Set<string>>>;
  for (const { candidate } of rankedCandidates(analysis, seed)) {
    facts[candidate.kind].all.add(candidate.factId);
    facts[candidate.kind][candidate.depth].add(candidate.factId);
  }
  const supply = Object.fromEntries(QUESTION_KINDS.map((kind) => [kind, facts[kind].all.size])) as Supply;
  const byDepth = Object.fromEntries(
    QUESTION_KINDS.map((kind) => [kind, Object.fromEntries(DEPTHS.map((depth) => [depth, facts[kind][depth].size]))]),
  ) as DepthSupply;
  return { supply, byDepth };
}

/** A candidate as it is explained: what it would ask, and what became of it. */
export type ExplainedCandidate = {
  /** Index of its first sentence. */
  sentence: number;
  kind: QuestionKind;
  stem: string;
  key: string;
  factType: Candidate["factType"];
  pattern: string;
  score: number;
  /** The gate that held it back, "risk" where it is like drafts that had to be mended, or "score" where it did not reach the least that is shown. */
  heldBack?: GateName | "risk" | "score";
};

/** All candidates with what held them back: for the page that shows what the engine saw. */
export function explainCandidates(analysis: Analysis, seed: number): ExplainedCandidate[] {
  return allCandidates(analysis, seed).map((candidate) => {
    const score = Math.round(scoreOf(candidate, analysis, seed) * 100) / 100;
    const tooLow = isTooRisky(candidate, analysis) ? ("risk" as const) : ("score" as const);
    const heldBack = failedGate(candidate) ?? (score < shownFrom(candidate.kind) ? tooLow : undefined);
    const { kind, stem, key, factType, pattern } = candidate;
    return { sentence: mainSentence(candidate).index, kind, stem, key, factType, pattern, score, ...(heldBack ? { heldBack } : {}) };
  });
}
