import { passesRules } from "../checking/check-question";
import type { Analysis, Sentence } from "../language/analysis";
import type { Question, QuestionKind } from "../questions/question";
import { type Candidate, factsIn, mainSentence, OVER_SENTENCES } from "./candidate";
import { IN_SENTENCES } from "./drafters/draft-term-gaps";
import { isUnderstood } from "./is-understood";
import { MADE_OF_MANY, type Plan, type PlanRow } from "./plan";
import { type Pool, poolFor, type Wanted, weighLosses } from "./row-pool";
import { type Focus, readSteer } from "./steering/read-steer";
import { toQuestion } from "./to-question";

/** Changes whenever the same source, plan and seed would give other drafts. */
export const ENGINE_VERSION = "31";

export type Origin = { factId: string; pattern: string; score: number; matched?: string | undefined };
export type Draft = { question: Question; origin: Origin };

/** What is in the set already and must not be asked again. */
export type Existing = { factIds: readonly string[]; stems: readonly string[] };

export type RowReport = { kind: QuestionKind; asked: number; drafted: number; reason?: string };
export type DraftReport = { rows: RowReport[]; sentences: number; understood: number };

export type DraftInput = {
  analysis: Analysis;
  plan: Plan;
  seed: number;
  existing?: Existing;
  /** What a teacher's judgements add to the score, by kind and pattern. */
  shifts?: Record<string, number>;
  newId: (index: number) => string;
};

/**
 *   analysis → stock (facts, statements, noun phrases) → drafters, one for each kind → gates
 *            → rank → focus → choose row by row, each fact once, spread over the paragraphs
 *
 * Yields drafts as they are chosen and returns the report. Same input, same drafts.
 */
export function* draftQuestions(input: DraftInput): Generator<Draft, DraftReport> {
  const { analysis, plan } = input;
  const used = startUsed(input.existing);
  const focus = readSteer(plan.steer);
  const pools = plan.rows.map((row) => poolFor(row, input, focus));
  weighLosses(pools.map(({ inside }) => inside));
  const drafts: Draft[][] = plan.rows.map(() => []);
  // What is chosen for the first row stays at its place, so that it need not wait for the others.
  let shown = 0;
  for (const index of allocate(
    pools.map(({ inside }) => inside),
    used,
    input,
    focus,
    drafts,
  ))
    if (index === 0) yield drafts[0]![shown++]!;
  const rows: RowReport[] = [];
  for (const [index, row] of plan.rows.entries()) {
    for (const draft of index === 0 ? drafts[0]!.slice(shown) : drafts[index]!) yield draft;
    const drafted = drafts[index]!.length;
    rows.push({
      kind: row.kind,
      asked: row.count,
      drafted,
      ...(drafted < row.count ? { reason: whyNotMore(row, pools[index]!, focus, analysis, drafts[index]!) } : {}),
    });
  }
  const prose = analysis.sentences.filter((sentence) => sentence.block.kind !== "heading");
  return {
    rows,
    sentences: prose.length,
    understood: prose.filter((sentence) => isUnderstood(sentence, analysis)).length,
  };
}

/** A kind that can still be drafted, with the score of its best candidate. */
export type Turn = { kind: QuestionKind; score: number };

/**
 * Tries drafts one at a time, up to `wanted`, each of the row that `next` names among those that can
 * still be drafted and are not full. How many of each kind came of it.
 */
export function fillByTurns(
  input: DraftInput,
  wanted: number,
  next: (open: readonly Turn[], made: ReadonlyMap<QuestionKind, number>) => QuestionKind,
): Map<QuestionKind, number> {
  const used = startUsed(input.existing);
  const focus = readSteer(input.plan.steer);
  const pools = new Map(input.plan.rows.map((row) => [row.kind, poolFor(row, input, focus).inside]));
  weighLosses([...pools.values()]);
  const made = new Map<QuestionKind, number>();
  const questions: Question[] = [];
  let open = input.plan.rows;
  while (questions.length < wanted && open.length > 0) {
    const turns = open.map(({ kind }) => ({ kind, score: chooseNext(pools.get(kind)!, used)?.score ?? 0 }));
    const kind = next(turns, made);
    const row = open.find((other) => other.kind === kind)!;
    const draft = nextFit(pools.get(kind)!, used, row, questions, input, focus, input.newId(questions.length));
    if (draft) {
      questions.push(draft.question);
      made.set(kind, (made.get(kind) ?? 0) + 1);
    }
    if (!draft || made.get(kind)! >= row.count) open = open.filter((other) => other !== row);
  }
  return made;
}

