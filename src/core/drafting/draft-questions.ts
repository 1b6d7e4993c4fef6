import { checkQuestion } from "../checking/check-question";
import type { Analysis } from "../language/analysis";
import { assertNever } from "../lib/assert-never";
import { createRandom, type Random, seedFrom } from "../lib/random";
import { QUESTION_KINDS } from "../questions/kinds";
import { PROOF_STEM } from "../questions/kinds/two-part";
import type { Question, QuestionKind } from "../questions/question";
import { createSpan } from "../source/create-span";
import type { Candidate, CandidateParts } from "./candidate";
import { draftGapFills } from "./drafters/draft-gap-fills";
import { draftMatches } from "./drafters/draft-matches";
import { draftMultipleChoice } from "./drafters/draft-multiple-choice";
import { draftNumbers } from "./drafters/draft-numbers";
import { draftOpenResponses } from "./drafters/draft-open-responses";
import { draftOrders } from "./drafters/draft-orders";
import { draftShortAnswers } from "./drafters/draft-short-answers";
import { draftTrueFalse } from "./drafters/draft-true-false";
import { draftTwoParts } from "./drafters/draft-two-parts";
import { failedGate, type GateName } from "./gates";
import { numberValue } from "./phrasing/number-forms";
import type { Plan, PlanRow } from "./plan";
import { scoreCandidate } from "./rank";
import { type SourceStock, stockSource } from "./source-stock";

/** Changes whenever the same source, plan and seed would give other drafts. */
export const ENGINE_VERSION = "2";

export type Draft = { question: Question; origin: { factId: string; pattern: string; score: number } };

/** What is in the set already and must not be asked again. */
export type Existing = { factIds: readonly string[]; stems: readonly string[] };

export type RowReport = { kind: QuestionKind; asked: number; drafted: number; reason?: string };
export type DraftReport = { rows: RowReport[]; sentences: number; understood: number };

export type DraftInput = { analysis: Analysis; plan: Plan; seed: number; existing?: Existing; newId: (index: number) => string };

/**
 *   analysis → stock (facts, statements, noun phrases) → drafters, one for each kind → gates
 *            → rank → choose row by row, each fact once, spread over the paragraphs
 *
 * Yields drafts as they are chosen and returns the report. Same input, same drafts.
 */
export function* draftQuestions({ analysis, plan, seed, existing, newId }: DraftInput): Generator<Draft, DraftReport> {
  const candidates = rankedCandidates(analysis, seed);
  const used = {
    facts: new Set(existing?.factIds ?? []),
    stems: new Set((existing?.stems ?? []).map(plainStem)),
    blocks: new Map<string, number>(),
    falseCount: 0,
    trueCount: 0,
  };
  const chosen = allocate(candidates, used, plan, analysis, seed, newId);
  const rows: RowReport[] = [];
  for (const [index, row] of plan.rows.entries()) {
    for (const draft of chosen.drafts[index]!) yield draft;
    const drafted = chosen.drafts[index]!.length;
    rows.push({ kind: row.kind, asked: row.count, drafted, ...(drafted < row.count ? { reason: whyNotMore(row, chosen.supply[index]!, analysis) } : {}) });
  }
  const prose = analysis.sentences.filter((sentence) => sentence.block.kind !== "heading");
  return { rows, sentences: prose.length, understood: prose.filter((sentence) => sentence.tree).length };
}

/**
 * Rows take turns, those with the fewest candidates first, so that no kind uses up the facts of
 * another. What was chosen is then given out row by row, in the order of the plan.
 */
