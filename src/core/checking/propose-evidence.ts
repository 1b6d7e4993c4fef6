import type { Lexicon } from "../language/lexicon";
import { kindOf } from "../questions/kinds";
import type { Question } from "../questions/question";
import { createSpan } from "../source/create-span";
import type { Block, Span } from "../source/schema";
import { contentWords } from "./content-words";
import { shareOf, sourceSentences } from "./source-sentences";

/** A sentence that says less of the question than this proves nothing. */
const LEAST = 0.5;
/** The key's words weigh more than the stem's: a proof holds the answer. */
const KEY_WEIGHT = 0.6;

export type Proposed = { span: Span; score: number };

/**
 * The sentences of the source that best prove a question's key, best first: by the share of the key's
 * and of the stem's content words that they hold. None where no sentence holds half of them.
 */
export function proposeEvidence(question: Question, blocks: readonly Block[], lexicon: Lexicon, most = 3): Proposed[] {
  const basesOf = (text: string) => [...new Set(contentWords(text, lexicon).map((word) => word.base))];
  const stem = basesOf(question.stem.replaceAll("____", " "));
  // A statement is its own key.
  const key = question.kind === "true-false" ? stem : basesOf(kindOf(question.kind).keyText(question));
  if (stem.length + key.length < 3) return [];
  return sourceSentences(blocks, lexicon)
    .map((sentence) => ({ sentence, score: KEY_WEIGHT * (key.length > 0 ? shareOf(key, sentence) : 0) + (1 - KEY_WEIGHT) * shareOf(stem, sentence) }))
    .filter(({ score }) => score >= LEAST)
    .sort((a, b) => b.score - a.score)
    .slice(0, most)
    .map(({ sentence, score }) => ({ span: createSpan(blocks.find((block) => block.id === sentence.blockId)!, sentence.start, sentence.end), score }));
}
