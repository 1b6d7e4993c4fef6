/** The check by itself: all rules on sixty questions over a long source, one edited question, and the whole set. */
import path from "node:path";
import { checkQuestion } from "../src/core/checking/check-question";
import { surveySet } from "../src/core/checking/survey-set";
import { draftQuestions } from "../src/core/drafting/draft-questions";
import { fillPlan } from "../src/core/drafting/fill-plan";
import { analyseText } from "../src/core/language/analyse-text";
import type { Slip } from "../src/core/questions/edit";
import { loadLanguageTools } from "../src/server/language/load-language-tools";
import type { Row } from "./bench";
import { blocksOfWords, ms } from "./bench-engine";

const root = path.resolve(import.meta.dirname, "..");
const WORDS = 10_000;
const QUESTIONS = 60;

export function benchCheck(add: (row: Row) => void): void {
  const tools = loadLanguageTools(root);
  const analysis = analyseText(blocksOfWords(WORDS), tools, { language: "en" });
  const plan = fillPlan(analysis, QUESTIONS, { grade: 6, rows: [] }, 1);
  const questions = [...draftQuestions({ analysis, plan, seed: 1, newId: (index) => `q${index + 1}` })].map(({ question }) => question);
  // The rules see a version of the source that nothing was counted over yet.
  const blocks = analysis.blocks.map((block) => ({ ...block }));
  const context = { blocks, grade: 6, lexicon: tools.lexicon };
  const cold = performance.now();
  for (const question of questions) checkQuestion(question, { ...context, others: questions });
  add({ what: `check: all rules on ${questions.length} questions over ${WORDS} words, cold`, measured: ms(performance.now() - cold), wanted: "1,000 ms" });
  const edited = { ...questions[0]!, stem: `${questions[0]!.stem} ` };
  const one = performance.now();
  checkQuestion(edited, { ...context, others: [edited, ...questions.slice(1)] });
  add({ what: "check: one edited question", measured: ms(performance.now() - one), wanted: "50 ms" });
  const slips = questions.map((question): Slip => ({ question, status: "kept", lookAgain: false, answered: {} }));
  const whole = performance.now();
  surveySet({ slips, plan }, blocks, tools.lexicon);
  add({ what: "check: coverage and cueing of the set", measured: ms(performance.now() - whole), wanted: "150 ms" });
}

if (process.argv[1]?.endsWith("bench-check.ts")) {
  benchCheck((row) => process.stdout.write(`${row.what.padEnd(70)}${row.measured.padStart(12)}${row.wanted.padStart(12)}\n`));
  process.exit(0);
}