function allocate(
  candidates: Scored[],
  used: Used,
  plan: Plan,
  analysis: Analysis,
  seed: number,
  newId: (index: number) => string,
): { drafts: Draft[][]; supply: number[] } {
  const pools = plan.rows.map((row) => candidates.filter(({ candidate }) => fits(candidate, row)));
  const drafts: Draft[][] = plan.rows.map(() => []);
  let made = 0;
  const open = plan.rows
    .map((row, index) => ({ row, index }))
    .filter(({ row }) => row.count > 0)
    .sort((a, b) => pools[a.index]!.length / a.row.count - pools[b.index]!.length / b.row.count);
  for (let turns = open; turns.length > 0; ) {
    turns = turns.filter(({ row, index }) => {
      const others = drafts.flat().map((draft) => draft.question);
      const question = nextFit(pools[index]!, used, row, others, plan.grade, analysis, seed, newId(made));
      if (!question) return false;
      made++;
      drafts[index]!.push(question);
      return drafts[index]!.length < row.count;
    });
  }
  return { drafts, supply: pools.map((pool) => pool.length) };
}

function nextFit(
  pool: Scored[],
  used: Used,
  row: PlanRow,
  others: readonly Question[],
  grade: number,
  analysis: Analysis,
  seed: number,
  id: string,
): Draft | undefined {
  for (let next = chooseNext(pool, used); next; next = chooseNext(pool, used)) {
    const { candidate, score } = next;
    const question = toQuestion(candidate, row, id, seed);
    if (isFitToShow(question, others, grade, analysis)) {
      markUsed(candidate, used);
      return { question, origin: { factId: candidate.factId, pattern: candidate.pattern, score: round(score) } };
    }
    // Its fact may still be asked in another way.
    used.stems.add(plainStem(candidate.stem));
  }
  return undefined;
}

/** The check's own rules are the last gate: what they would call wrong, or a key they cannot find, is not offered. */
function isFitToShow(question: Question, others: readonly Question[], grade: number, analysis: Analysis): boolean {
  const { findings } = checkQuestion(question, { blocks: analysis.blocks, others, grade, lexicon: analysis.lexicon });
  return !findings.some((finding) => finding.verdict === "wrong" || NEVER_SHOWN.has(finding.rule));
}

const NEVER_SHOWN = new Set(["key-in-evidence", "one-right-option", "evidence-word-for-word", "pronouns-have-nouns", "asked-once"]);

/** How many drafts of each kind the source can bear when every fact may be used. */
export function countSupply(analysis: Analysis, seed = 1): Record<QuestionKind, number> {
  const facts: Record<string, Set<string>> = {};
  for (const { candidate } of rankedCandidates(analysis, seed)) (facts[candidate.kind] ??= new Set()).add(candidate.factId);
  return Object.fromEntries(QUESTION_KINDS.map((kind) => [kind, facts[kind]?.size ?? 0])) as Record<QuestionKind, number>;
}

type Scored = { candidate: Candidate; score: number };

/** The least a candidate must score to be shown at all. */
const SHOWN_FROM = 1.7;
const stocks = new WeakMap<Analysis, SourceStock>();
const cache = new WeakMap<Analysis, Map<number, Scored[]>>();

function rankedCandidates(analysis: Analysis, seed: number): Scored[] {
  const known = cache.get(analysis) ?? new Map<number, Scored[]>();
  cache.set(analysis, known);
  const found = known.get(seed);
  if (found) return found;
  const ranked = allCandidates(analysis, seed)
    .filter((candidate) => failedGate(candidate) === undefined)
    .map((candidate) => ({ candidate, score: scoreOf(candidate, analysis, seed) }))
    .filter(({ score }) => score >= SHOWN_FROM)
    .sort((a, b) => b.score - a.score);
  known.set(seed, ranked);
  return ranked;
}

function allCandidates(analysis: Analysis, seed: number): Candidate[] {
  const stock = stocks.get(analysis) ?? stockSource(analysis);
  stocks.set(analysis, stock);
  return [
    ...[...draftMultipleChoice(stock, seed), ...draftTrueFalse(stock, seed), ...draftGapFills(stock), ...draftShortAnswers(stock)],
    ...[...draftNumbers(stock), ...draftOrders(stock), ...draftMatches(stock), ...draftTwoParts(stock, seed), ...draftOpenResponses(stock)],
  ];
}

