import path from "node:path";
import { parseArgs } from "node:util";
import { letterOf } from "@/core/checking/option-letters";
import { type Draft, type DraftReport, draftQuestions } from "@/core/drafting/draft-questions";
import { type Drafted, type DraftedQuestion, toDraftedQuestion } from "@/core/drafting/drafted-json";
import { type ExplainedSentence, explainSource } from "@/core/drafting/explain-source";
import { fillPlan } from "@/core/drafting/fill-plan";
import { GAP_ANSWERS, GAP_WORDS, type Plan, type PlanRow, type Steer } from "@/core/drafting/plan";
import { readRanges } from "@/core/drafting/steering/read-steer";
import type { Imported } from "@/core/importers/importer";
import { analyseText } from "@/core/language/analyse-text";
import { isQuestionKind, kindOf, QUESTION_KINDS } from "@/core/questions/kinds";
import { locatorLabel } from "@/core/source/locator-label";
import { readingBlocks } from "@/core/source/prepare/reading-blocks";
import { shortfallText } from "@/messages/draft-reasons";
import { patternText } from "@/messages/patterns";
import { problemText } from "@/messages/problems";
import { closeReader } from "@/server/importing/read-picture-words";
import { loadLanguageTools } from "@/server/language/load-language-tools";
import { checkedAsText, checkFile } from "./check-file";
import { importSource, UsageError } from "./import-source";
import { importedAsText, toImportedJson } from "./imported-json";

const HELP = `Usage: npm run --silent vumo -- COMMAND FILE-OR-LINK [options]

  draft    drafts questions, with the words that prove each key
  import   reads a source and prints its blocks
  check    checks QUESTIONS.json (as draft prints them) against --source FILE-OR-LINK
  analyse  prints each sentence: understood or not and why, and what could be asked of it

Takes PDF, DOCX, ODT, RTF, EPUB, PPTX, ODP, HTML, Markdown, plain text, captions (VTT, SRT),
pictures of pages, and links to web pages, documents and captioned films.

  --grade N          school grade, 1 to 12 (default 5)
  --mix LIST         kinds and counts (default "multiple-choice:4,true-false:3,gap-fill:3,short-answer:4")
                     kinds: ${QUESTION_KINDS.join(", ")}
  --auto N           a balanced plan of N questions within what the text supports, instead of --mix
  --focus TERMS      only what speaks of these words (parted by commas)
  --paragraphs LIST  only these paragraphs, pages, slides or minutes, such as 3-6,9
  --outcomes LIST    outcomes or essential questions, parted by semicolons
  --avoid WORDS      words that no question may hold
  --like QUESTION    drafts like this question come first
  --distractors HOW  near (default) or far
  --gaps WHICH       which words gap fills leave out: ${GAP_WORDS.join(", ")}
  --words LIST       your own words, with --gaps my-words
  --answers HOW      how gaps are filled: ${GAP_ANSWERS.join(", ")}
  --language CODE    the language of the source, if it is taken for another one (en or es)
  --explain          say for each draft what it was made from, and what was held back
  --options N        options of a multiple choice question, 3 to 5 (default 4)
  --seed N           a whole number; same file, plan and seed give the same drafts (default 1)
  --read-pictures    read the text of a scanned PDF off its pictures
  --source FILE      the source that check compares with
  --json             print JSON (the shapes are in docs/json.md) instead of text
  --help             print this
`;

async function main(argv: string[]): Promise<void> {
  const { values, positionals } = readArguments(argv);
  if (values.help || positionals.length === 0) {
    if (!values.help) throw new UsageError("Say what to do: draft FILE or import FILE. See --help.");
    process.stdout.write(HELP);
    return;
  }
  const [command, file, ...more] = positionals;
  if (command !== "draft" && command !== "import" && command !== "analyse" && command !== "check")
    throw new UsageError(`Unknown command "${command}". There are: draft, import, analyse, check.`);
  if (!file || more.length > 0) throw new UsageError(`Name one file: ${command} FILE.`);
  const readPictures = values["read-pictures"] ?? false;
  if (command === "import") {
    const imported = await importSource(file, readPictures);
    process.stdout.write(values.json ? `${JSON.stringify(toImportedJson(imported), null, 2)}\n` : importedAsText(imported));
    return;
  }
  if (command === "analyse") {
    const explained = analyse(await importSource(file, readPictures));
    process.stdout.write(values.json ? `${JSON.stringify(explained, null, 2)}\n` : analysedAsText(explained.sentences));
    return;
  }
  if (command === "check") {
    if (!values.source) throw new UsageError("Say what to check against: check QUESTIONS.json --source FILE.");
    const grade = wholeNumber(values.grade ?? "5", "--grade", 1, 12);
    const checked = checkFile(file, (await importSource(values.source, readPictures)).blocks, grade);
    process.stdout.write(values.json ? `${JSON.stringify(checked, null, 2)}\n` : checkedAsText(checked));
    return;
  }
  const orders = readOrders(values);
  const seed = wholeNumber(values.seed ?? "1", "--seed", 0, 2 ** 31);
  const drafted = draft(await importSource(file, readPictures), orders, seed);
  process.stdout.write(values.json ? `${JSON.stringify(drafted, null, 2)}\n` : asText(drafted));
}

