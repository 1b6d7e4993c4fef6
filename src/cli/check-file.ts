import { readFileSync } from "node:fs";
import path from "node:path";
import { checkQuestion } from "@/core/checking/check-question";
import { checkWholeSet } from "@/core/checking/check-whole-set";
import type { Finding, Verdict } from "@/core/checking/define-rule";
import type { SetFinding } from "@/core/checking/define-set-rule";
import { readQuestions } from "@/core/questions/read-questions";
import { readingBlocks } from "@/core/source/prepare/reading-blocks";
import type { Block } from "@/core/source/schema";
import { loadLanguageTools } from "@/server/language/load-language-tools";
import { UsageError } from "./import-source";

export type CheckedFile = { questions: { id: string; verdict: Verdict; findings: Finding[] }[]; set: SetFinding[] };

/** The findings for questions in a file, each by itself and all together. */
export function checkFile(file: string, imported: readonly Block[], grade: number): CheckedFile {
  const blocks = readingBlocks(imported, null);
  const { lexicon } = loadLanguageTools(path.resolve(import.meta.dirname, "../.."));
  const read = readQuestions(readJson(file), blocks);
  if (!read.ok) {
    const { problem } = read;
    throw new UsageError(
      problem.type === "no-questions"
        ? `${file} holds no questions: an array of them, or {"questions": […]}, in the shape of docs/json.md.`
        : `Question ${problem.number} in ${file} was not understood (${problem.why}).`,
    );
  }
  const questions = read.value;
  return {
    questions: questions.map((question) => ({ id: question.id, ...checkQuestion(question, { blocks, others: questions, grade, lexicon }) })),
    set: checkWholeSet(questions, lexicon),
  };
}

function readJson(file: string): unknown {
  try {
    return JSON.parse(readFileSync(file, "utf8"));
  } catch (error) {
    throw new UsageError(`Cannot read ${file}: ${(error as NodeJS.ErrnoException).code === "ENOENT" ? "there is no such file" : "it is no JSON"}.`);
  }
}

export function checkedAsText({ questions, set }: CheckedFile): string {
  const lines = questions.flatMap(({ id, verdict, findings }) => [
    `${id}: ${verdict}`,
    ...findings.map((finding) => `   ${finding.verdict}: ${finding.reason} (${finding.rule})${finding.mend ? ` Mend: ${finding.mend.label}` : ""}`),
  ]);
  return `${[...lines, ...set.map(({ ids, reason }) => `${ids.join(", ")}: ${reason}`)].join("\n")}\n`;
}
