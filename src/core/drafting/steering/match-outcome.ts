import type { Analysis } from "../../language/analysis";
import { analyseVerb, singularOf } from "../../language/inflect";
import type { Lexicon } from "../../language/lexicon";
import type { Candidate } from "../candidate";

/** Words of outcomes that name the task, not the matter. */
const TASK_WORDS = new Set(
  "student pupil learner able will can could should explain describe tell name list identify define understand know recall state show give say compare contrast summarise summarize discuss analyse analyze evaluate why how what when where who which that they this these there their from with about into does are was were has have the and for its between because make made main idea important essential question".split(
    " ",
  ),
);

/** What an outcome's own verb asks for, and the facts that answer it. */
const ASKED: [RegExp, readonly Candidate["factType"][]][] = [
  [/\bwhy\b|\breasons?\b|\bcauses?\b/i, ["cause", "purpose", "condition"]],
  [/\bhow\b|\bprocess\b|\bsteps?\b/i, ["manner", "condition", "cause", "purpose", "statement"]],
  [/\b(?:define|definition|terms?|what .* (?:is|are|means?))\b/i, ["definition", "naming"]],
  [/\bwho\b/i, ["person"]],
  [/\bwhen\b|\bdates?\b/i, ["time"]],
];

export type OutcomeMatch = { outcome: string; score: number; reason: string };

/** The outcome that a candidate serves best, with the words that say so; none where they share too little. */
export function matchOutcome(candidate: Candidate, outcomes: readonly string[], analysis: Analysis): OutcomeMatch | undefined {
  const words = wordsOfCandidate(candidate, analysis.lexicon);
  let best: OutcomeMatch | undefined;
  for (const outcome of outcomes) {
    const wanted = [...contentLemmas(outcome, analysis.lexicon)].filter((word) => !TASK_WORDS.has(word));
    if (wanted.length === 0) continue;
    const shared = wanted.flatMap((word) => {
      const found = words.has(word) ? word : synonymIn(word, words, analysis.lexicon);
      return found ? [found === word ? `“${word}”` : `“${found}” for “${word}”`] : [];
    });
    const asked = ASKED.find(([sign]) => sign.test(outcome))?.[1];
    const score = shared.length / wanted.length + (asked?.includes(candidate.factType) ? 0.2 : 0);
    if (shared.length / wanted.length >= 0.5 && (!best || score > best.score)) best = { outcome, score, reason: `shares ${shared.join(", ")}` };
  }
  return best;
}

function wordsOfCandidate(candidate: Candidate, lexicon: Lexicon): ReadonlySet<string> {
  const evidence = candidate.evidence.slice(0, 4).map((sentence) => sentence.text);
  return contentLemmas([candidate.stem, candidate.key, ...evidence].join(" "), lexicon);
}

/** Base forms of all words of three letters or more, every reading of each. */
export function contentLemmas(text: string, lexicon: Lexicon): Set<string> {
  const found = new Set<string>();
  for (const word of text.toLowerCase().match(/[a-z]{3,}/g) ?? []) {
    const singular = singularOf(word, (lemma) => (lexicon.findWord(lemma)?.noun ?? 0) > 0);
    const verbs = analyseVerb(word, (base) => (lexicon.findWord(base)?.verb ?? 0) > 0).map(({ lemma }) => lemma);
    const bases = [singular, ...verbs].filter((base) => base !== undefined);
    if (bases.length === 0 || lexicon.findWord(word)) found.add(word);
    for (const base of bases) found.add(base);
  }
  return found;
}

function synonymIn(word: string, words: ReadonlySet<string>, lexicon: Lexicon): string | undefined {
  const near = (["n", "v", "a"] as const).flatMap((pos) => lexicon.findSynonyms(word, pos));
  const senses = lexicon.findWord(word)?.senses.slice(0, 1) ?? [];
  return (
    near.find((other) => words.has(other)) ??
    [...words].find(
      (other) =>
        other.length > 3 &&
        lexicon
          .findWord(other)
          ?.senses.slice(0, 1)
          .some((sense) => senses.includes(sense)),
    )
  );
}
