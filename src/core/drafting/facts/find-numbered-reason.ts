import type { Analysis, Sentence } from "../../language/analysis";
import { sentenceCase } from "../../language/node-text";
import { phraseClause } from "../phrasing/ask-clause";
import { type Fact, factId } from "./fact";
import { bareForms } from "./find-participant";

/** "*First*, … *Second*, … *Finally*, …": how a writer counts reasons. */
const ORDER: [RegExp, string][] = [
  [/^(?:first(?:ly)?|first of all|to begin with),\s*/i, "first"],
  [/^second(?:ly)?,\s*/i, "second"],
  [/^third(?:ly)?,\s*/i, "third"],
  [/^(?:finally|last(?:ly)?|last of all),\s*/i, "last"],
];
/** "The first reason is the trash", "Money is another reason" */
const NAMED =
  /^(?:(?:The|My|Our|One|Another|A) ?(first|second|third|main|last|final|biggest|most important|other)? ?reason is (?:that )?(.+)|(.+) is (another|a second|the second|the last) reason)[.!]$/i;
const PLACES: Record<string, string> = {
  first: "first",
  second: "second",
  "a second": "second",
  "the second": "second",
  third: "third",
  main: "main",
  last: "last",
  final: "last",
  "the last": "last",
};
const SHORTEST = 1;
const LONGEST = 24;

/** "a law with *three demands*": what the writer goes on to number. */
const ANNOUNCED = /\b(?:two|three|four|five|several) (?:\p{Ll}+ )?(\p{Ll}{3,}s)\b/u;
const REASONS = new Set(["reasons", "arguments", "grounds"]);

/** Whether the sentence before the first of them calls them reasons, or calls them nothing. */
function areReasons(sentence: Sentence, analysis: Analysis): boolean {
  const first = analysis.sentences.find((other) => placeOf(other)?.place === "first" && other.index <= sentence.index);
  const before = first && analysis.sentences[first.index - 1];
  const announced = before && before.block === first.block ? ANNOUNCED.exec(before.text)?.[1] : undefined;
  return announced === undefined || REASONS.has(announced);
}

/** The reasons that a writer numbers: what is the first, the second, the last? */
export function findNumberedReason(sentence: Sentence, analysis: Analysis): Fact[] {
  const [clause] = sentence.clauses;
  if (analysis.sort !== "opinion" || !clause || sentence.speaker) return [];
  const found = placeOf(sentence);
  if (!found) return [];
  const numbered = analysis.sentences.filter((other) => placeOf(other));
  const twice = numbered.filter((other) => placeOf(other)!.place === found.place).length > 1;
  // "First, spare parts must be sold" may be a demand, a step or a fact: only what is called a reason is one.
  if (!areReasons(sentence, analysis)) return [];
  const words = found.reason.split(" ").length;
  if (
    numbered.length < 2 ||
    twice ||
    found.place === "another" ||
    words < SHORTEST ||
    words > LONGEST ||
    /\b(?:this|that|these|those|they|it)\b/i.test(found.reason.split(" ").slice(0, 3).join(" ")) ||
    // "our bodies need it": what, and whose?
    /^(?:the )?\p{L}+ \p{L}+ (?:it|them)$/iu.test(inTheirWords(found.reason))
  )
    return [];
  const phrased = phraseClause(clause, analysis);
  const phrasing =
    typeof phrased === "string" ? { clause, subject: "the writer", binder: { num: "sg", human: true }, inverted: "does", verbPhrase: "", finite: "" } : phrased;
  return [
    {
      type: "reason",
      id: factId("reason", sentence, 0),
      sentence,
      clause,
      phrasing,
      stem: `What is the ${found.place} reason that the writer gives?`,
      answer: inTheirWords(found.reason),
      accepted: found.reason.split(" ").length <= 3 ? bareForms(inTheirWords(found.reason)) : [],
      depth: "understanding",
      worth: 3.4,
      pattern: "which-reason",
    },
  ];
}

/** The reasons of the same writer, for wrong options. */
export function numberedReasons(analysis: Analysis): string[] {
  return analysis.sentences.flatMap((sentence) => {
    const found = placeOf(sentence);
    return found ? [inTheirWords(found.reason)] : [];
  });
}

/** Which of what is counted a sentence tells, and what it says of it. */
export function placeOf(sentence: Sentence): { place: string; reason: string } | undefined {
  if (sentence.block.kind === "heading" || !sentence.tree) return undefined;
  const named = NAMED.exec(sentence.text);
  if (named)
    return { place: PLACES[(named[1] ?? named[4] ?? "another").toLowerCase()] ?? "another", reason: sentenceCase((named[2] ?? named[3] ?? "").trim()) };
  for (const [pattern, place] of ORDER) {
    if (pattern.test(sentence.text)) return { place, reason: sentenceCase(sentence.text.replace(pattern, "").replace(/[.!]$/, "")) };
  }
  return undefined;
}

/** What the writer shares with the readers is told as everybody's. */
function inTheirWords(reason: string): string {
  return reason.replace(/\b[Oo]ur\b/g, (word) => (word === "Our" ? "The" : "the"));
}
