import type { Sentence } from "../../language/analysis";
import { unlike } from "../../lib/plain-wording";
import type { Candidate } from "../candidate";
import type { FactType } from "../facts/fact";
import { hasPronounSubject } from "../phrasing/opens-clearly";
import { near, type SourceStock } from "../source-stock";
import { draftMultipleChoice } from "./draft-multiple-choice";

const PROOFS = 4;
const LONGEST_PROOF = 32;
/** Answers that are worth proving: a name or number is found by looking for it. */
const WORTH_PROVING = new Set<FactType | "statement">(["cause", "purpose", "condition", "manner", "definition", "naming", "quantity"]);

/**
 * A choice, then the sentence that proves it. All four sentences are the source's own; three are on
 * the same topic and say nothing of the answer.
 */
export function draftTwoParts(stock: SourceStock, seed: number): Candidate[] {
  const alone = stock.analysis.sentences.filter((sentence) => sentence.tree && standsAlone(sentence)).map((sentence) => ({ sentence }));
  return draftMultipleChoice(stock, seed).flatMap((choice) => {
    const evidence = choice.evidence.at(-1);
    if (!WORTH_PROVING.has(choice.factType) || choice.distractors.length < 3 || !evidence || !standsAlone(evidence)) return [];
    const others = falseProofs(choice, evidence, alone, stock);
    if (others.length < PROOFS - 1) return [];
    return [
      {
        ...choice,
        kind: "two-part" as const,
        pattern: `proved-${choice.pattern}`,
        depth: choice.depth === "recall" ? ("understanding" as const) : ("reasoning" as const),
        worth: choice.worth - 0.1,
        parts: { sort: "two-part" as const, proofs: [evidence, ...others] },
      },
    ];
  });
}

function falseProofs(choice: Candidate, evidence: Sentence, alone: readonly { sentence: Sentence }[], { contentBySentence }: SourceStock): Sentence[] {
  const about = contentBySentence.get(evidence)!;
  const answer = wordsOf(choice.key);
  return unlike(
    near(alone, evidence).map(({ sentence }) => sentence),
    ({ text }) => text,
    [evidence.text],
  )
    .map((sentence) => ({ sentence, shared: shared(contentBySentence.get(sentence)!, about), hits: hitsOf(sentence, answer) }))
    .filter(({ sentence, shared: common, hits }) => common > 0 && hits === 0 && common < (contentBySentence.get(sentence)?.size ?? 0) * 0.6)
    .sort((a, b) => b.shared - a.shared || Math.abs(a.sentence.index - evidence.index) - Math.abs(b.sentence.index - evidence.index))
    .slice(0, PROOFS - 1)
    .map(({ sentence }) => sentence);
}

/** "In this way …", "But …", "That is why …". */
const POINTS_BACK = /^(?:but|and|so|then)\b|^(?:\w+ ){0,2}(?:this|these|that|those|such|there)\b/i;

/** Read by itself it makes sense, and it is short enough to be one of four. */
function standsAlone(sentence: Sentence): boolean {
  const length = sentence.text.split(" ").length;
  const isClear = sentence.clauses.length > 0 && !hasPronounSubject(sentence) && !POINTS_BACK.test(sentence.text);
  return isClear && sentence.block.kind !== "heading" && length >= 5 && length <= LONGEST_PROOF;
}

function wordsOf(text: string): string[] {
  return text.toLowerCase().match(/[\p{L}\d]{4,}/gu) ?? [];
}

function hitsOf(sentence: Sentence, answer: readonly string[]): number {
  const text = sentence.text.toLowerCase();
  return answer.filter((word) => text.includes(word.replace(/(?:ies|es|s|ed|ing)$/, ""))).length;
}

function shared(a: ReadonlySet<string>, b: ReadonlySet<string>): number {
  return [...a].filter((word) => b.has(word)).length;
}
