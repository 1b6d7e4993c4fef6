/**
 * What the check finds in labelled questions: `npm run quality:check`. For each class of planted fault how
 * many were found, by the rule that is for it or by another; for each rule its true and false alarms; and
 * the false alarms on sound questions. Files listed as apart are not looked at while rules are written.
 */
import path from "node:path";
import { importSource } from "../src/cli/import-source";
import { checkQuestion } from "../src/core/checking/check-question";
import { checkWholeSet } from "../src/core/checking/check-whole-set";
import type { Finding } from "../src/core/checking/define-rule";
import { readingBlocks } from "../src/core/source/prepare/reading-blocks";
import { loadLanguageTools } from "../src/server/language/load-language-tools";
import { type Labelled, labelledFiles, readLabelled } from "./quality/labelled-questions";
import { openPassageFile } from "./quality/open-passages";

const root = path.resolve(import.meta.dirname, "..");
const GRADE = 6;
/** Kept apart while the rules were written. */
const APART = new Set(["sound-in-fog", "the-ropewalk", "winter-on-the-rock"]);

/** The rules that are there for each class of fault. */
const EXPECTED: Record<string, readonly string[]> = {
  "wrong-key": ["key-in-evidence", "every-part-proved", "order-follows-the-source", "answer-fits-the-question", "one-right-option", "wrong-options-are-wrong"],
  "wrong-order": ["order-follows-the-source"],
  "second-right": ["one-right-option", "wrong-options-are-wrong"],
  "unsupported-number": ["names-and-numbers-in-source"],
  "dropped-limit": ["claim-keeps-its-limits", "key-in-evidence"],
  "cue-in-stem": ["stem-hides-key"],
  "cue-from-another": ["no-cue-from-others"],
  "asked-twice": ["asked-once"],
  "grammar-clue": ["article-fits-every-option", "stem-hides-key"],
  "length-clue": ["options-alike-in-length"],
  overlap: ["options-do-not-overlap"],
  "lost-evidence": ["evidence-word-for-word"],
  "off-grade-words": ["question-within-grade"],
  "options-jumbled": ["options-in-order"],
  misspelt: ["words-are-spelt"],
  "unclear-pronoun": ["pronouns-have-nouns"],
  "all-of-above": ["no-all-or-none"],
  "small-not": ["negatives-stand-out"],
  "absolute-word": ["no-absolute-words"],
  "no-end-mark": ["sentences-are-whole"],
  "answer-missing": ["accepted-answers-complete"],
  "empty-stem": ["idea-in-the-stem"],
  "gap-first": ["gap-well-placed"],
  "common-words": ["options-without-common-words"],
};

type Judged = Labelled & { findings: (Pick<Finding, "rule" | "reason"> & { verdict: string })[] };

const tools = loadLanguageTools(root);
const judged: Judged[] = [];
for (const file of labelledFiles(root)) {
  const { blocks: all } = await importSource(openPassageFile(root, path.basename(file, ".txt")), false);
  const blocks = readingBlocks(all, null);
  for (const labelled of readLabelled(file, blocks)) {
    const { question, others } = labelled;
    const { findings } = checkQuestion(question, { blocks, others, grade: GRADE, lexicon: tools.lexicon });
    const whole = others.length > 0 ? checkWholeSet([question, ...others], tools.lexicon).map(({ rule, reason }) => ({ rule, reason, verdict: "look" })) : [];
    judged.push({ ...labelled, findings: [...findings, ...whole] });
  }
}

for (const [name, part] of [
  ["Looked at while the rules were written", judged.filter(({ passage }) => !APART.has(passage))],
  ["Kept apart", judged.filter(({ passage }) => APART.has(passage))],
] as const) {
  process.stdout.write(`## ${name}\n\n`);
  reportFaults(part);
  reportRules(part);
}
if (process.argv.includes("--list")) for (const one of judged) list(one);
process.exit(0);

function table(rows: (string | number)[][]): void {
  process.stdout.write(`${rows.map((row) => `| ${row.join(" | ")} |`).join("\n")}\n\n`);
}

function percent(part: number, all: number): string {
  return all === 0 ? "–" : `${((100 * part) / all).toFixed(0)} %`;
}

function isFound({ fault, findings }: Judged): boolean {
  return findings.some(({ rule }) => EXPECTED[fault]?.includes(rule));
}

function reportFaults(part: readonly Judged[]): void {
  const faulty = part.filter(({ fault }) => fault !== "-");
  const classes = [...new Set(faulty.map(({ fault }) => fault))];
  const row = (name: string, own: readonly Judged[]) => {
    const found = own.filter(isFound).length;
    const others = own.filter((one) => !isFound(one) && one.findings.length > 0).length;
    return [name, own.length, found, percent(found, own.length), others, own.length - found - others];
  };
  const keys = faulty.filter(({ fault }) => fault === "wrong-key" || fault === "second-right");
  table([
    ["planted fault", "questions", "found", "share", "only by another rule", "missed"],
    ["---", "---", "---", "---", "---", "---"],
    ...classes.map((name) =>
      row(
        name,
        faulty.filter(({ fault }) => fault === name),
      ),
    ),
    row("**wrong keys and second right options**", keys),
    row(
      "**all others**",
      faulty.filter((one) => !keys.includes(one)),
    ),
  ]);
  const sound = part.filter(({ fault }) => fault === "-");
  const wrong = sound.filter(({ findings }) => findings.some(({ verdict }) => verdict === "wrong")).length;
  const look = sound.filter(({ findings }) => findings.length > 0).length;
  process.stdout.write(`Sound questions: ${sound.length}; called wrong ${percent(wrong, sound.length)}, look or wrong ${percent(look, sound.length)}.\n\n`);
}

/** A rule's alarm is true on a fault that it is there for, false on a sound question, and beside the point on other faults. */
function reportRules(part: readonly Judged[]): void {
  const rules = [...new Set(part.flatMap(({ findings }) => findings.map(({ rule }) => rule)))].sort();
  const count = (rule: string, test: (one: Judged) => boolean) =>
    part.filter((one) => test(one) && one.findings.some((finding) => finding.rule === rule)).length;
  table([
    ["rule", "on its own faults", "on other faults", "false alarms on sound questions"],
    ["---", "---", "---", "---"],
    ...rules.map((rule) => [
      rule,
      count(rule, ({ fault }) => EXPECTED[fault]?.includes(rule) ?? false),
      count(rule, ({ fault }) => fault !== "-" && !EXPECTED[fault]?.includes(rule)),
      count(rule, ({ fault }) => fault === "-"),
    ]),
  ]);
}

/** Missed faults and false alarms, one a line. */
function list(one: Judged): void {
  const isMissed = one.fault !== "-" && !isFound(one);
  const isFalse = one.fault === "-" && one.findings.length > 0;
  if ((isMissed || isFalse) && !APART.has(one.passage))
    process.stdout.write(
      `${one.passage}:${one.line} ${one.fault} ${one.question.stem} → ${one.findings.map(({ rule, reason }) => `${rule}: ${reason}`).join(" · ") || "nothing"}\n`,
    );
}