/** A little chance by seed, so that another seed gives another choice of equals. */
function scoreOf(candidate: Candidate, analysis: Analysis, seed: number): number {
  return scoreCandidate(candidate, analysis) + createRandom(seedFrom(candidate.stem, seed)).next() * 0.6;
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
  /** The gate that held it back, or "score" where it did not reach the least that is shown. */
  heldBack?: GateName | "score";
};

/** All candidates with what held them back: for the page that shows what the engine saw. */
export function explainCandidates(analysis: Analysis, seed: number): ExplainedCandidate[] {
  return allCandidates(analysis, seed).map((candidate) => {
    const score = round(scoreOf(candidate, analysis, seed));
    const heldBack = failedGate(candidate) ?? (score < SHOWN_FROM ? ("score" as const) : undefined);
    const { kind, stem, key, factType, pattern } = candidate;
    return { sentence: candidate.evidence[0]!.index, kind, stem, key, factType, pattern, score, ...(heldBack ? { heldBack } : {}) };
  });
}

function fits(candidate: Candidate, row: PlanRow): boolean {
  if (candidate.kind !== row.kind || (row.depth !== "any" && candidate.depth !== row.depth)) return false;
  return candidate.kind !== "multiple-choice" || candidate.distractors.length >= Math.min(3, (row.optionCount ?? 4) - 1);
}

type Used = { facts: Set<string>; stems: Set<string>; blocks: Map<string, number>; falseCount: number; trueCount: number };

/** The best one left, where each further question on the same paragraph counts a little less. */
function chooseNext(pool: Scored[], used: Used): Scored | undefined {
  let best: { scored: Scored; value: number } | undefined;
  for (const scored of pool) {
    const { candidate } = scored;
    if (used.facts.has(candidate.factId) || used.stems.has(plainStem(candidate.stem)) || sharesSentence(candidate, used)) continue;
    const block = candidate.evidence[0]!.block.id;
    const balance =
      candidate.kind === "true-false" ? (candidate.key === "true" ? used.trueCount - used.falseCount : used.falseCount - used.trueCount) * 0.8 : 0;
    const value = scored.score - (used.blocks.get(block) ?? 0) * 0.55 - balance;
    if (!best || value > best.value) best = { scored, value };
  }
  return best?.scored;
}

/** Counts a shown candidate's fact, words, paragraph and truth value as used. */
function markUsed(candidate: Candidate, used: Used): void {
  used.facts.add(candidate.factId);
  used.facts.add(sentenceKey(candidate));
  used.stems.add(plainStem(candidate.stem));
  used.blocks.set(candidate.evidence[0]!.block.id, (used.blocks.get(candidate.evidence[0]!.block.id) ?? 0) + 1);
  if (candidate.kind === "true-false") used[candidate.key === "true" ? "trueCount" : "falseCount"]++;
}

/** A sentence may be asked about twice in a set, never three times: what is left would be crumbs. */
function sharesSentence(candidate: Candidate, used: Used): boolean {
  const index = candidate.evidence[0]!.index;
  return [...used.facts].filter((id) => id.startsWith(`${index}:`) && !id.endsWith(":sentence")).length >= 2;
}

function sentenceKey(candidate: Candidate): string {
  return `${candidate.evidence[0]!.index}:sentence`;
}

function plainStem(stem: string): string {
  return stem
    .toLowerCase()
    .replace(/[^\p{L}\d]+/gu, " ")
    .trim();
}

