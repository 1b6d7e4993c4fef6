import { seedFrom } from "../lib/random";
import type { Question } from "../questions/question";
import { type CheckContext, type Finding, runRule, type Verdict } from "./define-rule";
import { RULES } from "./rules";

export type Checked = { verdict: Verdict; findings: Finding[] };

/** The verdict on one question with every reason for it. */
export function checkQuestion(question: Question, context: CheckContext): Checked {
  const findings = RULES.flatMap((rule) => runRule(rule, question, context));
  return { verdict: verdictOf(findings), findings };
}

/** What is left when some rules are switched off. */
export function withoutRules({ findings }: Checked, off: ReadonlySet<string>): Checked {
  const left = findings.filter((finding) => !off.has(finding.rule));
  return { verdict: verdictOf(left), findings: left };
}

export function verdictOf(findings: readonly Finding[]): Verdict {
  if (findings.some((finding) => finding.verdict === "wrong")) return "wrong";
  return findings.length > 0 ? "look" : "sound";
}

/** What a doubt was answered for: when these words change, it is asked again. */
export function doubtKey(question: Question): string {
  const { id: _, points: __, ...words } = question;
  return seedFrom(JSON.stringify(words)).toString(36);
}

/** Findings less those the teacher has answered for just these words. */
export function openFindings(findings: readonly Finding[], answered: Record<string, string>, question: Question): Finding[] {
  const key = doubtKey(question);
  return findings.filter((finding) => answered[finding.rule] !== key);
}
