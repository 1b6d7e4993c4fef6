import { seedFrom } from "../lib/random";
import type { Question } from "../questions/question";
import { type CheckContext, type Finding, runRule, type Verdict } from "./define-rule";
import { type Carried, howCarried } from "./how-carried";
import { RULES } from "./rules";

export type Checked = {
  verdict: Verdict;
  findings: Finding[];
  /** Words of the key that the evidence says in another way; absent where there are none. */
  carried?: Carried[];
};

/** The verdict on one question with every reason for it. */
export function checkQuestion(question: Question, context: CheckContext): Checked {
  const findings = RULES.flatMap((rule) => runRule(rule, question, context));
  const carried = howCarried(question, context.lexicon);
  return { verdict: verdictOf(findings), findings, ...(carried.length > 0 ? { carried } : {}) };
}

/** Is there nothing of what would stop it? Ends at the first finding that does. */
export function passesRules(question: Question, context: CheckContext, stops: (finding: Finding) => boolean): boolean {
  return !RULES.some((rule) => runRule(rule, question, context).some(stops));
}

/** What a teacher makes of a rule's findings: nothing, a doubt, or a fault; rules not named weigh as their files say. */
export type RuleWeights = Record<string, RuleWeight>;
export type RuleWeight = "off" | Finding["verdict"];

/** The findings as this teacher weighs them. */
export function weighFindings(findings: readonly Finding[], weights: RuleWeights): Finding[] {
  return findings.flatMap((finding) => {
    const weight = weights[finding.rule] ?? finding.verdict;
    return weight === "off" ? [] : [{ ...finding, verdict: weight }];
  });
}

export function weighChecked(checked: Checked, weights: RuleWeights): Checked {
  const findings = weighFindings(checked.findings, weights);
  return { ...checked, verdict: verdictOf(findings), findings };
}

/** A question's own findings with what the whole set says beside it. */
export function withTogether(checked: Checked | undefined, together: readonly Finding[] = []): Checked {
  const findings = [...(checked?.findings ?? []), ...together];
  return { ...checked, verdict: verdictOf(findings), findings };
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
