import { GAP, type QuestionKind } from "../../questions/question";
import type { Candidate } from "../candidate";

/** What a question of the teacher's own asks for: drafts of the same kind, fact and wording come first. */
export type ExamplePattern = { kind?: QuestionKind; facts: readonly Candidate["factType"][]; patterns: readonly RegExp[] };

type Sign = [RegExp, Omit<ExamplePattern, "kind"> & { kind?: QuestionKind }];

/** By the kind of task first, then by what is asked for; the first sign that fits counts. */
const TASKS: [RegExp, QuestionKind][] = [
  [/_{2,}|\.{4,}|\[ *\]/, "gap-fill"],
  [/^\s*(?:true or false|t ?\/ ?f)\b|\(true or false\)|\btrue or false\?/i, "true-false"],
  [/\b(?:select|choose|tick|mark|check) all\b|which of these .* are true/i, "select-all"],
  [/\bput\b.*\bin (?:the right |the correct )?order\b|\bnumber (?:the|these) (?:steps|events)\b/i, "order"],
  [/^\s*match\b/i, "match"],
  [/which (?:sentence|detail|line|quotation)s? .*(?:best )?(?:proves?|supports?|shows?)/i, "two-part"],
  [/\b(?:mean|meaning of)\b.*\b(?:in (?:this|the) (?:sentence|passage|text|paragraph)|as used)\b|meaning of the word/i, "word-in-context"],
  [/^\s*(?:write an? (?:essay|argument|story|letter|report)|do you agree)\b|\bparagraphs\b/i, "essay"],
  [/^\s*(?:explain|describe|summari[sz]e|compare|discuss|tell in your own words|in your own words)\b/i, "open-response"],
];
const OPTIONS = /(?:^|\n)\s*(?:[A-Da-d1-4][.)]|[-*•])\s+\S.*\n\s*(?:[A-Da-d1-4][.)]|[-*•])\s+\S/;

const ASKED: Sign[] = [
  [/\bhow many years\b.*\b(?:between|passed)\b/i, { facts: [], patterns: [/^years-between$/], kind: "number" }],
  [/\bhow (?:many|much|long|far|high|deep|tall|old|heavy)\b|\bwhat percentage\b/i, { facts: ["quantity"], patterns: [/how-many|number-/] }],
  [/\bhow often\b/i, { facts: ["frequency"], patterns: [] }],
  [/\b(?:in what year|when|what year|since when)\b/i, { facts: ["time"], patterns: [] }],
  [/\bwhat happens\b|\bwhat would happen\b|\bwhat (?:is|was) the (?:effect|result)\b/i, { facts: ["condition", "cause"], patterns: [/what-happens/] }],
  [/\bwhat (?:is|are|was) .* (?:for|used for)\?|\bpurpose\b/i, { facts: ["purpose"], patterns: [] }],
  [/\bwhy\b|\bwhat (?:is|was) the reason\b|\bcause[sd]?\b/i, { facts: ["cause", "purpose"], patterns: [] }],
  [/\bcalled\b|\bwhat do we call\b|\bname (?:for|of)\b/i, { facts: ["naming"], patterns: [] }],
  [/\bwhat (?:is|are) (?:an? |the )?[\w-]+(?: [\w-]+)?\?|\bdefine\b|\bmean\b/i, { facts: ["definition", "naming"], patterns: [] }],
  [/\bwho\b/i, { facts: ["person"], patterns: [] }],
  [/\bwhere\b/i, { facts: ["place"], patterns: [] }],
  [/\bhow\b/i, { facts: ["manner", "condition"], patterns: [] }],
  [/\bwhat\b/i, { facts: ["thing"], patterns: [] }],
];

export function recogniseExample(text: string): ExamplePattern {
  const task = TASKS.find(([sign]) => sign.test(text))?.[1] ?? (OPTIONS.test(text) ? "multiple-choice" : undefined);
  const asked = ASKED.find(([sign]) => sign.test(text.replace(new RegExp(GAP, "g"), "")))?.[1];
  const kind = task ?? asked?.kind ?? (/\?\s*$/.test(text.split("\n")[0] ?? "") ? "short-answer" : undefined);
  const isTask = kind === "essay" || kind === "order" || kind === "match" || kind === "open-response";
  return { ...(kind ? { kind } : {}), facts: isTask ? [] : (asked?.facts ?? []), patterns: isTask ? [] : (asked?.patterns ?? []) };
}

export function isLike(candidate: Candidate, example: ExamplePattern): boolean {
  if (example.facts.length === 0 && example.patterns.length === 0) return example.kind === candidate.kind;
  return example.facts.includes(candidate.factType) || example.patterns.some((pattern) => pattern.test(candidate.pattern));
}
