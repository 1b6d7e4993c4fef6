import type { Analysis } from "../../language/analysis";
import { pronounOf } from "../../language/subject-pronoun";
import type { Phrasing } from "./ask-clause";

/** "because *Mrs Finch* was relieved" in an answer about Mrs Finch: *she*. Nothing where the pronoun is not sure. */
function pronounOfSubject({ subject, binder, clause }: Phrasing, { persons }: Analysis): string | undefined {
  // "so *he* knew how to listen", of an apprentice whom the source calls so
  const own = pronounOf(clause.subject);
  if (own && binder.human) return own;
  if (clause.imperative || /^(?:you|there|it|I)$/.test(subject)) return undefined;
  const gender = binder.gender ?? persons.get(subject)?.gender;
  if (gender === "he" || gender === "she") return gender;
  // "the Aztecs"
  if (binder.num === "pl" || (binder.num === "any" && /^the \p{Lu}\p{L}*s$/u.test(subject))) return "they";
  return binder.num === "sg" && !binder.human ? "it" : undefined;
}

/** "because a tree cannot make sugar" → "because it cannot make sugar", where the question has named the tree. */
export function withPronoun(answer: string, asked: Phrasing, analysis: Analysis): string {
  const pronoun = pronounOfSubject(asked, analysis);
  const opening = `because ${asked.subject} `;
  // "because *people who sleep in bright rooms* make less": not all of them.
  const isPart = /^(?:who|that|which|whose|of|with|in|from)\b/.test(answer.slice(opening.length));
  return pronoun && !isPart && answer.toLowerCase().startsWith(opening.toLowerCase()) ? `because ${pronoun} ${answer.slice(opening.length)}` : answer;
}
