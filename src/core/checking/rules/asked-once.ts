import type { Lexicon } from "../../language/lexicon";
import { visibleText } from "../../questions/kinds";
import type { Question } from "../../questions/question";
import { baseSet } from "../content-words";
import { defineRule } from "../define-rule";
import { provedWords } from "../proved-words";

/** Asking the same twice counts one piece of knowledge double. */
export const askedOnce = defineRule({
  id: "asked-once",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 5: keep each item independent",
  about: "No other question of the set asks the same.",
  appliesTo: "all",
  example: { good: "Why did keepers wear aprons? · What did keepers wear?", bad: "Why did keepers wear aprons? · For what reason did keepers wear aprons?" },
  messages: { twice: "Another question asks much the same: “{stem}”" },
  check(question, { others, lexicon }, report) {
    const own = wordsOf(question, lexicon);
    if (own.size < 2) return;
    const twin = others.find((other) => other.id !== question.id && sharesEvidence(question, other) && asksTheSame(question, other, lexicon));
    if (twin) report("twice", { stem: twin.stem });
  },
});

function asksTheSame(question: Question, other: Question, lexicon: Lexicon): boolean {
  // A summary and an essay are told how long they should be in like words; what is wanted of them is not the same.
  if (isToWrite(question) && isToWrite(other) && question.kind !== other.kind) return false;
  // A match of the same events with their years gives the order away.
  const isRow = (one: Question) => one.kind === "order" || one.kind === "match";
  if ((question.kind === "order") === (other.kind === "order") || (isRow(question) && isRow(other)))
    return likeness(wordsOf(question, lexicon), wordsOf(other, lexicon)) >= 0.75;
  // What is put in order is told, but not asked: the year of an event may be asked for beside it.
  const [single, row] = question.kind === "order" ? [other, question] : [question, other];
  const told = wordsOf(row, lexicon);
  return [...wordsOf(single, lexicon), ...baseSet(single.kind === "true-false" ? "" : provedWords(single), lexicon)].every((word) => told.has(word));
}

function isToWrite({ kind }: Question): boolean {
  return kind === "open-response" || kind === "essay";
}

const wordsByQuestion = new WeakMap<Question, Set<string>>();

function wordsOf(question: Question, lexicon: Lexicon): Set<string> {
  const known = wordsByQuestion.get(question) ?? baseSet(`${question.stem} ${askedText(question)}`, lexicon);
  wordsByQuestion.set(question, known);
  return known;
}

/** What is asked, without wrong answers: those speak of something else. */
function askedText(question: Question): string {
  switch (question.kind) {
    case "multiple-choice":
    case "two-part":
    case "select-all":
      return provedWords(question);
    default:
      return visibleText(question);
  }
}

function sharesEvidence(a: Question, b: Question): boolean {
  if (a.evidence.length === 0 || b.evidence.length === 0) return true;
  return a.evidence.some((span) => b.evidence.some((other) => span.blockId === other.blockId && span.start < other.end && other.start < span.end));
}

/** Share of the smaller set that the other has too (overlap coefficient). */
function likeness(a: ReadonlySet<string>, b: ReadonlySet<string>): number {
  if (b.size < 2) return 0;
  return [...a].filter((word) => b.has(word)).length / Math.min(a.size, b.size);
}
