import type { Lexicon } from "../language/lexicon";
import type { Edit } from "../questions/edit";
import type { Question, QuestionKind } from "../questions/question";
import type { Block } from "../source/schema";

export type Verdict = "sound" | "look" | "wrong";

/** Where in the question the doubt is. */
export type Place = { part: "stem" } | { part: "option"; optionId: string } | { part: "key" } | { part: "evidence" } | { part: "points" };

/** What would do. A mend never changes what is asked or which answer is right; that is the teacher's. */
export type Mend = { label: string; edits: Edit[] };

export type Finding = {
  rule: string;
  verdict: Exclude<Verdict, "sound">;
  reason: string;
  place: Place;
  mend?: Mend;
  /** Ids of the other questions that it is about. */
  see?: string[];
};

export type CheckContext = {
  blocks: readonly Block[];
  /** The other questions of the set that are not set aside. */
  others: readonly Question[];
  /** Target grade, 1 to 12. */
  grade: number;
  lexicon: Lexicon;
};

export type Report = (message: string, values?: Record<string, string | number>, place?: Place, mend?: Mend) => void;

export type Rule = {
  /** A phrase that is true when all is well; the file's name too. */
  id: string;
  /** What a finding of the rule means. */
  verdict: Finding["verdict"];
  /** What the rule rests on. */
  source: string;
  /** One sentence for a teacher: what is looked at. */
  about: string;
  appliesTo: readonly QuestionKind[] | "all";
  /** How it looks well done and badly done, for the page that explains the rules. */
  example: { good: string; bad: string };
  /** By id, with {placeholders}. */
  messages: Record<string, string>;
  check(question: Question, context: CheckContext, report: Report): void;
};

export function defineRule(rule: Rule): Rule {
  return rule;
}

/** All findings of one rule for one question. */
export function runRule(rule: Rule, question: Question, context: CheckContext): Finding[] {
  if (rule.appliesTo !== "all" && !rule.appliesTo.includes(question.kind)) return [];
  const findings: Finding[] = [];
  rule.check(question, context, (message, values = {}, place = { part: "stem" }, mend) => {
    const text = rule.messages[message];
    if (!text) throw new Error(`Rule ${rule.id} has no message ${message}`);
    const reason = text.replace(/\{(\w+)\}/g, (_, name: string) => String(values[name] ?? ""));
    findings.push({ rule: rule.id, verdict: rule.verdict, reason, place, ...(mend ? { mend } : {}) });
  });
  return findings;
}