function readArguments(argv: string[]) {
  try {
    return parseArgs({
      args: argv,
      allowPositionals: true,
      options: {
        grade: { type: "string" },
        mix: { type: "string" },
        auto: { type: "string" },
        focus: { type: "string" },
        paragraphs: { type: "string" },
        outcomes: { type: "string" },
        avoid: { type: "string" },
        like: { type: "string" },
        distractors: { type: "string" },
        gaps: { type: "string" },
        words: { type: "string" },
        answers: { type: "string" },
        language: { type: "string" },
        source: { type: "string" },
        explain: { type: "boolean" },
        options: { type: "string" },
        seed: { type: "string" },
        json: { type: "boolean" },
        "read-pictures": { type: "boolean" },
        help: { type: "boolean" },
      },
    });
  } catch (error) {
    throw new UsageError(`${(error as Error).message.split(". ")[0]}. See --help.`);
  }
}

type Values = ReturnType<typeof readArguments>["values"];
type Orders = { plan: Plan; auto: number | undefined; language: string | undefined; explain: boolean };

function readOrders(values: Values): Orders {
  const { paragraphs, focus: terms, outcomes, avoid, words, like: example } = values;
  const distractors = oneOf(values.distractors, ["near", "far"] as const, "--distractors");
  if (paragraphs !== undefined && readRanges(paragraphs).length === 0) throw new UsageError(`--paragraphs must be numbers such as 3-6,9, not "${paragraphs}".`);
  const given = { paragraphs, terms, outcomes: outcomes?.replace(/;/g, "\n"), avoid, words, example, distractors };
  const steer = Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined)) as Steer;
  const language = oneOf(values.language, ["en", "es"] as const, "--language");
  const plan = { ...readPlan(values), ...(Object.keys(steer).length > 0 ? { steer } : {}) };
  if (values.auto !== undefined && values.mix !== undefined) throw new UsageError("Give --mix or --auto, not both.");
  const auto = values.auto === undefined ? undefined : wholeNumber(values.auto, "--auto", 1, 60);
  return { plan, auto, language, explain: values.explain ?? false };
}

function oneOf<T extends string>(value: string | undefined, allowed: readonly T[], name: string): T | undefined {
  if (value !== undefined && !allowed.includes(value as T)) throw new UsageError(`${name} must be ${allowed.join(" or ")}, not "${value}".`);
  return value as T | undefined;
}

function readPlan(values: Values): Plan {
  const optionCount = wholeNumber(values.options ?? "4", "--options", 3, 5);
  const gapWords = oneOf(values.gaps, GAP_WORDS, "--gaps") ?? (values.words ? ("my-words" as const) : undefined);
  const gapAnswer = oneOf(values.answers, GAP_ANSWERS, "--answers");
  const rows = (values.mix ?? "multiple-choice:4,true-false:3,gap-fill:3,short-answer:4").split(",").map((part): PlanRow => {
    const [kind = "", count = "", ...rest] = part.trim().split(":");
    if (!isQuestionKind(kind)) throw new UsageError(`Unknown kind "${kind}" in --mix. Kinds: ${QUESTION_KINDS.join(", ")}.`);
    if (rest.length > 0) throw new UsageError(`"${part.trim()}" in --mix is not KIND:COUNT.`);
    const blank = kindOf(kind).createBlank("blank");
    return {
      kind,
      count: wholeNumber(count, `the count of ${kind}`, 0, 60),
      depth: "any",
      points: blank.points,
      ...(kind === "multiple-choice" ? { optionCount } : {}),
      ...(kind === "gap-fill" && gapWords ? { gapWords } : {}),
      ...(kind === "gap-fill" && gapAnswer ? { gapAnswer } : {}),
    };
  });
  return { grade: wholeNumber(values.grade ?? "5", "--grade", 1, 12), rows };
}

function wholeNumber(text: string, name: string, from: number, to: number): number {
  const value = Number(text);
  if (!/^\d+$/.test(text) || value < from || value > to) throw new UsageError(`${name} must be a whole number from ${from} to ${to}, not "${text}".`);
  return value;
}