function startUsed(existing: Existing | undefined): Used {
  return {
    said: [],
    plain: new Set(),
    facts: new Set((existing?.factIds ?? []).flatMap(factsIn)),
    stems: new Set((existing?.stems ?? []).map(plainStem)),
    blocks: new Map(),
    quoted: new Set(),
    keys: new Map(),
    patterns: new Map(),
    falseCount: 0,
    trueCount: 0,
  };
}

/**
 * Rows take turns, what is made of many facts first and then those with the fewest candidates, so that
 * no kind uses up the facts of another. What was chosen is put into `drafts`, and the row it was chosen for is given out.
 */
function* allocate(pools: readonly Wanted[][], used: Used, input: DraftInput, focus: Focus, drafts: Draft[][]): Generator<number> {
  const { plan } = input;
  let made = 0;
  const open = plan.rows
    .map((row, index) => ({ row, index }))
    .filter(({ row }) => row.count > 0)
    .sort((a, b) => Number(isMadeOfMany(b.row)) - Number(isMadeOfMany(a.row)) || pools[a.index]!.length / a.row.count - pools[b.index]!.length / b.row.count);
  for (let turns = open; turns.length > 0; ) {
    const going: typeof turns = [];
    for (const turn of turns) {
      const { row, index } = turn;
      const others = drafts.flat().map((draft) => draft.question);
      const draft = nextFit(pools[index]!, used, row, others, input, focus, input.newId(made));
      if (!draft) continue;
      made++;
      drafts[index]!.push(draft);
      yield index;
      if (drafts[index]!.length < row.count) going.push(turn);
    }
    turns = going;
  }
}

function isMadeOfMany({ kind }: PlanRow): boolean {
  return MADE_OF_MANY.includes(kind);
}

function nextFit(
  pool: readonly Wanted[],
  used: Used,
  row: PlanRow,
  others: readonly Question[],
  { analysis, plan, seed }: DraftInput,
  focus: Focus,
  id: string,
): Draft | undefined {
  for (let next = chooseNext(pool, used); next; next = chooseNext(pool, used)) {
    const { candidate, score, outcome, matched } = next;
    const question = toQuestion(candidate, id, { row, grade: plan.grade, seed, near: focus.distractors === "near", ...(outcome ? { outcome } : {}) });
    if (!mirrorsAnother(candidate, used) && isFitToShow(question, others, plan.grade, analysis)) {
      markUsed(candidate, used);
      return {
        question,
        origin: { factId: candidate.factId, pattern: candidate.pattern, score: Math.round(score * 100) / 100, ...(matched ? { matched } : {}) },
      };
    }
    // Its fact may still be asked in another way.
    used.stems.add(plainStem(candidate.stem));
  }
  return undefined;
}

/** The check's own rules are the last gate: what they would call wrong, or a key they cannot find, is not offered. */
function isFitToShow(question: Question, others: readonly Question[], grade: number, analysis: Analysis): boolean {
  const context = { blocks: analysis.blocks, others, grade, lexicon: analysis.lexicon };
  return passesRules(question, context, ({ verdict, rule }) => verdict === "wrong" || !SHOWN_ANYWAY.has(rule));
}

/** A doubt that the teacher decides about, since the source itself may be hard. All others are for drafts that are not offered. */
const SHOWN_ANYWAY = new Set(["question-within-grade", "points-fit-the-work"]);

type Used = {
  said: Said[];
  plain: Set<string>;
  facts: Set<string>;
  stems: Set<string>;
  blocks: Map<string, number>;
  /** Sentences that stand whole in a gap fill: each of their words would tell the answer of another question. */
  quoted: Set<number>;
  /** How often each answer was asked for. */
  keys: Map<string, number>;
  /** How often each pattern was drafted. */
  patterns: Map<string, number>;
  falseCount: number;
  trueCount: number;
};

/** What does it, what is done, to what: asked once of a clause, or each question answers the other. */
const PLAIN = new Set<Candidate["factType"]>(["thing", "person", "function", "list", "place", "report", "statement"]);

function isPlain({ factType, kind }: Candidate): boolean {
  return PLAIN.has(factType) && !OVER_SENTENCES.has(kind);
}

/** Words of a sentence whose clauses are asked about one by one. */
const SEVERAL_CLAUSES = 14;

/** The clause that a fact was found in, by the word it is known by. */
function plainKey(candidate: Candidate): string {
  const { index, words, clauses } = mainSentence(candidate);
  const at = candidate.factId.startsWith(`${index}:`) ? Number(candidate.factId.split(":").at(-1)) : Number.NaN;
  if (words.length < SEVERAL_CLAUSES || Number.isNaN(at)) return String(index);
  const around = clauses.filter(({ rank, start, end }) => (rank === "main" || rank === "aside") && start <= at && at < end);
  const clause = around.find(({ subject }) => subject.start === at) ?? around.filter(({ verb }) => verb.start <= at).at(-1) ?? around[0];
  return `${index}:${clause?.verb.start ?? 0}`;
}

