import { headTerminal } from "../../language/tree";
import { createRandom, seedFrom } from "../../lib/random";
import type { SourceStock, Statement } from "../source-stock";
import type { Falsehood } from "./falsehood";

/** Persons of a story who are told of at least so often: a passer-by as the doer would give himself away. */
const FEWEST_MENTIONS = 3;

/**
 * "Mira built a snowman" → "Jonas built a snowman": another person of the story as the doer. Only where the
 * sentence itself names who did it, and the other does nothing of the kind anywhere.
 */
export function falsifyDoer({ sentence, phrasing, text }: Statement, { analysis, sentencesByLemma }: SourceStock, seed: number): Falsehood[] {
  const { clause, subject } = phrasing;
  const doer = analysis.persons.get(subject);
  if (!doer || headTerminal(clause.subject).cat !== "pn" || clause.negated || !text.startsWith(subject)) return [];
  const verb = (clause.verb.lemma ?? "").toLowerCase();
  const others = [...new Set(analysis.persons.values())].filter(
    (other) =>
      other !== doer && (other.mentions ?? 0) >= FEWEST_MENTIONS && !wordsOf(other.name).some((word) => `${sentence.text} ${text} ${doer.name}`.includes(word)),
  );
  const does = (name: string) =>
    (sentencesByLemma.get(verb) ?? []).some(
      (one) => one !== sentence && (wordsOf(name).some((word) => one.text.includes(word)) || /\b(?:he|she|they)\b/i.test(one.text)),
    );
  const fitting = others.filter(({ name }) => !does(name));
  if (fitting.length === 0) return [];
  const other = createRandom(seedFrom(text, seed)).shuffle(fitting)[0]!;
  const behind = text.slice(subject.length);
  // "Mira put on her coat": the his or her would tell.
  return /\b(?:his|her|him|he|she|himself|herself)\b/.test(behind) && other.gender !== doer.gender
    ? []
    : [{ text: `${other.name}${behind}`, how: "doer", from: subject, to: other.name }];
}

function wordsOf(name: string): string[] {
  return name.split(" ").filter((word) => word.length > 2);
}
