import { numberValue } from "../drafting/phrasing/number-forms";
import type { Lexicon } from "../language/lexicon";
import { kindOf } from "../questions/kinds";
import type { Question } from "../questions/question";
import type { Block } from "../source/schema";
import { contentWords, isDenial } from "./content-words";
import { type SourceSentence, shareOf, sourceSentences } from "./source-sentences";

/** What another source says of a question's key. */
export type SaidElsewhere = { sentence: string; blockId: string; says: "so" | "otherwise" };

/** Share of the question's words that a sentence must hold to speak of the same matter. */
const SAME_MATTER = 0.65;
const MOST = 3;

/**
 * Sentences of a source that speak of the same matter as a question: they say so where they hold the
 * key, and otherwise where they deny it or give another number of the same sort. Nothing more is claimed.
 */
export function askSource(question: Question, blocks: readonly Block[], lexicon: Lexicon): SaidElsewhere[] {
  const basesOf = (text: string) => [...new Set(contentWords(text, lexicon).map((word) => word.base))];
  const stem = basesOf(question.stem.replaceAll("____", " ")).filter((word) => !word.startsWith("#"));
  const key = question.kind === "true-false" ? basesOf(question.stem) : basesOf(kindOf(question.kind).keyText(question));
  if (stem.length < 2 || key.length === 0) return [];
  return sourceSentences(blocks, lexicon)
    .filter((sentence) => shareOf(stem, sentence) >= SAME_MATTER)
    .flatMap((sentence): (SaidElsewhere & { share: number })[] => {
      const says = verdictOn(sentence, key, question);
      return says ? [{ sentence: sentence.text, blockId: sentence.blockId, says, share: shareOf([...stem, ...key], sentence) }] : [];
    })
    .sort((a, b) => b.share - a.share)
    .slice(0, MOST)
    .map(({ share: _, ...said }) => said);
}

function verdictOn(sentence: SourceSentence, key: readonly string[], question: Question): SaidElsewhere["says"] | undefined {
  const holds = shareOf(key, sentence) >= 0.8;
  const denies = isDenial(sentence.text) !== isDenial(`${question.stem} ${kindOf(question.kind).keyText(question)}`);
  if (holds) return denies ? "otherwise" : "so";
  // "eleven miles" where the key is nine miles: the rest of the key is there, the number is another.
  const [number] = key.filter((word) => word.startsWith("#"));
  const others = [...sentence.bases].filter((word) => word.startsWith("#") && word !== number);
  const rest = key.filter((word) => !word.startsWith("#"));
  return number !== undefined && others.length > 0 && shareOf(rest, sentence) === (rest.length > 0 ? 1 : 0) && numberValue(number.slice(1)) !== undefined
    ? "otherwise"
    : undefined;
}
