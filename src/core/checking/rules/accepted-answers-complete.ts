import { numberForms, numberValue } from "../../drafting/phrasing/number-forms";
import { defineRule } from "../define-rule";

/** A student who writes 40 for forty has understood. */
export const acceptedAnswersComplete = defineRule({
  id: "accepted-answers-complete",
  verdict: "look",
  source: "Written answers are marked by what they mean: digits and words, with or without article or hyphen.",
  about: "Other right ways of writing the key are accepted: digits or words, with or without its article.",
  appliesTo: ["gap-fill", "short-answer"],
  example: { good: "Key: forty. Accepted: 40", bad: "Key: forty. Nothing else is accepted." },
  messages: { missing: "“{form}” would be right too. Accept it?" },
  check(question, _, report) {
    if (
      (question.kind !== "gap-fill" && question.kind !== "short-answer") ||
      (question.kind === "gap-fill" && (question.bank || question.choices || question.more?.length))
    )
      return;
    // "The worm will suffocate" is no noun with its article.
    if (/\bwhat (?:\w+ )?happen/i.test(question.stem)) return;
    const key = question.key.trim();
    const taken = new Set([key, ...question.accepted].map(plain));
    const missing = formsOf(key).filter((form) => !taken.has(plain(form)));
    if (missing.length === 0) return;
    const to = [...question.accepted, ...missing];
    report(
      "missing",
      { form: missing[0]! },
      { part: "key" },
      { label: "Accept it", edits: [{ type: "set-accepted", questionId: question.id, from: question.accepted, to }] },
    );
  },
});

/** Forms that only differ in writing. Years are not written out. */
function formsOf(key: string): string[] {
  if (key.split(" ").length > 3) return [];
  const value = numberValue(key);
  if (value !== undefined) return /^1\d{3}$|^20\d\d$/.test(key) ? [] : numberForms(key).filter((form) => value < 1000 || /^\d+$/.test(form));
  const bare = key.replace(/^(?:an?|the) /i, "");
  return bare !== key && !/ of /.test(key) ? [bare] : [];
}

function plain(text: string): string {
  return text
    .toLowerCase()
    .replace(/[^\p{L}\d]+/gu, " ")
    .trim();
}
