import type { Lexicon } from "../../language/lexicon";
import { baseSet, contentWords } from "../content-words";
import { defineRule } from "../define-rule";

/** What the source says with a *not*, an *only* or a *may* is another claim without it. */
export const claimKeepsItsLimits = defineRule({
  id: "claim-keeps-its-limits",
  verdict: "look",
  source: "Every key is proved by the source's own words, with what limits them.",
  about: "A “not”, “only”, “may”, “some” or “until” of the evidence is not dropped.",
  appliesTo: ["true-false", "multiple-choice", "short-answer"],
  example: { good: "Some keepers slept by day.", bad: "Keepers slept by day. (The source says: some keepers.)" },
  messages: { dropped: "The evidence says “{word}” here: “{clause}” The question leaves it out." },
  check(question, { lexicon }, report) {
    if (question.kind === "true-false" && !question.key) return;
    const key =
      question.kind === "multiple-choice"
        ? (question.options.find((option) => option.id === question.key)?.text ?? "")
        : question.kind === "short-answer"
          ? question.key
          : "";
    const said = `${question.stem} ${key}`;
    const words = baseSet(said, lexicon);
    if (words.size < 3) return;
    const clause = nearest(
      question.evidence.map(({ quote }) => quote),
      words,
      (text) => baseSet(text, lexicon),
    );
    // Of a question only a plain denial is looked for: what it asks about may be only a part of the clause.
    const limits = question.kind === "true-false" ? LIMITS : DENIALS;
    const limit = clause && limits.find(({ pattern }) => !pattern.test(said) && limitsWhatIsSaid(clause, pattern, words, lexicon));
    if (clause && limit) report("dropped", { word: limit.pattern.exec(clause)![0].toLowerCase(), clause: shorten(clause) });
  },
});

type Limit = { pattern: RegExp };

/** A denial may come back in another form: "not", "never", "no". */
const DENIALS: readonly Limit[] = [
  { pattern: /\b(?:not|never|no longer|cannot|nobody|none|neither|hardly|no)\b|n['’]t\b/i },
  { pattern: /(?<!\b(?:is|are|was|were|be|been|being|often|already|also|then|still) )\bused to\b/i },
];
const LIMITS: readonly Limit[] = [
  ...DENIALS,
  { pattern: /\bonly\b/i },
  { pattern: /\b(?:may|might|could|perhaps|probably|possibly)\b/i },
  { pattern: /\b(?:some|few|many|most|several|a few|half of)\b/i },
  { pattern: /\b(?:sometimes|often|usually|rarely|seldom|mostly|mainly|generally)\b/i },
  { pattern: /\b(?:almost|nearly|about|roughly|at least|at most|more than|less than|up to|fewer than)\b/i },
  { pattern: /\b(?:until|unless)\b/i },
];

const ABOUT_HOW_MUCH =
  /^ (?:\d|an? |half|the same|(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\w+teen|\w+ty|\w+-\w+|several|once|twice)\b)/i;

/** "took *about* a month" limits the month: a question without the month drops nothing. */
function limitsWhatIsSaid(clause: string, pattern: RegExp, words: ReadonlySet<string>, lexicon: Lexicon): boolean {
  return [...clause.matchAll(new RegExp(pattern, "gi"))].some((found) => {
    const rest = clause.slice(found.index + found[0].length);
    // "Cannot slosh about": nothing stands behind it that it could limit.
    if (/^about$/i.test(found[0]) && !ABOUT_HOW_MUCH.test(rest)) return false;
    const [next] = contentWords(rest, lexicon);
    return next === undefined || words.has(next.base);
  });
}

/** The clause of the evidence that says most of the question's words; none where none says half of them. */
function nearest(quotes: readonly string[], words: ReadonlySet<string>, basesOf: (text: string) => ReadonlySet<string>): string | undefined {
  const clauses = quotes
    .flatMap((quote) =>
      quote.split(
        /(?<=[.!?;:])\s+|,?\s+(?:but|because|although|while|whereas|so that|so (?=they|it|he|she|the|we|you)|when|if|since)\s*|,\s+(?:and|so|or|which|who)\s+/i,
      ),
    )
    .filter(Boolean);
  let best: { clause: string; shared: number } | undefined;
  for (const clause of clauses) {
    const bases = basesOf(clause);
    const shared = [...bases].filter((base) => words.has(base)).length;
    if (bases.size > 0 && shared / bases.size >= 0.5 && shared >= 2 && (!best || shared > best.shared)) best = { clause, shared };
  }
  return best?.clause;
}

function shorten(text: string): string {
  return text.length > 90 ? `${text.slice(0, 87).trimEnd()} …` : text;
}