function draft(
  { title, blocks: all, language: found }: Imported & { language: string },
  { plan: wanted, auto, language = found, explain }: Orders,
  seed: number,
): Drafted {
  if (language !== "en" && language !== "es") throw new UsageError(problemText({ type: "not-in-english", languages: [language] }));
  const blocks = readingBlocks(all, null);
  const tools = loadLanguageTools(path.resolve(import.meta.dirname, "../.."));
  const analysis = analyseText(blocks, tools, { language });
  const plan = auto === undefined ? wanted : fillPlan(analysis, auto, wanted, seed);
  const { drafts, report } = collect(draftQuestions({ analysis, plan, seed, newId: (index) => `q${index + 1}` }));
  const questions = drafts.map(({ question }) => question);
  const notes = report.rows.map(shortfallText).filter((note) => note !== undefined);
  if (plan.rows.length === 0) notes.push("Nothing could be drafted: no sentence of the text gives a fact that can be asked about.");
  return {
    source: { title, blocks: blocks.map(({ id, kind, text, locator, leftOut }) => ({ id, kind, text, locator, ...(leftOut ? { leftOut } : {}) })) },
    plan: { ...plan, seed },
    questions: drafts.map(({ question, origin }) => ({
      ...toDraftedQuestion(question, blocks, questions, plan.grade, tools.lexicon),
      ...(explain ? { why: whyOf(origin) } : {}),
    })),
    notes,
    ...(explain ? { heldBack: explainSource(analysis, seed).flatMap((sentence) => sentence.candidates.filter((candidate) => candidate.heldBack)) } : {}),
  };
}

function whyOf({ factId, pattern, score, matched }: Draft["origin"]): NonNullable<DraftedQuestion["why"]> {
  return { fact: factId, pattern, score, made: patternText(pattern), ...(matched ? { matched } : {}) };
}

function analyse({ title, blocks }: Imported): { title: string; sort: string; sentences: ExplainedSentence[] } {
  const analysis = analyseText(readingBlocks(blocks, null), loadLanguageTools(path.resolve(import.meta.dirname, "../..")));
  return { title, sort: analysis.sort, sentences: explainSource(analysis) };
}

function analysedAsText(sentences: readonly ExplainedSentence[]): string {
  const lines = sentences.flatMap((sentence) => [
    `${locatorLabel(sentence.locator)}  ${sentence.text}`,
    ...(sentence.understood ? [] : [`    not understood: ${sentence.reason}`]),
    ...sentence.candidates.map(({ kind, stem, key, heldBack }) => `    ${kind}: ${stem} (${key})${heldBack ? `  held back: ${heldBack}` : ""}`),
  ]);
  return `${lines.join("\n")}\n`;
}

function collect(run: Generator<Draft, DraftReport>): { drafts: Draft[]; report: DraftReport } {
  const drafts: Draft[] = [];
  for (let step = run.next(); ; step = run.next()) {
    if (step.done) return { drafts, report: step.value };
    drafts.push(step.value);
  }
}

function asText({ source, questions, notes }: Drafted): string {
  const lines = [source.title, ""];
  questions.forEach((question, index) => {
    lines.push(`${index + 1}. ${kindOf(question.kind).name}, ${question.depth}, ${question.verdict}`, `   ${question.stem}`);
    const isKey = (id: string) => question.key === id || (Array.isArray(question.key) && question.key.some((key) => key === id));
    question.options?.forEach((option, at) => lines.push(`   ${letterOf(at)} ${option.text}${isKey(option.id) ? "  (key)" : ""}`));
    for (const part of question.parts ?? [])
      lines.push(`   ${part.stem}`, ...part.options.map((option, at) => `     ${letterOf(at)} ${option.text}${isKey(option.id) ? "  (key)" : ""}`));
    if (question.bank) lines.push(`   Words: ${question.bank.join(", ")}`);
    if (!question.options && !question.parts) lines.push(...keyLines(question).map((line) => `   ${line}`));
    for (const span of question.evidence) lines.push(`   ${locatorLabel(span.locator)}: “${span.quote}”`);
    for (const check of question.checks) if (check.verdict !== "sound") lines.push(`   ${check.verdict}: ${check.reason}`);
    if (question.why)
      lines.push(`   Why: ${question.why.made} (${question.why.pattern}, ${question.why.score}${question.why.matched ? `; ${question.why.matched}` : ""})`);
    lines.push("");
  });
  return `${[...lines, ...notes].join("\n").trimEnd()}\n`;
}

/** The key as a marker reads it. */
function keyLines({ key, gaps, accepted = [], items = [], left = [], right = [] }: DraftedQuestion): string[] {
  const textOf = (parts: { id: string; text: string }[], id: string) => parts.find((part) => part.id === id)?.text ?? "";
  if (gaps) return gaps.map((gap, index) => `${index + 1}. ${[gap.key, ...gap.accepted].join(" / ")}${gap.choices ? `  (of ${gap.choices.join(", ")})` : ""}`);
  if (Array.isArray(key)) {
    return key.map((entry, index) =>
      typeof entry === "string" ? `${index + 1}. ${textOf(items, entry)}` : `${textOf(left, entry[0])}: ${textOf(right, entry[1])}`,
    );
  }
  if (key === null) return [];
  if (typeof key !== "object") return [`Key: ${[key, ...accepted].join(" / ")}`];
  return "value" in key ? [`Key: ${key.value} ${key.unit}`] : ["Points to look for:", ...key.points.map((point) => `- ${point}`)];
}

try {
  await main(process.argv.slice(2));
} catch (error) {
  if (!(error instanceof UsageError)) throw error;
  process.stderr.write(`vumo: ${error.message}\n`);
  process.exitCode = 2;
} finally {
  await closeReader();
}