/** A second question on one sentence: only where little else is left. */
const AGAIN = 1.1;

/** One answer to several questions: the second is guessed, a third is never asked. */
const SAME_KEY = 0.6;
const MOST_OF_A_KEY = 2;

/** Who says which words is asked with nearly the same question each time: after two another one is better. */
const SAME_QUESTION = new Set(["who-says", "what-answers", "what-it-stands-for"]);
const MOST_OF_A_QUESTION = 2;
const SAME_AGAIN = 0.4;

function keepsKey({ kind, parts }: Candidate): boolean {
  return kind === "short-answer" || kind === "multiple-choice" || (kind === "gap-fill" && parts === undefined);
}

/** What each true statement more than false ones counts against the next, and the other way round. */
const BALANCE = 2;
/** A text offers more true statements than false ones: of the same worth the false one is taken. */
const FALSE_FIRST = 0.8;
/** Statements that are nearly all true are guessed. */
const MOST_AHEAD = 2;

/** The best one left, where each further question on the same paragraph counts a little less. */
function chooseNext(pool: readonly Wanted[], used: Used): Wanted | undefined {
  let best: { wanted: Wanted; value: number } | undefined;
  for (const wanted of pool) {
    const { candidate } = wanted;
    if (factsIn(candidate.factId).some((id) => used.facts.has(id)) || (isPlain(candidate) && used.plain.has(plainKey(candidate)))) continue;
    if ([candidate.stem, ...statementsIn(candidate)].some((text) => used.stems.has(plainStem(text))) || sharesSentence(candidate, used)) continue;
    const block = mainSentence(candidate).block.id;
    const isStatement = candidate.kind === "true-false";
    const isTrue = isStatement && candidate.key === "true";
    const ahead = !isStatement ? 0 : isTrue ? used.trueCount - used.falseCount : used.falseCount - used.trueCount;
    if (ahead >= MOST_AHEAD) continue;
    const sameKeys = keepsKey(candidate) ? (used.keys.get(plainStem(candidate.key)) ?? 0) : 0;
    const sameQuestions = SAME_QUESTION.has(candidate.pattern) ? (used.patterns.get(candidate.pattern) ?? 0) : 0;
    if (sameKeys >= MOST_OF_A_KEY || sameQuestions >= MOST_OF_A_QUESTION) continue;
    const again = !OVER_SENTENCES.has(candidate.kind) && used.facts.has(sentenceKey(mainSentence(candidate))) ? AGAIN : 0;
    const value =
      wanted.score -
      (wanted.loss ?? 0) -
      (used.blocks.get(block) ?? 0) * 0.4 -
      ahead * BALANCE -
      (isTrue ? FALSE_FIRST : 0) -
      again -
      sameKeys * SAME_KEY -
      sameQuestions * SAME_AGAIN;
    if (!best || value > best.value) best = { wanted, value };
  }
  return best?.wanted;
}

/** Counts a shown candidate's fact, words, paragraph and truth value as used. */
function markUsed(candidate: Candidate, used: Used): void {
  for (const id of factsIn(candidate.factId)) used.facts.add(id);
  if (!OVER_SENTENCES.has(candidate.kind)) used.facts.add(sentenceKey(mainSentence(candidate)));
  for (const sentence of quotedBy(candidate)) {
    used.quoted.add(sentence.index);
    used.facts.add(sentenceKey(sentence));
  }
  for (const text of [candidate.stem, ...statementsIn(candidate)]) used.stems.add(plainStem(text));
  if (isPlain(candidate)) used.plain.add(plainKey(candidate));
  if (!OVER_SENTENCES.has(candidate.kind))
    used.said.push({ stem: weighty(candidate.stem), key: weighty(candidate.key), sentence: mainSentence(candidate).index });
  used.patterns.set(candidate.pattern, (used.patterns.get(candidate.pattern) ?? 0) + 1);
  const key = plainStem(candidate.key);
  if (keepsKey(candidate)) used.keys.set(key, (used.keys.get(key) ?? 0) + 1);
  const block = mainSentence(candidate).block.id;
  used.blocks.set(block, (used.blocks.get(block) ?? 0) + 1);
  if (candidate.kind === "true-false") used[candidate.key === "true" ? "trueCount" : "falseCount"]++;
}

/** The statements to choose from: each could be one to call true or false. */
function statementsIn({ parts, pattern }: Candidate): readonly string[] {
  return parts?.sort === "select" && pattern === "all-true-statements" ? [...parts.right, ...parts.wrong] : [];
}