function toQuestion(candidate: Candidate, row: PlanRow, id: string, seed: number): Question {
  const evidence = candidate.evidence.map((sentence) => createSpan(sentence.block, sentence.start, sentence.end));
  const common = { id, stem: candidate.stem, points: row.points, depth: candidate.depth, evidence };
  switch (candidate.kind) {
    case "multiple-choice": {
      const random = createRandom(seedFrom(candidate.stem, seed));
      const texts = orderOptions(candidate, (row.optionCount ?? 4) - 1, random);
      const options = texts.map((text, index) => ({ id: `o${index + 1}`, text }));
      return { kind: "multiple-choice", ...common, options, key: options.find((option) => option.text === candidate.key)!.id };
    }
    case "true-false":
      return { kind: "true-false", ...common, key: candidate.key === "true", ...(candidate.correction ? { correction: candidate.correction } : {}) };
    case "gap-fill":
      return { kind: "gap-fill", ...common, key: candidate.key, accepted: candidate.accepted };
    case "short-answer":
      return { kind: "short-answer", ...common, key: candidate.key, accepted: candidate.accepted };
    default:
      return withParts(candidate, common, createRandom(seedFrom(candidate.stem, seed)));
  }
}

type Common = Pick<Question, "id" | "stem" | "points" | "depth" | "evidence">;

/** Parts stand shuffled on the sheet; the key says where each belongs. */
function withParts(candidate: Candidate, common: Common, random: Random): Question {
  const parts: CandidateParts = candidate.parts!;
  switch (parts.sort) {
    case "number":
      return { kind: "number", ...common, key: { value: parts.value, tolerance: 0, unit: parts.unit } };
    case "order": {
      const items = parts.items.map((text, index) => ({ id: `i${index + 1}`, text }));
      return { kind: "order", ...common, items: shuffledAway(items, random), key: items.map((item) => item.id) };
    }
    case "match": {
      const left = parts.pairs.map(([text], index) => ({ id: `l${index + 1}`, text }));
      const right = parts.pairs.map(([, text], index) => ({ id: `r${index + 1}`, text }));
      return { kind: "match", ...common, left, right: shuffledAway(right, random), key: left.map((item, index) => [item.id, right[index]!.id]) };
    }
    case "two-part": {
      const options = orderOptions(candidate, 3, random).map((text, index) => ({ id: `o${index + 1}`, text }));
      const proofs = random.shuffle(parts.proofs.map((sentence) => sentence.text)).map((text, index) => ({ id: `p${index + 1}`, text }));
      const key: [string, string] = [
        options.find((option) => option.text === candidate.key)!.id,
        proofs.find((proof) => proof.text === parts.proofs[0]!.text)!.id,
      ];
      return { kind: "two-part", ...common, options, proofStem: PROOF_STEM, proofs, key };
    }
    case "open": {
      const rubric = parts.levels.map(({ share, text }) => ({ points: Math.round(common.points * share * 2) / 2, text }));
      return { kind: "open-response", ...common, key: { model: parts.points.join(" "), points: parts.points }, rubric };
    }
    default:
      return assertNever(parts);
  }
}

/** Another order than the right one, or there would be nothing to do. */
function shuffledAway<T>(items: readonly T[], random: Random): T[] {
  const shuffled = random.shuffle([...items]);
  return shuffled.every((item, index) => item === items[index]) ? [...shuffled.slice(1), shuffled[0]!] : shuffled;
}

function orderOptions(candidate: Candidate, wrong: number, random: Random): string[] {
  const texts = [candidate.key, ...candidate.distractors.slice(0, wrong)];
  if (candidate.optionOrder === "shuffled") return random.shuffle(texts);
  return texts.sort((a, b) => (numberValue(a) ?? 0) - (numberValue(b) ?? 0));
}

function whyNotMore(row: PlanRow, pool: number, analysis: Analysis): string {
  if (analysis.sentences.every((sentence) => !sentence.tree)) return "no-sentences-understood";
  if (pool === 0)
    return row.depth === "reasoning" && row.kind !== "two-part"
      ? "depth-not-drafted"
      : row.kind === "multiple-choice"
        ? "no-fair-options"
        : "no-fact-of-this-sort";
  return "facts-used-up";
}

function round(value: number): number {
  return Math.round(value * 100) / 100;
}
