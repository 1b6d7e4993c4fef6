/** The drafting engine by itself, in this process: how its cost grows with the text, and what it holds in memory. */
import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { setFlagsFromString } from "node:v8";
import { runInNewContext } from "node:vm";
import { draftQuestions } from "../src/core/drafting/draft-questions";
import type { Plan, PlanRow } from "../src/core/drafting/plan";
import { readPassage } from "../src/core/importers/read-passage";
import { analyseText } from "../src/core/language/analyse-text";
import type { Analysis } from "../src/core/language/analysis";
import type { QuestionKind } from "../src/core/questions/question";
import type { Block } from "../src/core/source/schema";
import { growHeapSlowly } from "../src/server/jobs/heap-growth";
import { readAndDraft, warmUpTexts } from "../src/server/jobs/warm-up";
import { loadLanguageTools } from "../src/server/language/load-language-tools";
import type { Row } from "./bench";

const root = path.resolve(import.meta.dirname, "..");
const SIZES = [1000, 3000, 10_000, 30_000, 100_000];
const EIGHT: QuestionKind[] = ["multiple-choice", "select-all", "true-false", "gap-fill", "short-answer", "number", "two-part", "open-response"];

/** Passages of the corpus one after the other, each time with other names, until there are so many words. */
function textsOf(words: number): string[] {
  const files = ["demo/passages", "quality/passages"].flatMap((folder) => readdirSync(path.join(root, folder)).map((name) => path.join(root, folder, name)));
  const passages = files.filter((file) => file.endsWith(".md")).map((file) => readFileSync(file, "utf8"));
  const parts: string[] = [];
  for (let count = 0, index = 0; count < words; index++) {
    const turn = Math.floor(index / passages.length);
    const part = passages[index % passages.length]!.replace(/Skerry Bay/g, turn === 0 ? "Skerry Bay" : `Skerry Bay ${turn}`);
    parts.push(part);
    count += part.split(/\s+/).length;
  }
  return parts;
}

/** The blocks of a source of about so many words, made of the passages of the corpus. */
export function blocksOfWords(words: number): Block[] {
  return textsOf(words).flatMap((text, index): Block[] => {
    const passage = readPassage(text, "markdown");
    if (!passage.ok) throw new Error(passage.problem.type);
    return passage.value.blocks.map((block) => ({ ...block, id: `${index}-${block.id}` }));
  });
}

function planOf(counts: Partial<Record<QuestionKind, number>>): Plan {
  const rows = Object.entries(counts).map(([kind, count]): PlanRow => ({ kind: kind as QuestionKind, count: count!, depth: "any", points: 1 }));
  return { grade: 6, rows };
}

/** Milliseconds to the first draft and to the end, and how many came. */
function timed(analysis: Analysis, plan: Plan, seed: number): { first: number; all: number; count: number } {
  const start = performance.now();
  let first = 0;
  let count = 0;
  for (const _ of draftQuestions({ analysis, plan, seed, newId: String })) {
    if (count === 0) first = performance.now() - start;
    count++;
  }
  return { first, all: performance.now() - start, count };
}

export function benchEngine(onRow: (row: Row) => void = () => {}): Row[] {
  const rows: Row[] = [];
  const add = (row: Row) => {
    rows.push(row);
    onRow(row);
  };
  // As the server does when it starts.
  growHeapSlowly();
  const load = performance.now();
  const tools = loadLanguageTools(root);
  add({ what: "engine loaded", measured: ms(performance.now() - load), wanted: "1,000 ms" });
  const begun = performance.now();
  const first = analyseText(blocksOfWords(500), tools);
  const analysed = performance.now() - begun;
  const { first: drafted } = timed(first, planOf(Object.fromEntries(EIGHT.map((kind) => [kind, 5]))), 1);
  add({ what: "500 words in a process that has just begun: first draft", measured: ms(analysed + drafted), wanted: "–" });
  for (const text of warmUpTexts()) readAndDraft(text);
  for (const words of SIZES) {
    const blocks = blocksOfWords(words);
    const start = performance.now();
    const analysis = analyseText(blocks, tools);
    const analysed = performance.now() - start;
    const forty = planOf(Object.fromEntries(EIGHT.map((kind) => [kind, 5])));
    const run = timed(analysis, forty, 1);
    const sixty = timed(analysis, planOf({ "multiple-choice": 15, "true-false": 15, "short-answer": 20, "gap-fill": 10 }), 1);
    const size = words.toLocaleString("en-US");
    add({ what: `${size} words: analysis`, measured: ms(analysed), wanted: words === 10_000 ? "6,000 ms" : "–" });
    add({ what: `${size} words: analysis and first draft`, measured: ms(analysed + run.first), wanted: words === 1000 ? "300 ms" : "–" });
    add({ what: `${size} words: ${run.count} of 40 drafts over eight kinds`, measured: ms(run.all), wanted: words === 1000 ? "2,000 ms" : "–" });
    add({ what: `${size} words: another plan, ${sixty.count} of 60`, measured: ms(sixty.all), wanted: words === 10_000 ? "2,000 ms" : "–" });
  }
  const held = () => `${Math.round(process.memoryUsage().rss / 1e6)} MB`;
  add({ what: "memory, all of this held", measured: held(), wanted: "–" });
  collectGarbage();
  add({ what: "memory, all of this held, without what is no longer used", measured: held(), wanted: "400 MB" });
  // Pages that the collector has emptied stay with the process for a while: what is in use says what is needed.
  add({ what: "memory in use after that", measured: `${Math.round(process.memoryUsage().heapUsed / 1e6)} MB`, wanted: "–" });
  return rows;
}

/** Node.js gives memory back late; what is really in use shows after a collection. */
function collectGarbage(): void {
  setFlagsFromString("--expose-gc");
  (runInNewContext("gc") as () => void)();
}

export function ms(value: number): string {
  return `${Math.round(value).toLocaleString("en-US")} ms`;
}

if (process.argv[1]?.endsWith("bench-engine.ts")) {
  benchEngine((row) => process.stdout.write(`${row.what.padEnd(60)}${row.measured.padStart(12)}${row.wanted.padStart(12)}\n`));
  process.exit(0);
}