/** "What could reduce the cost?" beside "What could the new recipe reduce?": each is the other's answer. */
function mirrorsAnother(candidate: Candidate, used: Used): boolean {
  if (OVER_SENTENCES.has(candidate.kind)) return false;
  const own = { stem: weighty(candidate.stem), key: weighty(candidate.key), sentence: mainSentence(candidate).index };
  return used.said.some(
    (other) =>
      (within(own.key, other.stem) && within(other.key, own.stem)) ||
      (own.sentence === other.sentence && (tells(other.stem, own.key) || tells(own.stem, other.key) || isSameAnswer(own.key, other.key))),
  );
}

/** "Prove that she is guilty" and "That she is guilty", of one sentence. */
function isSameAnswer(one: ReadonlySet<string>, other: ReadonlySet<string>): boolean {
  const [few, many] = one.size <= other.size ? [one, other] : [other, one];
  return few.size >= 2 && within(few, many);
}

type Said = { stem: ReadonlySet<string>; key: ReadonlySet<string>; sentence: number };

/** "When does the female lay one egg?" tells most of "What does the female do?" – "Lays one egg in May." */
function tells(stem: ReadonlySet<string>, key: ReadonlySet<string>): boolean {
  const told = [...key].filter((word) => stem.has(word)).length;
  return key.size >= 2 && told / key.size >= 0.6;
}

function within(words: ReadonlySet<string>, others: ReadonlySet<string>): boolean {
  return words.size > 0 && [...words].every((word) => others.has(word));
}

const SMALL = new Set(
  "the and for was were are has have had did does its his her who how why what when where which that this with from into onto they them their can may will not".split(
    " ",
  ),
);

function weighty(text: string): ReadonlySet<string> {
  return new Set(
    (text.toLowerCase().match(/[\p{L}\d]{3,}/gu) ?? []).filter((word) => !SMALL.has(word)).map((word) => word.replace(/(?:ies|es|s|ed|ing|e)$/, "")),
  );
}

/** A sentence may be asked about twice in a set, never three times: what is left would be crumbs. */
function sharesSentence(candidate: Candidate, used: Used): boolean {
  if (OVER_SENTENCES.has(candidate.kind)) return false;
  const { index } = mainSentence(candidate);
  if (used.quoted.has(index) || quotedBy(candidate).some((sentence) => used.facts.has(sentenceKey(sentence)))) return true;
  return [...used.facts].filter((id) => id.startsWith(`${index}:`) && !id.endsWith(":sentence")).length >= 2;
}

function sentenceKey({ index }: Sentence): string {
  return `${index}:sentence`;
}

function quotedBy({ kind, pattern, evidence }: Candidate): readonly Sentence[] {
  return kind === "gap-fill" && IN_SENTENCES.has(pattern) ? evidence : [];
}

function plainStem(stem: string): string {
  return stem
    .toLowerCase()
    .replace(/[^\p{L}\d]+/gu, " ")
    .trim();
}

/** Kinds that need something of the text that it may not have. */
const NEEDS: Partial<Record<QuestionKind, string>> = {
  order: "no-order",
  match: "no-pairs",
  "multiple-choice": "no-fair-options",
  "two-part": "no-fair-options",
  "word-in-context": "no-words",
  number: "no-numbers",
};

/** Kinds that are drafted from Spanish sources. */
const IN_SPANISH = new Set<QuestionKind>(["gap-fill", "true-false", "short-answer", "order", "match", "open-response"]);

function whyNotMore(row: PlanRow, pool: Pool, focus: Focus, analysis: Analysis, drafts: readonly Draft[]): string {
  if (analysis.language === "es" && !IN_SPANISH.has(row.kind)) return "not-in-spanish";
  if (analysis.language === "en" && analysis.sentences.every((sentence) => !sentence.tree)) return "no-sentences-understood";
  if (row.gapWords === "my-words" && focus.words.length === 0) return "no-words-given";
  if (pool.inside.length < Math.min(pool.all, row.count)) return "outside-the-focus";
  const right = drafts.filter(({ question }) => question.kind === "true-false" && question.key).length;
  if (row.kind === "true-false" && right - (drafts.length - right) >= MOST_AHEAD) return "only-true-left";
  if (pool.all > 0) return "facts-used-up";
  if (row.depth !== "any") return "depth-not-drafted";
  const isChosen = row.kind === "gap-fill" && (row.gapAnswer === "bank" || row.gapAnswer === "choose");
  return isChosen ? "no-fair-options" : (NEEDS[row.kind] ?? "no-fact-of-this-sort");
}
