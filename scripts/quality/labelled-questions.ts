import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import type { Question } from "@/core/questions/question";
import { readQuestions } from "@/core/questions/read-questions";
import type { Block } from "@/core/source/schema";

export type Labelled = { passage: string; line: number /** "-" where it is sound. */; fault: string; question: Question; others: Question[] };

/** The lines of one file of quality/checks as questions tied to their passage. */
export function readLabelled(file: string, blocks: readonly Block[]): Labelled[] {
  const passage = path.basename(file, ".txt");
  return readFileSync(file, "utf8")
    .split("\n")
    .filter((line) => line.trim() !== "")
    .map((line, index) => {
      const [fault, kind, stem, answer, evidence, beside] = line.split(" | ").map((part) => part.trim()) as [string, string, string, string, string, string?];
      const quotes = evidence.split(" // ");
      const written = { id: `q${index + 1}`, stem, evidence: quotes, ...SHAPES[kind]!(answer) };
      const other = beside && {
        id: "other",
        stem: beside.replace(/^sa: | = .*$/g, ""),
        evidence: quotes,
        ...(beside.startsWith("sa: ") ? SHAPES.sa!(beside.split(" = ")[1] ?? "") : SHAPES.tf!("true")),
      };
      const read = readQuestions([written, ...(other ? [other] : [])], blocks);
      if (!read.ok) throw new Error(`${passage}, line ${index + 1}: ${JSON.stringify(read.problem)}`);
      const [question, ...others] = read.value;
      return { passage, line: index + 1, fault, question: question!, others };
    });
}

/** The answer part of a line, by kind. */
const SHAPES: Record<string, (answer: string) => Record<string, unknown>> = {
  mc: (answer) => choice("multiple-choice", answer),
  select: (answer) => choice("select-all", answer),
  sa: (answer) => written("short-answer", answer),
  gap: (answer) => written("gap-fill", answer),
  tf: (answer) => ({ kind: "true-false", key: answer === "true" }),
  num: (answer) => ({ kind: "number", key: { value: Number(answer.split(" ")[0]), tolerance: 0, unit: answer.split(" ").slice(1).join(" ") } }),
  order: (answer) => {
    const items = answer.split(" > ").map((text, index) => ({ id: `i${index + 1}`, text }));
    return { kind: "order", items: [...items].reverse(), key: items.map(({ id }) => id) };
  },
  match: (answer) => {
    const pairs = answer.split(" ; ").map((pair) => pair.split(" = ") as [string, string]);
    return {
      kind: "match",
      left: pairs.map(([text], index) => ({ id: `l${index + 1}`, text })),
      right: pairs.map(([, text], index) => ({ id: `r${index + 1}`, text })).reverse(),
      key: pairs.map((_, index) => [`l${index + 1}`, `r${index + 1}`]),
    };
  },
};

function choice(kind: string, answer: string): Record<string, unknown> {
  const texts = answer.split(" ; ");
  const options = texts.map((text, index) => ({ id: `o${index + 1}`, text: text.replace(/^\*/, "") }));
  const keys = options.filter((_, index) => texts[index]!.startsWith("*")).map(({ id }) => id);
  return { kind, options, key: kind === "select-all" ? keys : keys[0] };
}

function written(kind: string, answer: string): Record<string, unknown> {
  const [key, ...accepted] = answer.split(" / ");
  return { kind, key, accepted };
}

export function labelledFiles(root: string): string[] {
  const folder = path.join(root, "quality/checks");
  return readdirSync(folder)
    .filter((name) => name.endsWith(".txt"))
    .map((name) => path.join(folder, name));
}
