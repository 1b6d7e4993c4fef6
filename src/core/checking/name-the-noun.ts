import type { Question } from "../questions/question";
import type { CheckContext, Mend } from "./define-rule";
import { provedWords } from "./proved-words";
import { type SourcePhrase, sourcePhrases } from "./source-phrases";
import { sourceSentences } from "./source-sentences";

/** WordNet's file of persons. */
const PERSON = 18;

/** "What did he wind?" → "What did the keeper wind?": the first noun that agrees, in the sentence of the evidence or the one before it. */
export function nameTheNoun(question: Question, pronoun: string, { blocks, lexicon }: CheckContext): Mend | undefined {
  const [span] = question.evidence;
  if (!span) return undefined;
  const sentences = sourceSentences(blocks, lexicon);
  const at = sentences.findIndex(({ blockId, start, end }) => blockId === span.blockId && start <= span.start && end > span.start);
  if (at < 0) return undefined;
  const own = sentences[at]!;
  const before = sentences[at - 1]?.blockId === span.blockId ? [sentences[at - 1]!] : [];
  // Where the evidence opens with a pronoun itself, the sentence before says who or what it is about.
  const near = /^(?:he|she|it|they|his|her|its|their)\b/i.test(own.text) ? [...before, own] : [own, ...before];
  const phrases = near.flatMap((sentence) => sourcePhrases(blocks, lexicon).filter((phrase) => phrase.sentence === sentence));
  const noun = phrases.find((phrase) => agrees(phrase, pronoun.toLowerCase()) && !saysKey(question, phrase));
  if (!noun) return undefined;
  const known = noun.article === "a" ? noun.text.replace(/^an? /, "the ") : noun.text;
  const text = /^\p{Lu}/u.test(pronoun) ? known.charAt(0).toUpperCase() + known.slice(1) : known;
  const named = /^(?:his|its|their|her)$/i.test(pronoun) && isPossessive(question.stem, pronoun) ? `${text}${text.endsWith("s") ? "’" : "’s"}` : text;
  const to = question.stem.replace(new RegExp(`\\b${pronoun}\\b`), named);
  if (to === question.stem) return undefined;
  return { label: `Write “${named}”`, edits: [{ type: "set-stem", questionId: question.id, from: question.stem, to }] };
}

function agrees({ plural, isName, file }: SourcePhrase, pronoun: string): boolean {
  if (/^(?:they|them|their|theirs)$/.test(pronoun)) return plural;
  if (plural) return false;
  const isPerson = isName || file === PERSON;
  return /^(?:it|its)$/.test(pronoun) ? !isPerson : isPerson;
}

/** *her lamp* names an owner, *saw her* does not. */
function isPossessive(stem: string, pronoun: string): boolean {
  return pronoun.toLowerCase() !== "her" || new RegExp(`\\b${pronoun} \\p{L}`, "u").test(stem);
}

/** The noun is what is asked for. */
function saysKey(question: Question, { head }: SourcePhrase): boolean {
  return provedWords(question).toLowerCase().includes(head);
}
